import { InputFault } from '../../../calculation/fault.js';
import { worst } from '../../../calculation/verdict.js';
import { mountGlue } from '../../../mount/glue.js';
import { Evidence, type Recorded, partOf } from '../../evidence.js';
import type { RecordFacts, SetupFacts } from '../../facts.js';
import { alone, compute, defineStep, pick, wheelOf } from '../../step.js';

const MS_A_HOUR = 3_600_000;
const GLUE_FIELDS = pick(
	mountGlue.fields,
	'done',
	'temperatureC',
	'baseCureH',
	'baseTemperatureC',
	'potLifeMin',
	'mixToBondMin',
	'wheelHoleMm',
	'studMm',
	'bondLengthMm',
	'tangentialForceN',
	'axialForceN',
	'shearStrengthMPa'
);
/** The joint, at the moment it is made: from here the server's clock runs. */
export const glueStep = defineStep({
	station: 'mount',
	step: 'glue',
	title: 'Glue it on',
	fields: GLUE_FIELDS,
	compute(facts, v) {
		const made = compute(facts, mountGlue, { ...v, wheelDiameterMm: wheelOf(facts).diameterMm, elapsedH: 0 });
		// That it is not cured yet is no fault of a joint just made: the line Cured waits for that.
		const reasons = made.output.reasons.filter((r) => r.code !== 'not-cured');
		const verdict = worst(reasons.map((r) => r.severity));
		return alone({ ...made, output: { ...made.output, reasons, verdict } });
	}
});

/** What was found out about a joint. */
export const jointOf = (recorded: Pick<Recorded, 'parts'> | null) => partOf(recorded, mountGlue);

/** The joint that cures now: when it was made and how long it has to stand, by the server's clock. */
export function curing(facts: SetupFacts): { record: RecordFacts; atMs: number; requiredS: number } | null {
	const recorded = Evidence.of(facts).step(glueStep);
	const record = partOf(recorded, mountGlue);
	return record && recorded?.verdict !== 'stop'
		? { record, atMs: record.atMs, requiredS: 3600 * record.output.requiredCureH }
		: null;
}
export const curedStep = defineStep({
	station: 'mount',
	step: 'cured',
	title: 'Cured',
	fields: [],
	compute(facts) {
		const joint = curing(facts);
		if (!joint)
			throw new InputFault(
				'glue',
				'missing',
				'The joint was not recorded. Record it when it is made; the clock runs from there.'
			);
		return alone(
			compute(facts, mountGlue, {
				...joint.record.input,
				elapsedH: Math.max(0, facts.nowMs - joint.atMs) / MS_A_HOUR
			})
		);
	}
});
