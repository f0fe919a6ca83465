import {
	between,
	from0,
	group,
	list,
	mm,
	over0,
	um,
	whole,
	carats,
	cm3
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { leastSquares } from '../numeric/least-squares.js';
import { floorKind } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { GRAIN } from './overlap.js';

/** Stones by wheel diameter, in carat (guideline): up to this diameter, this stone. */
const STONES: readonly (readonly [upToMm: number, carat: number])[] = [
	[100, 0.25],
	[175, 0.33],
	[250, 0.5],
	[350, 0.75],
	[450, 1],
	[600, 1.5],
	[760, 2],
	[Infinity, 3]
];
const [WIDE_MM, VERY_WIDE_MM, COARSE_UM] = [50, 100, 700];
const GRAMS_PER_CARAT = 0.2;
/** Density of diamond, 3.52 g/cm3, in g/mm3. */
const DIAMOND_G_PER_MM3 = 0.00352;
const FEW_DRESSES = 3;

type Entry = { removedCm3: number; flatWidthUm: number };

/** How the flat grows with the wheel that was cut away, and what is left until its limit. */
function wearOf(log: readonly Entry[], limitUm: number, dressVolumeCm3: number | null) {
	const [first, last] = [log[0], log.at(-1)];
	const flatNowUm = last?.flatWidthUm ?? null;
	if (!first || !last || log.length < 2 || last.removedCm3 === first.removedCm3)
		return { slopeUmPerCm3: null, flatNowUm, remainingCm3: null, dressesLeft: null };
	const { solution } = leastSquares(
		log.map((entry) => [1, entry.removedCm3]),
		log.map((entry) => entry.flatWidthUm)
	);
	// A flat line comes out of the arithmetic a hair off; it tells nothing about how long the stone lasts.
	const slopeUmPerCm3 = Math.abs(solution[1]!) < 1e-9 ? 0 : solution[1]!;
	const remainingCm3 = slopeUmPerCm3 > 0 ? Math.max(0, (limitUm - last.flatWidthUm) / slopeUmPerCm3) : null;
	const dressesLeft =
		remainingCm3 === null || dressVolumeCm3 === null ? null : floorKind(remainingCm3 / dressVolumeCm3);
	return { slopeUmPerCm3, flatNowUm, remainingCm3, dressesLeft };
}

/** Which stone a wheel wants, and how long the one in the holder still lasts. */
export const diamond = defineCalculation({
	id: 'dress.diamond',
	worse: {
		wheelDiameterMm: 'up',
		wheelWidthMm: 'up',
		fittedCarat: 'down',
		flatLimitUm: 'down',
		dressesSinceTurn: 'up',
		dressVolumeCm3: 'up'
	},
	title: 'Diamond: size and wear',
	about:
		'The stone this wheel wants, by its diameter, width and grain; from the flats you measured, how many dresses it still has.',
	source: 'Stone sizes are guidelines; carat is 0.2 g by definition; wear is a least-squares line.',
	formulas: [
		'm = 0.2 carat, as a ball (6 m/(pi 0.00352))^(1/3) mm',
		'flat = line through the readings against wheel cut away',
		'left = (limit - last flat)/slope'
	],
	fields: [
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		mm('wheelWidthMm', 'Width', { ...over0(1000), required: true }),
		{ ...GRAIN, required: true },
		carats('fittedCarat', 'Stone in the holder', { ...over0(20), label: 'Fitted' }),
		um('flatLimitUm', 'Worn out at this flat', {
			...over0(5000),
			guideline: true,
			default: 500,
			label: 'Flat at most',
			advanced: true
		}),
		whole('dressesSinceTurn', 'Counted', {
			...from0(100000),
			default: 0,
			label: 'Dresses since it was turned'
		}),
		whole('turnEveryDresses', 'A habit of the shop', {
			...between(1, 10000),
			guideline: true,
			default: 10,
			label: 'Turned every',
			advanced: true
		}),
		cm3('dressVolumeCm3', 'Wheel cut away by one dress', {
			...over0(10000),
			label: 'A dress takes'
		}),
		list(
			'log',
			'Since the stone was turned',
			group('entry', 'One reading', [
				cm3('removedCm3', 'So far', {
					...from0(1e6),
					required: true,
					label: 'Wheel cut away'
				}),
				um('flatWidthUm', 'Measured', { ...from0(20000), required: true, label: 'Flat' })
			]),
			{ default: [] as Entry[], maxItems: 500, label: 'Flats measured' }
		)
	],
	outputs: [
		{ name: 'recommendedCarat', unit: 'carat', about: 'Stone for this wheel', main: true },
		{ name: 'massG', unit: 'g', about: 'Its mass' },
		{ name: 'sphereDiameterMm', unit: 'mm', about: 'As large as a ball of' },
		{ name: 'wear.flatNowUm', unit: 'um', about: 'Flat now' },
		{ name: 'wear.slopeUmPerCm3', unit: 'cm3', about: 'Flat grows, um a cm³' },
		{ name: 'wear.remainingCm3', unit: 'cm3', about: 'Wheel it still cuts' },
		{ name: 'wear.dressesLeft', about: 'Dresses left' }
	],
	example: {
		wheelDiameterMm: 301,
		wheelWidthMm: 38,
		grainSizeUm: 220,
		fittedCarat: 0.5,
		log: [
			{ removedCm3: 0, flatWidthUm: 40 },
			{ removedCm3: 6, flatWidthUm: 131 },
			{ removedCm3: 13, flatWidthUm: 222 }
		],
		dressVolumeCm3: 1.7
	},
	compute(values) {
		values.log.forEach((e, i) => {
			if (i > 0 && e.removedCm3 < values.log[i - 1]!.removedCm3)
				throw new InputFault(
					`log.${i}.removedCm3`,
					'inconsistent',
					`Reading ${i + 1} stands before the one above it: the wheel cut away can only grow. Put them in order.`
				);
		});
		const row =
			STONES.findIndex(([upToMm]) => values.wheelDiameterMm <= upToMm) +
			(values.wheelWidthMm > VERY_WIDE_MM ? 2 : values.wheelWidthMm > WIDE_MM ? 1 : 0) +
			(values.grainSizeUm >= COARSE_UM ? 1 : 0);
		const recommendedCarat = STONES[Math.min(STONES.length - 1, row)]![1];
		const massG = GRAMS_PER_CARAT * recommendedCarat;
		const wear = wearOf(values.log, values.flatLimitUm, values.dressVolumeCm3);
		const worn = wear.flatNowUm !== null && wear.flatNowUm >= values.flatLimitUm;
		const findings = new Findings()
			.caution(
				'diamond-small',
				values.fittedCarat !== null && values.fittedCarat < recommendedCarat,
				`${values.fittedCarat} carat is small for this wheel: ${recommendedCarat} is usual. It wears fast and runs hot.`
			)
			.caution(
				'flat-too-wide',
				worn,
				`The flat is ${wear.flatNowUm} µm wide: it rubs. Turn the diamond, or have it set anew.`
			)
			.caution(
				'diamond-nearly-worn',
				wear.dressesLeft !== null && wear.dressesLeft < FEW_DRESSES && !worn,
				`About ${wear.dressesLeft} dresses until it has to be turned.`
			)
			.caution(
				'turn-diamond',
				values.dressesSinceTurn >= values.turnEveryDresses,
				'Turn the diamond a little in its holder, so that it wears to a point.'
			);
		return {
			recommendedCarat,
			massG,
			sphereDiameterMm: Math.cbrt((6 * massG) / (Math.PI * DIAMOND_G_PER_MM3)),
			wear,
			...findings.judged()
		};
	}
});
