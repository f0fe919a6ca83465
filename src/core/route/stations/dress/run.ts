import { crush } from '../../../dress/crush.js';
import { wireEdm } from '../../../dress/edm.js';
import { dressPlan } from '../../../dress/plan.js';
import { rotaryPlunge } from '../../../dress/rotary-plunge.js';
import { floorKind } from '../../../numeric/rounding.js';
import { dialFactor } from '../../../set/dial.js';
import { superabrasiveTrue } from '../../../dress/superabrasive-true.js';
import type { Evidence, Known } from '../../evidence.js';
import type { MachineFacts } from '../../../facts/shop.js';
import type { RecordFacts } from '../../../facts/records.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import type { Chosen } from './method.js';

/** Passes of one kind, one after the other. */
export interface Leg {
	kind: 'rough' | 'fine' | 'no feed';
	passes: number;
	/** Each of them, on the radius; on the face of a cup off its rim. */
	biteUm: number;
}
/** What is to be run, and what the wheel will measure afterwards. */
export interface Run {
	legs: readonly Leg[];
	/** Off the wheel itself, on the radius or off the face. */
	takenUm: number;
	diameterAfterMm: number;
	timeS: number;
}

const bites = (...legs: Leg[]): readonly Leg[] => legs.filter((leg) => leg.passes > 0);
const SETTING = ['settings', 'cluster', 'disc', 'roll', 'crush', 'truing', 'wire'] as const;

/** The passes of the way that was set. Null where none are counted: a stick is pressed, a hand goes until it is straight. */
export function runOf(facts: SetupFacts, evidence: Evidence, chosen: Chosen): Run | null {
	const of = <O extends object>(c: Known<O>): RecordFacts<O> | null => {
		const found = evidence.of(c, 'dress', SETTING);
		return found && found.id > chosen.since ? found : null;
	};
	const plan = of(dressPlan);
	if (plan && POINTS.includes(chosen.method)) {
		const { finishPasses, totalPasses, totalDepthUm, timeS, diameterAfterMm } = plan.output;
		const biteUm = finishPasses ? totalDepthUm / finishPasses : 0;
		return {
			legs: bites(
				{ kind: 'fine', passes: finishPasses, biteUm },
				{ kind: 'no feed', passes: totalPasses - finishPasses, biteUm: 0 }
			),
			takenUm: totalDepthUm,
			diameterAfterMm,
			timeS
		};
	}
	const roll = chosen.method === 'rotary-form-roll' ? of(rotaryPlunge) : null;
	if (roll)
		return {
			legs: [{ kind: 'fine', passes: 1, biteUm: Number(roll.input.totalDepthUm) }],
			takenUm: Number(roll.input.totalDepthUm),
			diameterAfterMm: roll.output.diameterAfterMm,
			timeS: roll.output.totalTimeS
		};
	const crushed = chosen.method === 'crush-roll' ? of(crush) : null;
	if (crushed)
		return {
			legs: [{ kind: 'rough', passes: 1, biteUm: Number(crushed.input.totalDepthUm) }],
			takenUm: Number(crushed.input.totalDepthUm),
			diameterAfterMm: crushed.output.diameterAfterMm,
			timeS: crushed.output.timeS
		};
	const trued = of(superabrasiveTrue);
	if (trued && WORN.includes(chosen.method)) {
		const output = trued.output;
		return {
			legs: bites(
				{ kind: 'rough', passes: output.roughStrokes, biteUm: output.roughBiteUm },
				{ kind: 'fine', passes: output.fineStrokes, biteUm: output.fineBiteUm },
				{ kind: 'no feed', passes: output.sparkOutStrokes, biteUm: 0 }
			),
			takenUm: output.radialStockUm,
			diameterAfterMm: output.wheelDiameterAfterMm,
			timeS: output.timeS
		};
	}
	const eroded = chosen.method === 'wire-edm' ? of(wireEdm) : null;
	if (!eroded) return null;
	const o = eroded.output;
	const [stock, fine] = [Number(eroded.input.formStockUm), Number(eroded.input.finishStockUm)];
	return {
		legs: bites(
			{
				kind: 'rough',
				passes: o.roughPasses,
				biteUm: o.roughPasses ? (stock + Number(eroded.input.runoutTirUm) - fine) / o.roughPasses : 0
			},
			{ kind: 'fine', passes: o.finishPasses, biteUm: o.finishPasses ? fine / o.finishPasses : 0 }
		),
		takenUm: (1000 * (Number(eroded.input.wheelDiameterMm) - o.wheelDiameterAfterMm)) / 2,
		diameterAfterMm: o.wheelDiameterAfterMm,
		timeS: o.timeS
	};
}
const POINTS: readonly string[] = ['single-point', 'cluster', 'rotary-disc'];
const WORN: readonly string[] = ['truing-wheel', 'steel-block'];

export const passesIn = (run: Run): number => run.legs.reduce((n, l) => n + l.passes, 0);
/** The leg a pass belongs to, counting from 0; null beyond the last. */
export function legAt(run: Run, pass: number): Leg | null {
	let before = 0;
	for (const leg of run.legs) {
		before += leg.passes;
		if (pass < before) return leg;
	}
	return null;
}
/** What was fed in by so many passes, in um. */
export function fedBy(run: Run, passes: number): number {
	let [left, sum] = [passes, 0];
	for (const leg of run.legs) {
		const n = Math.min(left, leg.passes);
		sum += n * leg.biteUm;
		left -= n;
	}
	return sum;
}

/** What one division of a handwheel moves, on the radius; null where the shop does not know it, or a control sets any bite. */
export const handwheelStepUm = (
	m: Pick<MachineFacts, 'dialDivisionUm' | 'dialReads' | 'axes'>
): number | null =>
	m.dialDivisionUm && m.axes !== 'cnc' ? m.dialDivisionUm / dialFactor(m.dialReads) : null;

/** A bite in divisions of the machine's own dial; null where the shop does not know them. */
export function divisions(
	m: Pick<MachineFacts, 'dialDivisionUm' | 'dialReads'>,
	biteUm: number
): number | null {
	if (!m.dialDivisionUm) return null;
	return (biteUm * dialFactor(m.dialReads)) / m.dialDivisionUm;
}

/** How much of the wheel is left for such dresses. */
export function dressesLeft(
	w: Pick<WheelFacts, 'diameterMm' | 'minDiameterMm' | 'rimDepthMm' | 'rimWidthMm'>,
	takenUm: number
): number | null {
	if (!(takenUm > 0)) return null;
	const leftMm = w.rimWidthMm === null ? (w.diameterMm - w.minDiameterMm) / 2 : w.rimDepthMm;
	return leftMm === null ? null : Math.max(0, floorKind((1000 * leftMm) / takenUm));
}
