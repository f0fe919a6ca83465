import { text } from '../../../calculation/field/index.js';
import { mostPlayMm } from '../../../mount/bore-rule.js';
import { concentration } from '../../../spec/concentration.js';
import { gritSize } from '../../../spec/grit-size.js';
import { parseMarking } from '../../../spec/parse-marking.js';
import type { RackRow, RankAsked } from '../../../spec/rank-many.js';
import { rankRack } from '../../../spec/rank-rack.js';
import { shape } from '../../../spec/shape.js';
import { MOUNTED_POINT } from '../../../spec/shape-tables.js';
import { surfaceSpeed } from '../../../spec/surface-speed.js';
import { InputFault } from '../../../calculation/fault.js';
import type { OutputOf } from '../../../calculation/define.js';
import type { Effect } from '../../effect.js';
import { onOwnShank } from '../mount/mounting-method.js';
import { dressable } from '../dress/method.js';
import { requiredSpec } from '../brief/steps.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import type { Computed } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep, type Step } from '../../define-step.js';

/** Words for what rules a wheel out. */
export const EXCLUSION_WORDS: Readonly<Record<string, string>> = {
	quarantined: 'quarantined',
	scrapped: 'scrapped',
	expired: 'out of date',
	'rating-unknown': 'no marked speed',
	'rated-speed-too-low': 'rated speed too low',
	'bore-mismatch': 'wrong bore',
	'too-large': 'too large',
	'too-wide': 'too wide',
	'worn-out': 'worn out',
	held: 'held by another setup'
};

/** What ranking needs of a wheel. */
export const rackRow = (wheel: WheelFacts): RackRow => ({
	id: wheel.number,
	family: wheel.family,
	gritMeanUm: wheel.gritMeanUm,
	grade: wheel.grade,
	structure: wheel.structure,
	bond: wheel.bond,
	diameterMm: Math.min(wheel.diameterMm, wheel.newDiameterMm),
	widthMm: wheel.widthMm,
	boreMm: wheel.boreMm,
	minDiameterMm: wheel.minDiameterMm,
	newDiameterMm: wheel.newDiameterMm,
	ratedSpeedMps: wheel.ratedMps,
	ratedSpeedRpm: wheel.ratedRpm,
	state: wheel.state,
	expiresOn: wheel.expiresOn
});

const seatOf = (facts: SetupFacts): number => facts.mount?.seatMm ?? facts.machine.seatMm;

/** One wheel with its points. */
export type Ranked = OutputOf<typeof rankRack>['ranked'][number];

/** What the rack is ranked by: what the brief wishes, where it goes, and how much each part counts here. */
export function askedOf(facts: SetupFacts): RankAsked {
	const wish = requiredSpec(facts);
	return {
		today: facts.today,
		job: {
			family: wish.family,
			alternativeFamilies: wish.alternativeFamilies,
			gritMeanUm: wish.gritMeanUm,
			grade: wish.grade,
			structure: wish.structure,
			bond: wish.bond,
			minWidthMm: facts.brief.minWidthMm
		},
		machine: {
			maxDiameterMm: facts.machine.maxDiameterMm,
			maxWidthMm: facts.machine.maxWidthMm,
			boreMm: seatOf(facts),
			boreToleranceMm: mostPlayMm(seatOf(facts)),
			bushingBoresMm: [],
			spindleRpm: facts.machine.spindleRpm
		},
		weights: facts.guidelines.weights
	};
}

/** Wheels ranked for this brief on this machine's mount, with every part of their points. */
export function rankFor(
	facts: SetupFacts,
	wheels: readonly WheelFacts[]
): Computed<OutputOf<typeof rankRack>> {
	return compute(facts, rankRack, { ...askedOf(facts), candidates: wheels.map(rackRow) });
}

