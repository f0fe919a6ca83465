import type { Method } from '../../../dress/methods.js';
import type { DressingMethod } from './dressing-method.js';
import { clusterMethod } from './methods/cluster.js';
import { crushMethod } from './methods/crush.js';
import { discMethod } from './methods/disc.js';
import { handMethod } from './methods/hand.js';
import { rollMethod } from './methods/roll.js';
import { singlePointMethod } from './methods/single-point.js';
import { stickMethod } from './methods/stick.js';
import { truingMethod } from './methods/truing.js';
import { wireMethod } from './methods/wire.js';

/** Every way of dressing the station knows. */
export const METHODS: readonly DressingMethod[] = [
	singlePointMethod,
	clusterMethod,
	discMethod,
	rollMethod,
	crushMethod,
	truingMethod,
	stickMethod,
	wireMethod,
	handMethod
];
export const dressingMethod = (method: Method): DressingMethod =>
	METHODS.find((w) => w.methods.includes(method))!;
