import { foundBy } from '../../basis.js';
import { workHolding } from '../../../set/work-holding.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { type Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText } from '../../gate-text.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick, without } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';

/** What holds the work on this machine as a rule. */
export const usualHolding = (facts: Pick<SetupFacts, 'machine'>): 'magnet' | 'vise' | 'centres' =>
	(
		({
			'surface-toolroom': 'magnet',
			'creep-feed': 'magnet',
			cylindrical: 'centres',
			lathe: 'centres'
		}) as const
	)[facts.machine.kind as 'cylindrical'] ?? 'vise';

/** The work is held: reckoned for the cut, and pushed hard by hand before it. */
export const holdStep = defineStep({
	station: 'prove',
	step: 'hold',
	title: 'Hold the work',
	basis: () => foundBy('pushed by hand'),
	// The push by hand comes last, when all else is set.
	fields: [
		...without(workHolding.fields, 'wheelSpeedMps', 'holdingConfirmed'),
		...pick(workHolding.fields, 'holdingConfirmed')
	] as const,
	compute: (facts, values) =>
		single(
			compute(facts, workHolding, {
				...values,
				wheelSpeedMps: surfaceSpeedMps(wheelOf(facts).diameterMm, facts.machine.spindleRpm)
			})
		)
});

/** Fields that only one way of holding asks for. */
const ONLY: Readonly<Record<string, readonly string[]>> = {
	magnet: [
		'chuckPressureNPerCm2',
		'contactAreaMm2',
		'partHeightMm',
		'baseLengthMm',
		'poleCoverage',
		'blocking',
		'stopHeightMm'
	],
	vise: ['clampForceN'],
	centres: ['workDiameterMm', 'driveTorqueNm']
};
/** Whether a field is asked for this way of holding. */
export const askedForHolding = (name: string, method: unknown): boolean =>
	!Object.entries(ONLY).some(([way, names]) => names.includes(name) && way !== method);

/** Whether the work is held, for the release sheet; null while nobody looked. */
export function workHeld(evidence: Evidence): boolean | null {
	const recorded = evidence.step(holdStep);
	return recorded ? recorded.verdict !== 'stop' && recorded.entered.holdingConfirmed === true : null;
}

/** Said once it was looked at. */
export function holdLines(evidence: Evidence): GateLine[] {
	const recorded = evidence.step(holdStep);
	if (!recorded) return [];
	const ratio = partOf(recorded, workHolding)?.output.ratio ?? null;
	return [
		line({
			key: 'held',
			title: 'Work is held',
			from: recorded,
			accepts: UNLESS_STOPPED,
			value: recordedText(
				recorded,
				ratio === null ? 'blocked in' : `${ratio.toFixed(1)} times the push of the cut`
			),
			waiting: ''
		})
	];
}
