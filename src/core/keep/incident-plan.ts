import {
	choice,
	from0,
	group,
	list,
	over0,
	text,
	um,
	yesNo,
	RUNOUT_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';

export const INCIDENT_EVENTS = [
	'burst',
	'hard-crash',
	'light-touch',
	'overspeed',
	'vibration',
	'power-loss-in-cut',
	'dropped-wheel',
	'dull-ring'
] as const;
export type IncidentEvent = (typeof INCIDENT_EVENTS)[number];
/** The machine itself was hit. */
export const MECHANICAL: readonly string[] = ['burst', 'hard-crash', 'light-touch', 'overspeed'];
const OFF_MACHINE: readonly string[] = ['dropped-wheel', 'dull-ring'];
const SCRAP: readonly string[] = ['burst', 'hard-crash', 'overspeed', ...OFF_MACHINE];

const seen = <const N extends string>(name: N, about: string) => yesNo(name, about);
const runout = <const N extends string>(name: N, about: string) => um(name, about, from0(5000));

/** Why something ran into something. */
const CAUSES = [
	'work-not-held',
	'wrong-dial-way',
	'wrong-offset',
	'dresser-left-on',
	'stop-not-set',
	'other'
] as const;
/** Asked where it applies; the plan is worked without them. */
const WHERE_IT_APPLIES: readonly string[] = [
	'taperRunoutAgainUm',
	'flangeRunoutAgainUm',
	'cause',
	'causeNote'
];

/** What is looked at after something went wrong. */
export const FINDING_FIELDS = [
	choice('guard', 'Guard', ['sound', 'damaged']),
	choice('flange', 'Flanges', ['sound', 'light-burr', 'bent', 'cracked']),
	choice('taper', 'Spindle taper', ['sound', 'light-galling', 'severe-galling']),
	runout('taperRunoutUm', 'Run-out of the taper'),
	runout('flangeRunoutUm', 'Run-out of the flange'),
	runout('taperRunoutAgainUm', 'Taper, after cleaning'),
	runout('flangeRunoutAgainUm', 'Flange, after cleaning'),
	seen('polishMarks', 'Polish marks'),
	seen('chuckHighSpots', 'Lumps on the chuck'),
	seen('chuckGouges', 'Hollows in the chuck'),
	seen('spindleNoise', 'Spindle noisy'),
	choice('cause', 'Why it happened', CAUSES),
	text('causeNote', 'In a sentence', { maxLength: 300, label: 'Why, in words' })
] as const;

/** After something went wrong: what to do, in order, before the machine or the wheel is used again. */
export const incidentPlan = defineCalculation({
	id: 'keep.incident-plan',
	title: 'Something is wrong',
	about:
		'Make it safe, care for people, tag, look, measure, mend, and start the route again. A wheel that was hit is scrap even when it rings.',
	source:
		'General safety practice; run-out limits are guidelines. A repair is closed by looking again, never by overriding.',
	formulas: ['locked out while any stop is open'],
	fields: [
		choice('event', 'The nearest of these', INCIDENT_EVENTS, { required: true, label: 'What happened' }),
		yesNo('injury', 'Even lightly', { required: true, label: 'Somebody is hurt' }),
		yesNo('madeSafe', 'Stopped, isolated, locked', { required: true, label: 'Made safe' }),
		um('runoutAimUm', 'Aim', {
			...over0(50),
			...RUNOUT_END,
			inch: { ...RUNOUT_END.inch, default: 5.08 },
			guideline: true,
			label: 'Run-out, aim',
			default: 5,
			advanced: true
		}),
		um('runoutLimitUm', 'Limit', {
			...over0(50),
			...RUNOUT_END,
			inch: { ...RUNOUT_END.inch, default: 25.4 },
			guideline: true,
			label: 'Run-out, limit',
			default: 25,
			advanced: true
		}),
		um('taperLimitUm', 'Of a taper or seat that was hit; no such limit when empty', {
			...over0(1000),
			label: 'Run-out of the taper, limit',
			advanced: true
		}),
		list('done', 'Steps done', text('step', 'Step', { required: true, maxLength: 60 }), {
			default: [] as string[],
			maxItems: 60
		}),
		group('findings', 'What was found; empty until looked at', FINDING_FIELDS)
	],
	outputs: [
		{ name: 'next', about: 'Do this now', main: true },
		{ name: 'machineState', about: 'Machine' },
		{ name: 'wheelDisposition', about: 'Wheel' },
		{ name: 'restartStation', about: 'Starts again at' },
		{ name: 'steps', about: 'In order' }
	],
	example: {
		event: 'hard-crash',
		injury: false,
		madeSafe: true,
		findings: {
			guard: 'sound',
			flange: 'light-burr',
			taper: 'sound',
			taperRunoutUm: 3,
			flangeRunoutUm: 14,
			polishMarks: false,
			chuckHighSpots: true,
			chuckGouges: true,
			spindleNoise: false
		},
		done: ['record-and-tag', 'scrap-wheel', 'inspect-guard', 'inspect-flange']
	},
	compute(values) {
		const mechanical = MECHANICAL.includes(values.event);
		const off = OFF_MACHINE.includes(values.event);
		const scrap = SCRAP.includes(values.event);
		const listen = values.event === 'vibration' || values.event === 'power-loss-in-cut';
		const f = values.findings ?? {
			guard: null,
			flange: null,
			taper: null,
			taperRunoutUm: null,
			flangeRunoutUm: null,
			taperRunoutAgainUm: null,
			flangeRunoutAgainUm: null,
			cause: null,
			causeNote: null,
			polishMarks: null,
			chuckHighSpots: null,
			chuckGouges: null,
			spindleNoise: null
		};
		const dirty = (first: number | null) => first !== null && first > values.runoutAimUm;
		const overAim = dirty(f.taperRunoutUm) || dirty(f.flangeRunoutUm);
		/** What was read after cleaning counts; without it, what was read before. */
		const taperUm = f.taperRunoutAgainUm ?? f.taperRunoutUm;
		const runouts = [taperUm, f.flangeRunoutAgainUm ?? f.flangeRunoutUm].filter((n) => n !== null);
		const again =
			overAim &&
			(!dirty(f.taperRunoutUm) || f.taperRunoutAgainUm !== null) &&
			(!dirty(f.flangeRunoutUm) || f.flangeRunoutAgainUm !== null);
		const overLimit = runouts.some((n) => n >= values.runoutLimitUm);
		const bad = f.flange === 'bent' || f.flange === 'cracked';
		const codes: string[] = [];
		const step = (code: string, when = true) => {
			if (when && !codes.includes(code)) codes.push(code);
		};
		step('make-safe', !off);
		step('care-for-people', values.injury);
		step('record-and-tag');
		step(scrap ? 'scrap-wheel' : 'quarantine-and-retest-wheel');
		if (mechanical) {
			step('inspect-guard');
			step('repair-guard', f.guard === 'damaged');
			step('inspect-flange');
			step('stone-flange', f.flange === 'light-burr');
			step('replace-flange', bad);
			step('inspect-taper');
			step('polish-taper', f.taper === 'light-galling');
			step('spindle-service', f.taper === 'severe-galling');
			step('measure-taper-runout');
			step('measure-flange-runout');
			step('polish-marks', f.polishMarks === true);
			step('clean-and-remeasure', overAim);
			step('listen-to-spindle');
			step('spindle-service', f.spindleNoise === true || overLimit);
			step('inspect-chuck');
			step('stone-chuck-high-spots', f.chuckHighSpots === true);
			step('leave-gouges', f.chuckGouges === true && f.chuckHighSpots !== true);
		}
		if (listen) {
			step('listen-to-spindle');
			step('spindle-service', f.spindleNoise === true);
		}
		step(scrap ? 'full-route-new-wheel' : 'full-route-retest');
		const done = new Set([
			...values.done,
			...(values.madeSafe ? ['make-safe'] : []),
			...(again ? ['clean-and-remeasure'] : [])
		]);
		const steps = codes.map((code, i) => ({ order: i + 1, code, done: done.has(code) }));
		const findings = new Findings()
			.stop('not-made-safe', !values.madeSafe && !off, 'Stop it, isolate it, lock it. Nothing else first.')
			.stop('injury', values.injury && !done.has('care-for-people'), 'People before machines.')
			.stop(
				'findings-missing',
				mechanical
					? Object.entries(f).some(([name, x]) => x === null && !WHERE_IT_APPLIES.includes(name))
					: listen && f.spindleNoise === null,
				'Not everything has been looked at.'
			)
			.stop('guard-damaged', mechanical && f.guard === 'damaged', 'The guard is damaged.')
			.stop('flange-damaged', mechanical && bad, 'A flange is bent or cracked.')
			.stop('taper-galled', mechanical && f.taper === 'severe-galling', 'The taper is badly galled.')
			.stop('runout-over-limit', mechanical && overLimit, 'Run-out over the limit.')
			.stop(
				'taper-runout',
				mechanical && values.taperLimitUm !== null && taperUm !== null && taperUm > values.taperLimitUm,
				`The taper runs out ${taperUm} µm after it was hit, limit ${values.taperLimitUm} µm. Nothing is mounted on it; have it looked at.`
			)
			.stop('spindle-noise', (mechanical || listen) && f.spindleNoise === true, 'The spindle is noisy.')
			.caution(
				'runout-above-aim',
				mechanical && runouts.some((n) => n > values.runoutAimUm && n < values.runoutLimitUm),
				'Run-out above the aim.'
			)
			.caution('flange-burr', mechanical && f.flange === 'light-burr', 'A light burr on a flange.')
			.caution(
				'taper-light-galling',
				mechanical && f.taper === 'light-galling',
				'Light galling on the taper.'
			)
			.caution('polish-marks', mechanical && f.polishMarks === true, 'Polish marks.')
			.caution(
				'chuck-high-spots',
				mechanical && f.chuckHighSpots === true,
				'Lumps on the chuck lift the work.'
			)
			.stop(
				'steps-open',
				steps.slice(0, -1).some((s) => !s.done),
				'Steps are still open.'
			);
		return {
			steps,
			next: steps.find((s) => !s.done)?.code ?? null,
			wheelDisposition: scrap ? 'scrap' : 'quarantine',
			machineState: off ? 'not-involved' : findings.verdict === 'stop' ? 'locked-out' : 'ready-for-wheel',
			restartStation: scrap ? 'spec' : 'inspect',
			...findings.judged()
		};
	}
});
