import { Findings } from '../calculation/verdict.js';
import type { Seen } from './incident-steps.js';

/** Asked where it applies; the plan is worked without them. */
const WHERE_IT_APPLIES: readonly string[] = [
	'taperRunoutAgainUm',
	'flangeRunoutAgainUm',
	'cause',
	'causeNote'
];

/** What keeps the machine locked after an incident, and what is only said. */
export function incidentFindings(
	values: {
		madeSafe: boolean;
		injury: boolean;
		runoutAimUm: number;
		runoutLimitUm: number;
		taperLimitUm: number | null;
	},
	{
		mechanical,
		listen,
		found,
		taperUm,
		runouts,
		overLimit,
		flangeUseless,
		off,
		steps
	}: Seen & { off: boolean; steps: readonly { code: string; done: boolean }[] }
): Findings {
	const isOpen = (code: string) => steps.some((step) => step.code === code && !step.done);
	return new Findings()
		.stop('not-made-safe', !values.madeSafe && !off, 'Stop it, isolate it, lock it. Nothing else first.')
		.stop('injury', values.injury && isOpen('care-for-people'), 'People before machines.')
		.stop(
			'findings-missing',
			mechanical
				? Object.entries(found).some(([name, value]) => value === null && !WHERE_IT_APPLIES.includes(name))
				: listen && found.spindleNoise === null,
			'Not everything has been looked at.'
		)
		.stop('guard-damaged', mechanical && found.guard === 'damaged', 'The guard is damaged.')
		.stop('flange-damaged', mechanical && flangeUseless, 'A flange is bent or cracked.')
		.stop('taper-galled', mechanical && found.taper === 'severe-galling', 'The taper is badly galled.')
		.stop('runout-over-limit', mechanical && overLimit, 'Run-out over the limit.')
		.stop(
			'taper-runout',
			mechanical && values.taperLimitUm !== null && taperUm !== null && taperUm > values.taperLimitUm,
			`The taper runs out ${taperUm} µm after it was hit, limit ${values.taperLimitUm} µm. Nothing is mounted on it; have it looked at.`
		)
		.stop('spindle-noise', (mechanical || listen) && found.spindleNoise === true, 'The spindle is noisy.')
		.caution(
			'runout-above-aim',
			mechanical && runouts.some((um) => um > values.runoutAimUm && um < values.runoutLimitUm),
			'Run-out above the aim.'
		)
		.caution('flange-burr', mechanical && found.flange === 'light-burr', 'A light burr on a flange.')
		.caution(
			'taper-light-galling',
			mechanical && found.taper === 'light-galling',
			'Light galling on the taper.'
		)
		.caution('polish-marks', mechanical && found.polishMarks === true, 'Polish marks.')
		.caution(
			'chuck-high-spots',
			mechanical && found.chuckHighSpots === true,
			'Lumps on the chuck lift the work.'
		)
		.stop(
			'steps-open',
			steps.slice(0, -1).some((step) => !step.done),
			'Steps are still open.'
		);
}
