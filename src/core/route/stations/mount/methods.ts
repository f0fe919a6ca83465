import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, line } from '../../gate.js';
import type { Gate, Station } from '../station.js';
import { bench } from './methods/bench.js';
import { flange } from './methods/flange.js';
import { neutralAsked, neutralLines } from './neutral.js';
import { pack } from './methods/pack.js';
import { point } from './methods/point.js';
import { quill } from './methods/quill.js';
import { toolPost } from './methods/tool-post.js';
import type { MountPart, Mounting, MountingMethod } from './mounting-method.js';

/** Every way a wheel can be held. */
export const METHODS: Readonly<Record<Mounting, MountingMethod>> = {
	flange,
	pack,
	quill,
	point,
	bench,
	'tool-post': toolPost
};

/** How the wheel of this setup is held. */
export const mountingMethod = (facts: Pick<SetupFacts, 'route'>): MountingMethod =>
	METHODS[facts.route.mounting];

/** What must hold before the first start, by how the wheel is held. */
export const mountGate: Gate = (facts, evidence) => [
	...occupiedLine(facts),
	...mountingMethod(facts).gate(facts, evidence),
	...neutralLines(facts, evidence)
];

/** The parts of the bench of this setup. */
export const partsOfMounting = (facts: SetupFacts): readonly MountPart[] => [
	...mountingMethod(facts).parts,
	...(neutralAsked(facts) ? [{ id: 'neutral', title: 'Weights neutral', lines: ['neutral'] } as const] : [])
];

/** One wheel on a spindle and on a mount: said only while another one stands there. */
function occupiedLine({ occupied: o }: SetupFacts): GateLine[] {
	if (!o) return [];
	if (o.setupId === null)
		return [
			line({
				key: OCCUPIED,
				title: 'Spindle and mount free',
				state: 'stop',
				value: `Wheel ${o.wheel} is kept on mount ${o.mount} in the rack. Take another mount, or take that wheel off it on its page.`
			})
		];
	const where = o.mount === null ? `on ${o.machine}` : `on mount ${o.mount}, on ${o.machine}`;
	const value = `Wheel ${o.wheel} of setup ${o.setupId} is ${where}. Take it off there first.`;
	return [line({ key: OCCUPIED, title: 'Spindle and mount free', state: 'stop', value })];
}
const OCCUPIED = 'occupied';

/** Nothing is tightened before what it clamps is right; a joint cures after it is made. */
export const mountOrder: Station['order'] = (facts) => {
	const way = mountingMethod(facts);
	const first = Object.fromEntries(
		[...way.steps.map((step) => step.step), 'thread', 'neutral'].map((step) => [step, [OCCUPIED]])
	);
	return { ...first, tighten: [OCCUPIED, ...way.beforeTightening], cured: [OCCUPIED, 'glued'] };
};
