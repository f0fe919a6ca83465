import { between, from0, group, inUnit, list, over0, text, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { type NumberField, labelOf } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

const yes = <const N extends string>(name: N, label: string, about: string) => yesNo(name, about, { label });
const value = <const N extends string>(name: N, unit: NumberField['unit'], max: number, about: string) =>
	inUnit(unit)(name, about, from0(max));
const limit = <const N extends string>(name: N, unit: NumberField['unit'], max: number, about: string) =>
	inUnit(unit)(name, about, over0(max));

const signed = <const N extends string>(name: N, about: string) => um(name, about, between(-1e5, 1e5));

type Rule = {
	name: string;
	limit?: string;
	wanted?: boolean;
	safety?: boolean;
	fail: string;
	says: string;
	far?: { ratio: number; code: string; says: string };
	/** Left out of the sheet when this holds. */ leaveOut?: (
		sheet: Record<string, boolean | number | null>
	) => boolean;
};

/** A value that is looked at only where its limit is asked; its size counts, not its sign. */
function asked(name: string, limitName: string, fail: string, says: string): Rule {
	return { name, limit: limitName, fail, says, leaveOut: (s) => s[name] === null && s[limitName] === null };
}

/** The release sheet in its order: what is wanted, and what a failure is called. */
const RULES: readonly Rule[] = [
	{
		name: 'crackSeen',
		wanted: false,
		safety: true,
		fail: 'crack-seen',
		says: 'A crack was seen. This wheel is finished.'
	},
	{ name: 'guardClosed', wanted: true, safety: true, fail: 'guard-open', says: 'The guard is open.' },
	{
		name: 'runInDone',
		wanted: true,
		safety: true,
		fail: 'run-in-not-done',
		says: 'The free run is missing.'
	},
	{
		name: 'speedRpm',
		limit: 'maxRpm',
		safety: true,
		fail: 'over-speed',
		says: 'Runs faster than the wheel allows.'
	},
	{
		name: 'balanceResidualGmm',
		limit: 'balanceLimitGmm',
		fail: 'balance-over-limit',
		says: 'Unbalance above the tolerance.',
		far: { ratio: 2, code: 'balance-far-over-limit', says: 'Unbalance more than twice the tolerance.' }
	},
	{ name: 'runOutUm', limit: 'runOutLimitUm', fail: 'run-out-over-limit', says: 'Run-out above the limit.' },
	{
		name: 'dressSoundEven',
		wanted: true,
		fail: 'dress-sound-uneven',
		says: 'The dress did not sound even across the face.'
	},
	{ name: 'raUm', limit: 'raTargetUm', fail: 'finish-over-target', says: 'Rougher than asked.' },
	{
		name: 'formErrorUm',
		limit: 'formToleranceUm',
		fail: 'form-over-tolerance',
		says: 'Form outside its tolerance.',
		leaveOut: (sheet) => sheet.formAsked === false
	},
	{ name: 'burnSeen', wanted: false, fail: 'burn-seen', says: 'Burn on the trial cut.' },
	{ name: 'chatterSeen', wanted: false, fail: 'chatter-seen', says: 'Chatter on the trial cut.' },
	{
		name: 'soundNormal',
		wanted: true,
		fail: 'sound-abnormal',
		says: 'The trial cut did not sound normal.',
		leaveOut: (sheet) => sheet.soundNormal === null
	},
	asked('sizeErrorUm', 'sizeToleranceUm', 'size-over-tolerance', 'Size outside its tolerance.'),
	asked('flatnessUm', 'flatnessLimitUm', 'flatness-over-limit', 'Not flat enough.'),
	asked('taperUm', 'taperLimitUm', 'taper-over-limit', 'Tapered more than allowed.'),
	{
		name: 'workHoldingConfirmed',
		wanted: true,
		safety: true,
		fail: 'work-not-held',
		says: 'The work is not held. Push it hard by hand, wheel stopped, before the first cut.',
		leaveOut: (sheet) => sheet.workHoldingConfirmed === null
	}
];

/** Is this wheel ready to cut good parts? */
export const release = defineCalculation({
	id: 'prove.release',
	title: 'Release to grind',
	about:
		'Everything that must hold before the wheel cuts parts. Nobody releases a wheel with an open guard, a crack or a missing free run.',
	source:
		'Shop release sheet; safety findings are stops, quality findings are cautions that need a written reason.',
	formulas: [
		'ratio = value/limit',
		'released: yes when all hold, with a reason of 10 characters when only cautions are left'
	],
	fields: [
		group(
			'checks',
			'The release sheet',
			[
				yes('crackSeen', 'Crack seen', 'On the wheel'),
				yes('guardClosed', 'Guard closed', 'And latched'),
				yes('runInDone', 'Run in', 'Free run made'),
				value('speedRpm', 'rpm', 1e6, 'Running speed'),
				limit('maxRpm', 'rpm', 1e6, 'Highest allowed'),
				value('balanceResidualGmm', 'gmm', 1e8, 'Unbalance left'),
				limit('balanceLimitGmm', 'gmm', 1e8, 'Tolerance'),
				value('runOutUm', 'um', 1e5, 'Run-out'),
				limit('runOutLimitUm', 'um', 1e5, 'Limit'),
				yes('dressSoundEven', 'Dress sounded even', 'Across the face'),
				value('raUm', 'um', 1000, 'Roughness of the trial cut'),
				limit('raTargetUm', 'um', 1000, 'Asked'),
				value('formErrorUm', 'um', 1e5, 'Form error'),
				limit('formToleranceUm', 'um', 1e5, 'Tolerance'),
				yes('burnSeen', 'Burn', 'On the trial cut'),
				yes('chatterSeen', 'Chatter', 'On the trial cut'),
				{ ...yes('formAsked', 'A form is asked', 'No for a plain straight face'), default: true },
				yes('soundNormal', 'Sounded normal', 'While cutting; left out of the sheet when not entered'),
				signed('sizeErrorUm', 'Size is off by, plus is large'),
				limit('sizeToleranceUm', 'um', 1e5, 'Tolerance'),
				value('flatnessUm', 'um', 1e5, 'Flat within'),
				limit('flatnessLimitUm', 'um', 1e5, 'Limit'),
				signed('taperUm', 'Taper over the length'),
				limit('taperLimitUm', 'um', 1e5, 'Limit'),
				yes('workHoldingConfirmed', 'Work is held', 'Pushed hard by hand, wheel stopped')
			],
			{ required: true }
		),
		list(
			'leftOut',
			'Checks of stations the route does not have; a safety check is never left out',
			text('check', 'Check', { required: true, maxLength: 40 }),
			{ default: [] as string[], maxItems: 20, advanced: true, label: 'Not on this route' }
		),
		text('overrideReason', 'Why it may grind with a caution, 10 characters or more', {
			maxLength: 500,
			label: 'Reason'
		})
	],
	outputs: [
		{ name: 'released', about: 'Released', main: true },
		{ name: 'passCount', about: 'Hold' },
		{ name: 'failCount', about: 'Fail' },
		{ name: 'missingCount', about: 'Missing' },
		{ name: 'checks', about: 'Line by line' }
	],
	example: {
		checks: {
			crackSeen: false,
			guardClosed: true,
			runInDone: true,
			speedRpm: 1800,
			maxRpm: 2100,
			balanceResidualGmm: 12,
			balanceLimitGmm: 20,
			runOutUm: 3,
			runOutLimitUm: 5,
			dressSoundEven: true,
			raUm: 0.9,
			raTargetUm: 0.8,
			burnSeen: false,
			chatterSeen: false
		},
		overrideReason: 'gauge out for calibration'
	},
	compute({ checks: given, overrideReason, leftOut }) {
		const sheet: Readonly<Record<string, boolean | number | null>> = given;
		for (const rule of RULES) {
			if (rule.limit && sheet[rule.name] !== null && sheet[rule.limit] === null)
				throw new InputFault(
					`checks.${rule.limit}`,
					'missing',
					`${labelOf({ name: rule.name })} has a value but no limit. Enter ${labelOf({ name: rule.limit }).toLowerCase()}.`
				);
		}
		const findings = new Findings();
		const checks = RULES.filter(
			(rule) => !rule.leaveOut?.(sheet) && (rule.safety || !leftOut.includes(rule.name))
		).map((rule) => {
			const v = sheet[rule.name] ?? null;
			if (v === null) {
				if (rule.safety) findings.stop('missing-safety-check', true, 'A safety check is missing.');
				else findings.caution('missing-check', true, 'A check is missing.');
				return { name: rule.name, state: 'missing' as const, ratio: null };
			}
			const ratio = rule.limit ? Math.abs(v as number) / (sheet[rule.limit] as number) : null;
			const pass = ratio === null ? v === rule.wanted : ratio <= 1 + SLACK;
			if (!pass) {
				if (rule.far && ratio! > rule.far.ratio * (1 + SLACK))
					findings.stop(rule.far.code, true, rule.far.says);
				else if (rule.safety) findings.stop(rule.fail, true, rule.says);
				else findings.caution(rule.fail, true, rule.says);
			}
			return { name: rule.name, state: pass ? ('pass' as const) : ('fail' as const), ratio };
		});
		const count = (state: string) => checks.filter((check) => check.state === state).length;
		const reasoned = (overrideReason?.trim().length ?? 0) >= 10;
		const released =
			findings.verdict === 'ok' ? 'yes' : findings.verdict === 'caution' && reasoned ? 'with-reason' : 'no';
		return {
			checks,
			passCount: count('pass'),
			failCount: count('fail'),
			missingCount: count('missing'),
			released,
			...findings.judged()
		};
	}
});
