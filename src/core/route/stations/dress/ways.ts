import type { Method } from '../../../dress/methods.js';
import type { DressWay } from './way.js';
import { clusterWay } from './ways/cluster.js';
import { crushWay } from './ways/crush.js';
import { discWay } from './ways/disc.js';
import { handWay } from './ways/hand.js';
import { rollWay } from './ways/roll.js';
import { singlePointWay } from './ways/single-point.js';
import { stickWay } from './ways/stick.js';
import { truingWay } from './ways/truing.js';
import { wireWay } from './ways/wire.js';

/** Every way of dressing the station knows. */
export const WAYS: readonly DressWay[] = [
	singlePointWay,
	clusterWay,
	discWay,
	rollWay,
	crushWay,
	truingWay,
	stickWay,
	wireWay,
	handWay
];
export const wayOf = (method: Method): DressWay => WAYS.find((w) => w.methods.includes(method))!;
