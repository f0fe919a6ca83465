import { text } from '../../../calculation/field/index.js';
import { concentration } from '../../../spec/concentration.js';
import { gritSize } from '../../../spec/grit-size.js';
import { parseMarking } from '../../../spec/parse-marking.js';
import { rankRack } from '../../../spec/rank-rack.js';
import { shape } from '../../../spec/shape.js';
import { surfaceSpeed } from '../../../spec/surface-speed.js';
import { InputFault } from '../../../calculation/fault.js';
import { briefStep } from '../brief/steps.js';
import type { SetupFacts, WheelFacts } from '../../facts.js';
import { type Computed, compute, defineStep } from '../../step.js';

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

const candidate = (w: WheelFacts) => ({
	id: w.number,
	family: w.family,
	gritMeanUm: w.gritMeanUm,
	grade: w.grade,
	structure: w.structure,
	bond: w.bond,
	diameterMm: Math.min(w.diameterMm, w.newDiameterMm),
	widthMm: w.widthMm,
	boreMm: w.boreMm,
	minDiameterMm: w.minDiameterMm,
	newDiameterMm: w.newDiameterMm,
	ratedSpeedMps: w.ratedMps,
	ratedSpeedRpm: w.ratedRpm,
	state: w.state,
	expiresOn: w.expiresOn
});

export interface Ranked {
	id: string;
	scorePoints: number;
	needsBushing: boolean;
	surfaceSpeedMps: number;
	remainingRadiusMm: number;
	parts: Record<string, number>;
}

/** The rack ranked for this brief on this machine's mount. */
export function rankFor(facts: SetupFacts, rack: readonly WheelFacts[]): Computed {
	const wish = (facts.records.find((r) => r.station === 'brief' && r.calculation === 'spec.recommend')
		?.output ?? briefStep.compute(facts, {} as never)[0]!.output) as {
		family: string;
		alternativeFamilies: string[];
		gritMeanUm: number;
		grade: string | null;
		structure: number | null;
		bond: string | null;
	};
	return compute(facts, rankRack, {
		today: facts.today,
		job: {
			family: wish.family,
			alternativeFamilies: wish.alternativeFamilies,
			gritMeanUm: wish.gritMeanUm,
			grade: wish.grade,
			structure: wish.structure,
			bond: wish.bond,
			minWidthMm: facts.minWidthMm
		},
		machine: {
			maxDiameterMm: facts.machine.maxDiameterMm,
			maxWidthMm: facts.machine.maxWidthMm,
			boreMm: facts.mount?.seatMm ?? facts.machine.seatMm,
			spindleRpm: facts.machine.spindleRpm
		},
		candidates: rack.map(candidate),
		weights: facts.guidelines.weights
	});
}

/** What is worked out about a wheel when it is taken: its marking read, its speed on this spindle, its shape, its concentration. */
export function aboutWheel(facts: SetupFacts, w: WheelFacts): Computed[] {
	const list = [
		compute(facts, parseMarking, { text: w.marking }),
		compute(facts, surfaceSpeed, {
			diameterMm: Math.min(w.diameterMm, w.newDiameterMm),
			newDiameterMm: w.newDiameterMm,
			speedRpm: facts.machine.spindleRpm,
			ratedSpeedMps: w.ratedMps,
			ratedSpeedRpm: w.ratedRpm,
			machineMaxRpm: facts.machine.spindleRpmMax
		}),
		compute(facts, shape, {
			type: w.shape,
			diameterMm: w.diameterMm,
			thicknessMm: w.widthMm,
			boreMm: w.boreMm
		})
	];
	const read = list[0]!.output as {
		concentration?: { notation: string; value: number } | null;
		grit?: { system: string; number: number; secondNumber: number | null; meanUm: number | null } | null;
	};
	const g = read.grit;
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
	const c = read.concentration;
	if (c && (w.family === 'diamond' || w.family === 'cbn') && c.value >= 1 && c.value <= 240)
		list.push(compute(facts, concentration, { family: w.family, notation: c.notation, value: c.value }));
	return list;
}

/** Takes one wheel; the server hands in the rack as it stands at that moment. @throws InputFault when the wheel is ruled out */
export function takeWheel(
	facts: SetupFacts,
	rack: readonly WheelFacts[],
	number: string
): { computed: Computed; wheel: WheelFacts } {
	const wheel = rack.find((w) => w.number === number);
	if (!wheel)
		throw new InputFault('wheelNumber', 'unknown-choice', `There is no wheel ${number} on the rack.`);
	if (wheel.heldBy !== null && wheel.heldBy !== facts.id)
		throw new InputFault(
			'wheelNumber',
			'held',
			`Wheel ${number} is held by setup ${wheel.heldBy}. Take another one.`
		);
	const computed = rankFor(facts, [wheel]);
	const out = (computed.output.excluded as { id: string; codes: string[] }[])[0];
	if (out)
		throw new InputFault(
			'wheelNumber',
			out.codes[0]!,
			`Wheel ${number} is ruled out: ${out.codes.map((c) => EXCLUSION_WORDS[c] ?? c).join(', ')}.`
		);
	return { computed, wheel };
}

export const takeStep = defineStep({
	station: 'select',
	step: 'take',
	title: 'Take a wheel',
	fields: [text('wheelNumber', 'Its number', { required: true, maxLength: 20, label: 'Wheel' })],
	compute: () => {
		throw new InputFault(
			'wheelNumber',
			'missing',
			'A wheel is taken from the rack as it stands on the server.'
		);
	},
	event: () => ({ kind: 'taken', diameterAfterMm: null, note: null })
});
