import { between, choice, mm, over0, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const SCHOOLS = ['toolroom', 'stand-first', 'in-machine', 'neutral-first'] as const;
type School = (typeof SCHOOLS)[number];
const STEPS: Readonly<Record<School, readonly string[]>> = {
	toolroom: ['mount', 'true', 'balance-assembly', 'remount', 'dress'],
	'stand-first': ['balance-on-stand', 'mount', 'true', 'dress'],
	'in-machine': ['mount', 'true', 'dress', 'auto-balance', 'condition'],
	'neutral-first': ['neutral-weights', 'mount', 'true', 'dress', 'try-and-judge']
};
const NEEDS_WEIGHTS: readonly string[] = [
	'balance-assembly',
	'remount',
	'balance-on-stand',
	'auto-balance',
	'condition',
	'neutral-weights'
];
const size = <const N extends string>(name: N, max: number, start: number, about: string) =>
	mm(name, about, { ...over0(max), default: start, guideline: true, advanced: true });

/** Whether a wheel of this size is balanced before its first run, and in what order the shop's school then works. */
export const preBalanceRule = defineCalculation({
	id: 'true.pre-balance-rule',
	title: 'Balance before truing?',
	about:
		'By the size of the wheel: not at all, if you like, or roughly before the first run; and the order of the work by school.',
	source: 'Workshop practice; limits are guidelines. A large wheel out of balance hurts at its first run.',
	formulas: [
		'size ratio = D^2 W/(large D^2 large W)',
		'large from 1 up; small within both small limits; else medium'
	],
	fields: [
		mm('wheelDiameterMm', 'Across', { ...between(5, 2000), required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		size('smallDiameterMm', 2000, 255, 'Small up to'),
		size('smallWidthMm', 1000, 13, 'Small up to'),
		size('largeDiameterMm', 2000, 300, 'Large from, with its width'),
		size('largeWidthMm', 1000, 25, 'Large from, with its diameter'),
		choice('school', 'How the shop works', SCHOOLS, { default: 'toolroom' }),
		yesNo('hasBalanceWeights', 'Or another means', { default: true, label: 'Flange has balance weights' })
	],
	outputs: [
		{ name: 'preBalance', about: 'Before the first run', main: true },
		{ name: 'sizeClass', about: 'Size' },
		{ name: 'sizeRatio', about: 'Against a large wheel' },
		{ name: 'steps', about: 'In this order' }
	],
	example: { wheelDiameterMm: 406, wheelWidthMm: 50 },
	compute(values) {
		const large = values.largeDiameterMm ** 2 * values.largeWidthMm;
		if (values.smallDiameterMm ** 2 * values.smallWidthMm >= large)
			throw new InputFault(
				'largeDiameterMm',
				'limits-out-of-order',
				'The limit for large wheels is not above the one for small ones. Enter a larger one.'
			);
		const sizeRatio = (values.wheelDiameterMm ** 2 * values.wheelWidthMm) / large;
		const sizeClass =
			sizeRatio >= 1
				? 'large'
				: values.wheelDiameterMm <= values.smallDiameterMm && values.wheelWidthMm <= values.smallWidthMm
					? 'small'
					: 'medium';
		const preBalance = { small: 'none', medium: 'optional', large: 'rough' }[sizeClass];
		let steps = STEPS[values.school].filter((s) => values.hasBalanceWeights || !NEEDS_WEIGHTS.includes(s));
		if (values.hasBalanceWeights && sizeClass === 'large') {
			if (values.school === 'toolroom' || values.school === 'in-machine') steps = ['rough-balance', ...steps];
			else if (values.school === 'neutral-first')
				steps = steps.map((step) => (step === 'neutral-weights' ? 'rough-balance' : step));
		}
		const findings = new Findings()
			.caution(
				'no-means-of-balancing',
				sizeClass === 'large' && !values.hasBalanceWeights,
				'A wheel this large without weights: its first run is where it hurts. Find a flange with weights.'
			)
			.caution(
				'neutral-not-for-large',
				sizeClass === 'large' && values.school === 'neutral-first',
				'Not for a wheel this large: balance it roughly before the first run.'
			);
		return { sizeClass, preBalance, sizeRatio, steps, ...findings.judged() };
	}
});
