import { measuredWith } from '../../basis.js';
import { AFTER_MOUNT } from '../after.js';
import { choice, keysOf } from '../../../calculation/field/index.js';
import type { Values } from '../../../calculation/fields.js';
import { needed } from '../../../calculation/needed.js';
import { InputFault } from '../../../calculation/fault.js';
import { worst } from '../../../calculation/verdict.js';
import { mountGlue } from '../../../mount/glue.js';
import { Evidence, type Recorded, partOf } from '../../evidence.js';
import type { RecordFacts } from '../../../facts/records.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { ADHESIVES, CUTS, assumedForces, assumedOf } from '../../../mount/usual-figures.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { optional, pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';

const MS_A_HOUR = 3_600_000;
const [cureH, potLife, strength, force] = pick(
	mountGlue.fields,
	'baseCureH',
	'potLifeMin',
	'shearStrengthMPa',
	'tangentialForceN'
);
const GLUE_FIELDS = [
	...pick(mountGlue.fields, 'done', 'temperatureC'),
	choice('adhesive', 'Where its data sheet is not at hand', keysOf(ADHESIVES), { label: 'Kind of adhesive' }),
	optional(cureH),
	...pick(mountGlue.fields, 'baseTemperatureC'),
	optional(potLife),
	...pick(mountGlue.fields, 'mixToBondMin', 'wheelHoleMm', 'studMm', 'bondLengthMm'),
	choice('cut', 'Where no force was measured', keysOf(CUTS), { label: 'Cut' }),
	optional(force),
	...pick(mountGlue.fields, 'axialForceN'),
	{ ...optional(strength), about: 'Of the data sheet' }
] as const;
type Typed = Values<typeof GLUE_FIELDS>;

/** The data sheet where it was read, what is usual for the kind of adhesive and of cut where it was not. @throws InputFault `missing` */
function figuresOf(values: Typed) {
	const glue = values.adhesive === null ? null : assumedOf(values.adhesive);
	const cut = values.cut === null ? null : assumedForces(values.cut);
	const given = {
		baseCureH: values.baseCureH ?? glue?.baseCureH ?? null,
		potLifeMin: values.potLifeMin ?? glue?.potLifeMin ?? null,
		tangentialForceN: values.tangentialForceN ?? cut?.tangentialForceN ?? null,
		shearStrengthMPa: values.shearStrengthMPa ?? glue?.shearStrengthMPa ?? CAUTIOUS_MPA
	};
	needed(given, [cureH, potLife], 'Read it off the data sheet, or pick the kind of adhesive.');
	needed(given, [force], 'Enter it, or pick how heavy the cut is.');
	return given;
}
/** Where neither data sheet nor kind is known. */
const CAUTIOUS_MPA = 10;

/** What of a joint nobody read or measured, in words; empty where everything was. */
export function assumedWords(entered: Readonly<Record<string, unknown>>): string {
	const values = entered as Partial<Typed>;
	return [
		values.adhesive &&
		[values.baseCureH, values.potLifeMin, values.shearStrengthMPa].some((x) => x === null || x === undefined)
			? assumedOf(values.adhesive).says
			: '',
		values.cut && (values.tangentialForceN === null || values.tangentialForceN === undefined)
			? assumedForces(values.cut).says
			: ''
	]
		.filter(Boolean)
		.join('; ');
}

/** The joint, at the moment it is made: from here the server's clock runs. */
export const glueStep = defineStep({
	station: 'mount',
	step: 'glue',
	title: 'Glue it on',
	invalidates: AFTER_MOUNT,
	fields: GLUE_FIELDS,
	compute(facts, { adhesive: _adhesive, cut: _cut, ...v }) {
		const figures = figuresOf({ ...v, adhesive: _adhesive, cut: _cut });
		const made = compute(facts, mountGlue, {
			...v,
			...figures,
			wheelDiameterMm: wheelOf(facts).diameterMm,
			elapsedH: 0
		});
		// That it is not cured yet is no fault of a joint just made: the line Cured waits for that.
		const reasons = made.output.reasons.filter((reason) => reason.code !== 'not-cured');
		const verdict = worst(reasons.map((reason) => reason.severity));
		return single({ ...made, output: { ...made.output, reasons, verdict } });
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
	basis: () => measuredWith('server clock'),
	online: 'the time it stood is taken by the clock there',
	fields: [],
	compute(facts) {
		const joint = curing(facts);
		if (!joint)
			throw new InputFault(
				'glue',
				'missing',
				'The joint was not recorded. Record it when it is made; the clock runs from there.'
			);
		return single(
			compute(facts, mountGlue, {
				...joint.record.input,
				elapsedH: Math.max(0, facts.nowMs - joint.atMs) / MS_A_HOUR
			})
		);
	}
});