/** What is worked out about a wheel when it is taken: its marking read, its speed on this spindle, its shape, its concentration. */
function aboutWheel(facts: SetupFacts, wheel: WheelFacts): Computed[] {
	const marking = compute(facts, parseMarking, { text: wheel.marking });
	const list: Computed[] = [
		marking,
		compute(facts, surfaceSpeed, {
			diameterMm: Math.min(wheel.diameterMm, wheel.newDiameterMm),
			newDiameterMm: wheel.newDiameterMm,
			speedRpm: facts.machine.spindleRpm,
			ratedSpeedMps: wheel.ratedMps,
			ratedSpeedRpm: wheel.ratedRpm,
			machineMaxRpm: facts.machine.spindleRpmMax
		})
	];
	if (wheel.shape !== MOUNTED_POINT)
		list.push(
			compute(facts, shape, {
				type: wheel.shape,
				diameterMm: wheel.diameterMm,
				thicknessMm: wheel.widthMm,
				boreMm: wheel.boreMm
			})
		);
	const ways = facts.stations.includes('dress') ? dressable(facts) : null;
	if (ways) list.push(ways);
	const { grit: g, concentration: c } = marking.output;
	if (
		g &&
		g.meanUm !== null &&
		['F', 'FEPA', 'mesh'].includes(g.system) &&
		(g.system !== 'F' || g.secondNumber === null)
	)
		list.push(
			compute(facts, gritSize, {
				system: g.system,
				label: g.secondNumber === null ? String(g.number) : `${g.number}/${g.secondNumber}`
			})
		);
	if (c && (wheel.family === 'diamond' || wheel.family === 'cbn') && c.value >= 1 && c.value <= 240)
		list.push(compute(facts, concentration, { family: wheel.family, notation: c.notation, value: c.value }));
	return list;
}

/** The wheel that is asked for, ranked alone. @throws InputFault when it is not there, held elsewhere or ruled out */
function taken(
	facts: SetupFacts,
	number: string
): { wheel: WheelFacts; rank: Computed<OutputOf<typeof rankRack>> } {
	const wheel = facts.named.find((w) => w.number === number);
	const refuse = (code: string, says: string): InputFault => new InputFault('wheelNumber', code, says);
	if (!wheel) throw refuse('unknown-choice', `There is no wheel ${number} on the rack.`);
	if (wheel.heldBy !== null && wheel.heldBy !== facts.id)
		throw refuse('held', `Wheel ${number} is held by setup ${wheel.heldBy}. Take another one.`);
	const isPoint = wheel.shape === MOUNTED_POINT;
	if (isPoint !== onOwnShank(facts))
		throw refuse(
			'inconsistent',
			isPoint
				? `${number} is a mounted point: it runs on its own shank in a collet. Start its setup on the route "Mounted point".`
				: `Wheel ${number} has no shank for a collet. On this route only a mounted point is taken.`
		);
	const rank = rankFor(facts, [wheel]);
	const out = rank.output.excluded[0];
	if (!out) return { wheel, rank };
	const why = out.codes.map((code) => EXCLUSION_WORDS[code] ?? code).join(', ');
	throw refuse(out.codes[0]!, `Wheel ${number} is ruled out: ${why}.`);
}

/** A wheel that was kept on a mount comes back on it. */
function onItsMount(facts: SetupFacts, wheel: WheelFacts): Effect[] {
	const own = facts.mounts.find((mount) => mount.code === wheel.keptOn);
	return own && own.id !== facts.mount?.id ? [{ kind: 'use-mount', mountId: own.id }] : [];
}

/** One wheel taken from the rack as it stands at that moment; whatever was held before goes back. */
export const takeStep = defineStep({
	station: 'select',
	step: 'take',
	title: 'Take a wheel',
	fields: [text('wheelNumber', 'Its number', { required: true, maxLength: 20, label: 'Wheel' })],
	names: (v) => [v.wheelNumber],
	compute(facts, values) {
		const { wheel, rank } = taken(facts, values.wheelNumber);
		return { main: rank, secondary: aboutWheel({ ...facts, wheel }, wheel) };
	},
	effects(facts, values): Effect[] {
		const { wheel } = taken(facts, values.wheelNumber);
		const before = facts.wheel?.id === wheel.id ? null : facts.wheel;
		const given = before ? [before, ...facts.companions.map((companion) => companion.wheel)] : [];
		return [
			{ kind: 'take-wheel', wheelId: wheel.id, number: wheel.number },
			...onItsMount(facts, wheel),
			...given
				.filter((w) => w.state === 'mounted')
				.map((w): Effect => ({ kind: 'wheel-state', wheelId: w.id, state: 'available', reason: null })),
			...(before ? [{ kind: 'hold-wheels', wheelIds: [] } as const] : []),
			{ kind: 'ledger', wheelId: wheel.id, event: 'taken', diameterAfterMm: null, note: null }
		];
	}
});

/** Everything that can be recorded at Select. */
export const selectSteps: readonly Step[] = [takeStep];
