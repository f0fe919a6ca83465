import { from0, group, mm, number, over0, seconds, um, umPerMm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK, ceilCount, floorKind } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

const side = <const N extends string>(name: N, about: string) =>
	group(
		name,
		about,
		[
			mm('intervalMm', 'Infeed between redresses', { ...over0(1e6), required: true, label: 'Redress after' }),
			um('redressUm', 'Off the radius', { ...over0(100000), required: true, label: 'Redress' }),
			seconds('redressTimeS', 'One of them', { ...from0(1e6), required: true, label: 'Takes' })
		],
		{ required: true }
	);
/** Costs closer than this are the same. */
const SAME = 0.005;

interface Way {
	intervalMm: number;
	redressUm: number;
	redressTimeS: number;
}
interface Job {
	diameterMm: number;
	minDiameterMm: number;
	partDepthMm: number;
	wheelCost: number;
	labourCostPerHour: number;
	lossUmPerMm: number | null;
}
function cost(j: Job, w: Way) {
	const redresses = floorKind((1000 * (j.diameterMm - j.minDiameterMm)) / 2 / w.redressUm);
	const p = floorKind(w.intervalMm / j.partDepthMm);
	const m = Math.max(1, ceilCount(j.partDepthMm, w.intervalMm));
	const redressesPerPart = p > 0 ? 1 / p : m;
	const partsPerWheel = p > 0 ? (redresses + 1) * p : Math.floor(redresses / m);
	return {
		partsPerRedress: p,
		redressesPerPart,
		redresses,
		partsPerWheel,
		infeedPerWheelMm: partsPerWheel * j.partDepthMm,
		lossAtRedressUm: j.lossUmPerMm === null ? null : j.lossUmPerMm * j.partDepthMm * (p > 0 ? p : 1 / m),
		redressHoursPerWheel: (redresses * w.redressTimeS) / 3600,
		costPerPart:
			partsPerWheel < 1
				? null
				: j.wheelCost / partsPerWheel + (w.redressTimeS / 3600) * j.labourCostPerHour * redressesPerPart
	};
}

/** Little and often, or much and seldom: which of two ways to redress costs less a part. */
export const compareStrategies = defineCalculation({
	id: 'keep.compare-strategies',
	worse: { lossUmPerMm: 'up' },
	title: 'Two ways to redress',
	about:
		'The same wheel and part, redressed in two ways: parts a wheel, hours of redressing, and what a part costs.',
	source: 'Counting (first principles).',
	formulas: [
		'parts a redress = floor(interval/depth); inside a part ceil(depth/interval) redresses',
		'parts a wheel = (redresses + 1) x parts a redress, or floor(redresses/n)',
		'cost = wheel/parts + time x labour x redresses a part'
	],
	fields: [
		mm('diameterMm', 'To begin with', { ...WHEEL_DIAMETER_MM, required: true, label: 'Diameter' }),
		mm('minDiameterMm', 'Not below this', { ...WHEEL_DIAMETER_MM, required: true, label: 'Scrap diameter' }),
		mm('partDepthMm', 'Infeed for one part', { ...over0(1000), required: true, label: 'Depth of a part' }),
		number('wheelCost', 'In your money', { ...from0(1e9), required: true, label: 'A wheel costs' }),
		number('labourCostPerHour', 'Man and machine', { ...from0(1e9), required: true, label: 'An hour costs' }),
		side('a', 'One way'),
		side('b', 'The other way'),
		umPerMm('lossUmPerMm', 'Of the form, for each mm ground', { ...over0(10000), label: 'Wear' }),
		um('formToleranceUm', 'Of the form', { ...over0(10000), label: 'Form tolerance' })
	],
	outputs: [
		{ name: 'better', about: 'Costs less', main: true },
		{ name: 'savingPerPart', about: 'Saves a part' },
		{ name: 'a', about: 'One way' },
		{ name: 'b', about: 'The other way' }
	],
	example: {
		diameterMm: 300,
		minDiameterMm: 250,
		partDepthMm: 2,
		wheelCost: 300,
		labourCostPerHour: 50,
		a: { intervalMm: 5, redressUm: 40, redressTimeS: 60 },
		b: { intervalMm: 13, redressUm: 130, redressTimeS: 90 }
	},
	compute(values) {
		if (values.minDiameterMm >= values.diameterMm)
			throw new InputFault(
				'minDiameterMm',
				'inconsistent',
				`Scrap diameter ${values.minDiameterMm} mm is not under the diameter, ${values.diameterMm} mm. Enter a smaller one.`
			);
		const findings = new Findings();
		const [a, b] = (['a', 'b'] as const).map((name) => {
			const way = values[name];
			const out = cost(values, way);
			const before = findings.reasons.length;
			const [loss, says] = [out.lossAtRedressUm, name === 'a' ? 'One way' : 'The other way'];
			findings
				.caution(
					`redress-shallower-than-wear-${name}`,
					loss !== null && way.redressUm < loss - SLACK,
					`${says}: a redress of ${way.redressUm} µm does not reach under the wear of ${(loss ?? 0).toFixed(1)} µm.`
				)
				.caution(
					`tolerance-exceeded-${name}`,
					loss !== null && values.formToleranceUm !== null && loss > values.formToleranceUm + SLACK,
					`${says}: the form has lost ${(loss ?? 0).toFixed(1)} µm before it is redressed, ${values.formToleranceUm ?? 0} µm are allowed.`
				)
				.caution(
					`wheel-too-small-${name}`,
					out.costPerPart === null,
					`${says}: the wheel does not last for one part.`
				);
			return { ...out, cautioned: findings.reasons.length > before };
		}) as [
			ReturnType<typeof cost> & { cautioned: boolean },
			ReturnType<typeof cost> & { cautioned: boolean }
		];
		const better = cheaper(a, b);
		const { cautioned: _a, ...outA } = a;
		const { cautioned: _b, ...outB } = b;
		return {
			a: outA,
			b: outB,
			better,
			savingPerPart:
				a.costPerPart === null || b.costPerPart === null ? null : Math.abs(a.costPerPart - b.costPerPart),
			...findings.judged()
		};
	}
});

interface Costed {
	costPerPart: number | null;
	cautioned: boolean;
}
/** The cheaper of the two; what has something against it loses to what has nothing. */
function cheaper(a: Costed, b: Costed): 'a' | 'b' | 'equal' {
	if (a.cautioned !== b.cautioned) return a.cautioned ? 'b' : 'a';
	if (a.costPerPart === null || b.costPerPart === null)
		return a.costPerPart === b.costPerPart ? 'equal' : a.costPerPart === null ? 'b' : 'a';
	const dearer = Math.max(a.costPerPart, b.costPerPart);
	if (Math.abs(a.costPerPart - b.costPerPart) <= SAME * dearer + SLACK) return 'equal';
	return a.costPerPart < b.costPerPart ? 'a' : 'b';
}
