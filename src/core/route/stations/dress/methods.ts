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

/** Every method of dressing the station knows; those that are set and judged alike share one. */
export const METHODS: Readonly<Record<Method, DressingMethod>> = {
	'single-point': singlePointMethod,
	cluster: clusterMethod,
	'rotary-disc': discMethod,
	'rotary-form-roll': rollMethod,
	'crush-roll': crushMethod,
	'truing-wheel': truingMethod,
	'steel-block': truingMethod,
	stick: stickMethod,
	'wire-edm': wireMethod,
	'hand-cutter': handMethod
};
export const dressingMethod = (method: Method): DressingMethod => METHODS[method];
