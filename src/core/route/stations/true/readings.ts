import { choice, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { limitOf } from '../../../calculation/limits.js';
import { oddReading } from '../../../true/odd-reading.js';
import { pencilTouch } from '../../../true/pencil-touch.js';
import { preBalanceRule } from '../../../true/pre-balance-rule.js';
import { rimByHand } from '../../../true/rim-by-hand.js';
import { runout } from '../../../true/runout.js';
import { Evidence, partOf } from '../../evidence.js';
import { readThatCounts } from './known-runout.js';
import { fitCheck } from '../../../mount/fit-check.js';
import type { RecordFacts } from '../../../facts/records.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { StationId } from '../../station-names.js';
import { compute } from '../../compute-step.js';
import { pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';

/** What the rim may run out by in this shop. */
export const runoutLimitUm = (facts: Pick<SetupFacts, 'guidelines' | 'units'>): number =>
	limitOf(facts.guidelines.limits, runout, 'limitTirUm', facts.units);

/** How readings were taken once round; a dial may count the other way, and a reading that stands out is asked about. */
export const READ = [
	...pick(runout.fields, 'readingsUm', 'wheelTurned', 'startAngleDeg'),
	choice('dialCounts', 'When the wheel comes towards it', ['up', 'down'], {
		default: 'up',
		label: 'Dial counts'
	}),
	yesNo('oddKept', 'Read again and found so', { default: false, label: 'The odd reading is right' })
] as const;

interface Read {
	readingsUm: number[];
	wheelTurned: 'counter-clockwise' | 'clockwise';
	startAngleDeg: number;
	dialCounts: 'up' | 'down';
	oddKept: boolean;
}

/** Face angles of readings taken in equal steps. */
export const anglesOf = (v: Pick<Read, 'wheelTurned' | 'startAngleDeg'>, n: number): number[] =>
	Array.from(
		{ length: n },
		(_, k) => v.startAngleDeg + ((v.wheelTurned === 'clockwise' ? -1 : 1) * k * 360) / n
	);

/** The readings with + for what stands out. @throws InputFault when one of them stands out and nobody has said that it is right */
export function taken(values: Read): {
	readingsUm: number[];
	wheelTurned: Read['wheelTurned'];
	startAngleDeg: number;
} {
	const odd = values.oddKept
		? null
		: oddReading(values.readingsUm, anglesOf(values, values.readingsUm.length));
	if (odd)
		throw new InputFault(
			`readingsUm.${odd.index}`,
			'odd-reading',
			`Reading ${odd.index + 1} is ${odd.readUm} µm; the others say about ${odd.expectedUm.toFixed(0)} µm. Read it again, or say that it is right.`
		);
	return {
		readingsUm: values.dialCounts === 'down' ? values.readingsUm.map((r) => -r) : values.readingsUm,
		wheelTurned: values.wheelTurned,
		startAngleDeg: values.startAngleDeg
	};
}

/** What every way of reading the rim tells. */
interface RimRead {
	tirUm: number;
	eccentricityUm: number;
	highSpotAngleDeg: number;
}
/** By hand it is known how much at most, not where. */
type KnownRunout = Pick<RimRead, 'tirUm'> & Partial<RimRead>;

/** What is known of the rim on this mount, as what told it came to it. */
export function lastRead(facts: SetupFacts): RecordFacts<KnownRunout> | null {
	const read = readThatCounts(Evidence.of(facts));
	return partOf(read, runout) ?? partOf(read, pencilTouch) ?? partOf(read, rimByHand);
}

/** The same where it tells where the high spot is; null where nothing does. */
export function highSpotRead(facts: SetupFacts): RimRead | null {
	const read = lastRead(facts)?.output;
	if (read?.eccentricityUm === undefined || read.highSpotAngleDeg === undefined) return null;
	return { tirUm: read.tirUm, eccentricityUm: read.eccentricityUm, highSpotAngleDeg: read.highSpotAngleDeg };
}

/** The clearance found when the bore was tried on its seat. */
export const clearanceOf = (facts: SetupFacts): number | null =>
	Evidence.of(facts).of(fitCheck, 'mount', ['fit'])?.output.clearanceUm ?? null;

/** Whether this wheel is balanced before its first run, by its size and the order of this route. */
export function preBalance(facts: SetupFacts) {
	const wheel = wheelOf(facts);
	const at = (s: StationId) => facts.stations.indexOf(s);
	const school =
		at('balance') < 0
			? 'neutral-first'
			: at('balance') < at('true')
				? 'stand-first'
				: at('balance') > at('dress')
					? 'in-machine'
					: 'toolroom';
	return compute(facts, preBalanceRule, {
		wheelDiameterMm: wheel.diameterMm,
		wheelWidthMm: wheel.widthMm,
		school,
		hasBalanceWeights: (facts.mount?.weightCount ?? 0) > 0
	});
}
