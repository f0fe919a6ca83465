import { between, choice, text, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault, shown } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import {
	F_GRITS,
	SIEVE_SIZES,
	SMALLEST_SIEVE,
	type SieveSize,
	gritNearestToGrain,
	meanOf,
	sieveByCode,
	sieveByName,
	sieveByPair
} from './grit-tables.js';

const NARROW = SIEVE_SIZES.filter((s) => !s.wide);

/** The narrow sieve size whose mean is nearest on a log scale, the smaller code on a tie. */
function nearestSieve(grainUm: number): SieveSize {
	const distance = (s: SieveSize) => Math.abs(Math.log(meanOf(s) / grainUm));
	return [...NARROW].sort((a, b) => distance(a) - distance(b) || a.code - b.code)[0]!;
}

function sieveOf(system: 'FEPA' | 'mesh', label: string): SieveSize | undefined {
	if (system === 'FEPA') return /^\d+$/.test(label) ? sieveByCode(Number(label)) : undefined;
	return label.includes('/')
		? sieveByPair(label)
		: /^\d+$/.test(label)
			? sieveByName(Number(label))
			: undefined;
}

/** D and B numbers that are no sieve, and every MD, are micrometres. */
function micrometres(label: string, powder: boolean): number | undefined {
	const n = /^\d+$/.test(label) ? Number(label) : NaN;
	return n > 0 && (powder || (n < SMALLEST_SIEVE && !sieveByCode(n))) ? n : undefined;
}

/** One grain size in every way it is written. */
export const gritSize = defineCalculation({
	id: 'spec.grit-size',
	title: 'Grit sizes',
	about: 'A grain size in F, FEPA, mesh or micrometres, and its neighbours in the other series.',
	source: 'ISO 8486 and ISO 6106 series; mesh names are trade practice and differ between makers.',
	formulas: ['mean of a sieve size = (upper + lower)/2', 'nearest by |ln(a/b)|'],
	fields: [
		choice('system', 'How it is written', ['F', 'FEPA', 'mesh', 'um'], { required: true }),
		text('label', 'As printed: 54, D126, 170/200, 120', { maxLength: 12, label: 'Size' }),
		um('meanUm', 'When the system is micrometres', { ...between(0.1, 10000), label: 'Mean grain' })
	],
	outputs: [
		{ name: 'meanUm', unit: 'um', about: 'Mean grain', main: true },
		{ name: 'label', about: 'Size' },
		{ name: 'lowerUm', unit: 'um', about: 'Smallest opening' },
		{ name: 'upperUm', unit: 'um', about: 'Largest opening' },
		{ name: 'nearestF', about: 'Nearest F size' },
		{ name: 'nearestFepa', about: 'Nearest FEPA size' },
		{ name: 'meshPair', about: 'Its mesh pair' },
		{ name: 'meshName', about: 'Its mesh name' }
	],
	example: { system: 'mesh', label: '170/200' },
	compute(values) {
		let label: string | null = null;
		let meanUm: number;
		let sieve: SieveSize | undefined;
		if (values.system === 'um') {
			if (values.meanUm === null)
				throw new InputFault('meanUm', 'missing', 'Mean grain is missing. Enter it in micrometres.');
			meanUm = values.meanUm;
		} else {
			if (values.label === null || values.label.trim() === '')
				throw new InputFault('label', 'missing', 'Size is missing. Enter it as printed.');
			const printed = values.label.trim().toUpperCase();
			label = printed.replace(/^(?:MD|[FDB]) ?/, '');
			const micron = values.system === 'FEPA' ? micrometres(label, printed.startsWith('MD')) : undefined;
			sieve =
				micron !== undefined ? undefined : values.system === 'F' ? undefined : sieveOf(values.system, label);
			const grain =
				micron ??
				(values.system === 'F'
					? /^\d+$/.test(label)
						? F_GRITS.get(Number(label))
						: undefined
					: sieve && meanOf(sieve));
			if (grain === undefined)
				throw new InputFault(
					'label',
					'unknown-choice',
					`${shown(values.label)} is not in the ${values.system} table. Read it again, or enter the size in micrometres.`
				);
			meanUm = grain;
		}
		const near = nearestSieve(meanUm);
		const findings = new Findings().caution(
			'outside-sieve-range',
			meanUm < 38 || meanUm > 1180,
			'Outside the sieve sizes: the FEPA neighbour is only a hint.'
		);
		return {
			label,
			meanUm,
			lowerUm: sieve?.lowerUm ?? null,
			upperUm: sieve?.upperUm ?? null,
			nearestF: gritNearestToGrain(meanUm, F_GRITS.keys()),
			nearestFepa: near.code,
			meshPair: near.pair,
			// A name is text also where it is only digits; a size without one has none.
			meshName: near.name === null ? null : String(near.name),
			...findings.judged()
		};
	}
});
