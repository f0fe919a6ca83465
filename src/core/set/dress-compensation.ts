import { choice, from0, group, list, over0, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { SIDES, dialFactor, dialReads, position, senseOf, touched } from './dial.js';
import { SLACK } from '../numeric/rounding.js';

/** What a wrong touch looks like, in dresses along the right way. */
const LOOKS = [
	{ dresses: -2, as: 'sign-reversed' },
	{ dresses: -1, as: 'already-applied' },
	{ dresses: 1, as: 'twice-as-much' },
	{ dresses: -0.5, as: 'half-as-much' }
] as const;
const SHARE = 10;

/** After a dress the zero goes after the rim; a touch shows whether it did, and in the right direction. */
export const dressCompensation = defineCalculation({
	id: 'set.dress-compensation',
	worse: { dressRadialUm: 'none', previousZeroMm: 'none', touchZeroMm: 'none', verifyLimitUm: 'none' },
	title: 'Zero after a dress',
	about:
		'Where the zero moves when the wheel was dressed, each wheel of a pack by its own dress; and from a fresh touch, whether it went the right way.',
	source: 'First principles.',
	formulas: [
		'shift = s k a/1000, s by the side, k = 2 on a diameter dial',
		'difference = (touch - new zero)/k'
	],
	fields: [
		um('dressRadialUm', 'Taken off the radius', { ...over0(5000), required: true, label: 'Dressed' }),
		dialReads('dialReads'),
		choice('contactSide', 'Side on which the wheel cuts', SIDES, { required: true }),
		touched('previousZeroMm', 'Zero before', 'On the dial'),
		position('touchZeroMm', 'Zero by a touch', 'A fresh touch after the dress'),
		um('verifyLimitUm', 'On the radius', {
			...over0(1000),
			guideline: true,
			default: 10,
			label: 'Touch may differ by'
		}),
		list(
			'wheels',
			'Each with its own dress',
			group('wheel', 'A wheel of the pack', [
				touched('offsetXMm', 'Offset across', 'Before the dress'),
				um('dressRadialUm', 'Off its radius', { ...from0(5000), default: 0, label: 'Dressed' })
			]),
			{
				default: [] as { offsetXMm: number; dressRadialUm: number }[],
				maxItems: 20,
				label: 'Wheels of the pack'
			}
		)
	],
	outputs: [
		{ name: 'newZeroMm', unit: 'mm', about: 'New zero', main: true },
		{ name: 'shiftMm', unit: 'mm', about: 'Moves by' },
		{ name: 'touchDifferenceUm', unit: 'um', about: 'Touch differs by' },
		{ name: 'looksLike', about: 'It looks like' },
		{ name: 'wheels', about: 'Wheels of the pack' }
	],
	example: {
		dressRadialUm: 40,
		dialReads: 'diameter',
		contactSide: 'x-plus',
		previousZeroMm: 50,
		touchZeroMm: 49.92
	},
	compute(values) {
		const k = dialFactor(values.dialReads);
		const sense = senseOf(values.contactSide);
		const a = values.dressRadialUm;
		const moved = (um: number) => (sense * k * um) / 1000;
		const shiftMm = moved(a);
		const newZeroMm = values.previousZeroMm + shiftMm;
		const off = values.touchZeroMm === null ? null : (1000 * (values.touchZeroMm - newZeroMm)) / k;
		const looksLike = off === null ? null : looks(off, sense, a, values.verifyLimitUm);
		const findings = new Findings()
			.stop(
				'sign-reversed',
				looksLike === 'sign-reversed',
				'The zero went the wrong way: the next cut would be twice the dress deeper. Turn the sign round.'
			)
			.caution(
				'touch-differs',
				looksLike !== null && looksLike !== 'sign-reversed' && looksLike !== 'agrees',
				`The touch is ${Math.abs(off ?? 0).toFixed(1)} µm off the new zero. Find out why before grinding.`
			)
			.caution(
				'touch-cannot-tell',
				looksLike === 'agrees' && 2 * a <= values.verifyLimitUm + SLACK,
				'So small a dress would pass with the wrong sign too. Touch again after a larger one.'
			)
			.caution(
				'not-verified',
				looksLike === null,
				'Touch once to see that it moved, and in the right direction.'
			);
		return {
			shiftMm,
			newZeroMm,
			touchDifferenceUm: off,
			looksLike,
			wheels: values.wheels.map((wheel, index) => {
				const own = moved(wheel.dressRadialUm);
				return { index, offsetXMm: wheel.offsetXMm + own, shiftMm: own };
			}),
			...findings.judged()
		};
	}
});

/** What a difference between touch and zero looks like, the nearest of the usual mistakes; the one named first on a tie. */
function looks(offUm: number, sense: number, dressUm: number, limitUm: number): string {
	if (Math.abs(offUm) <= limitUm + SLACK) return 'agrees';
	const near = Math.max(limitUm, dressUm / SHARE);
	const away = LOOKS.map((l) => ({ as: l.as, off: Math.abs(sense * offUm - l.dresses * dressUm) })).filter(
		(l) => l.off <= near + SLACK
	);
	const best = away.reduce<(typeof away)[number] | null>(
		(b, l) => (b === null || l.off < b.off - SLACK ? l : b),
		null
	);
	return best?.as ?? 'unclear';
}
