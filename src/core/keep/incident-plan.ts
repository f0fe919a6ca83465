import { choice, group, list, over0, text, um, yesNo, RUNOUT_END } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { FINDING_FIELDS, INCIDENT_EVENTS, OFF_MACHINE, SCRAP } from './incident-fields.js';
import { incidentFindings } from './incident-findings.js';
import { seenIn, stepsAfter } from './incident-steps.js';

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
		const off = OFF_MACHINE.includes(values.event);
		const scrap = SCRAP.includes(values.event);
		const seen = seenIn(values.event, values.findings, values.runoutAimUm, values.runoutLimitUm);
		const done = new Set([
			...values.done,
			...(values.madeSafe ? ['make-safe'] : []),
			...(seen.cleaned ? ['clean-and-remeasure'] : [])
		]);
		const steps = stepsAfter({ ...seen, off, scrap, injury: values.injury }).map((code, i) => ({
			order: i + 1,
			code,
			done: done.has(code)
		}));
		const findings = incidentFindings(values, { ...seen, off, steps });
		return {
			steps,
			next: steps.find((step) => !step.done)?.code ?? null,
			wheelDisposition: scrap ? 'scrap' : 'quarantine',
			machineState: off ? 'not-involved' : findings.verdict === 'stop' ? 'locked-out' : 'ready-for-wheel',
			restartStation: scrap ? 'spec' : 'inspect',
			...findings.judged()
		};
	}
});
