import type { Method } from '../../../dress/methods.js';
import type { DressingMethod } from './way.js';
import { clusterMethod } from './ways/cluster.js';
import { crushMethod } from './ways/crush.js';
import { discMethod } from './ways/disc.js';
import { handMethod } from './ways/hand.js';
import { rollMethod } from './ways/roll.js';
import { singlePointMethod } from './ways/single-point.js';
import { stickMethod } from './ways/stick.js';
import { truingMethod } from './ways/truing.js';
import { wireMethod } from './ways/wire.js';

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
