import {
	choice,
	date,
	from0,
	group,
	list,
	mm,
	mps,
	number,
	over0,
	rpm,
	text,
	um,
	whole
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { ABRASIVE_FAMILIES } from './families.js';
import { checkCandidates, exclusions } from './rank-exclusions.js';
import { PARTS, type Part, WEIGHTS, scoreParts, scorePoints } from './rank-score.js';
import { surfaceSpeedMps } from './speed.js';

const size = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...over0(3000), required: true });
const grain = um('gritMeanUm', 'Mean grain', over0(10000));
const family = choice('family', 'Grain family', ABRASIVE_FAMILIES);
const grade = text('grade', 'Grade letter', {
	pattern: '^[A-Z]$',
	patternSays: 'must be one capital letter'
});
const structure = whole('structure', 'Structure number', from0(16));
const bond = text('bond', 'Bond letters', { maxLength: 4 });

/** Ranks the rack for a job on a machine; what must not be mounted is excluded with every reason. */
export const rankRack = defineCalculation({
	id: 'spec.rank-rack',
	title: 'Rank the rack',
	about:
		'Every wheel that may go on this spindle, best first, with the score in seven parts; the others with all reasons against them. A wheel listed here has still not been inspected.',
	source:
		'Hard exclusions from general safety practice; weights and score shapes are guidelines, shown and editable.',
	formulas: [
		'score = 100 sum(weight x part)',
		'grit: 1 - |ln(g/g wanted)|/ln 2',
		'grade: 1 - n/3 harder, 1 - n/5 softer',
		'life: (D - Dmin)/(Dnew - Dmin)'
	],
	fields: [
		date('today', 'Date of the choice', { required: true }),
		group(
			'job',
			'What is wanted',
			[
				{ ...family, required: true },
				list(
					'alternativeFamilies',
					'Other grains that serve',
					{ ...family, required: true },
					{ default: [] as string[], maxItems: 12 }
				),
				{ ...grain, required: true },
				grade,
				structure,
				bond,
				mm('minWidthMm', 'Least width', over0(3000))
			],
			{ required: true }
		),
		group(
			'machine',
			'Where it goes',
			[
				size('maxDiameterMm', 'Largest wheel under the guard'),
				size('maxWidthMm', 'Widest wheel'),
				size('boreMm', 'Spindle or flange seat'),
				rpm('spindleRpm', 'Spindle speed', { ...over0(500000), required: true }),
				mm('boreToleranceMm', 'Play allowed in the bore', { ...from0(10), default: 0.3 }),
				list(
					'bushingBoresMm',
					'Bores for which a bushing is kept',
					mm('bore', 'Bore', { ...over0(3000), required: true }),
					{ default: [] as number[], maxItems: 40 }
				)
			],
			{ required: true }
		),
		list(
			'candidates',
			'Wheels',
			group(
				'wheel',
				'A wheel',
				[
					text('id', 'Its number', { required: true, maxLength: 60 }),
					family,
					grain,
					grade,
					structure,
					bond,
					size('diameterMm', 'Diameter today'),
					size('widthMm', 'Width'),
					size('boreMm', 'Bore'),
					{ ...size('minDiameterMm', 'Scrap diameter'), minOpen: false },
					size('newDiameterMm', 'Diameter when new'),
					mps('ratedSpeedMps', 'Marked speed', over0(500)),
					rpm('ratedSpeedRpm', 'Marked rpm', over0(500000)),
					choice('state', 'Where it stands', ['available', 'mounted', 'quarantined', 'scrapped'], {
						default: 'available'
					}),
					date('expiresOn', 'Last day of use')
				],
				{ required: true }
			),
			{ required: true, maxItems: 100000 }
		),
		group(
			'weights',
			'How much each part counts; they add up to 1',
			PARTS.map((p) => number(p, `How much ${p} counts`, { ...from0(1), default: WEIGHTS[p] })),
			{ advanced: true }
		)
	],
	outputs: [
		{ name: 'bestId', about: 'Best wheel', main: true },
		{ name: 'ranked', about: 'Wheels that may be used, best first' },
		{ name: 'excluded', about: 'Wheels ruled out, with every reason' }
	],
	example: {
		today: '2030-06-01',
		job: {
			family: 'alumina-white',
			gritMeanUm: 185,
			grade: 'I',
			structure: 8,
			bond: 'V',
			minWidthMm: 20,
			alternativeFamilies: ['alumina-ceramic']
		},
		machine: { maxDiameterMm: 255, maxWidthMm: 30, boreMm: 76.2, spindleRpm: 2300 },
		candidates: [
			{
				id: 'K-07',
				family: 'alumina-white',
				gritMeanUm: 185,
				grade: 'I',
				structure: 8,
				bond: 'V',
				diameterMm: 240,
				widthMm: 25,
				boreMm: 76.2,
				minDiameterMm: 150,
				newDiameterMm: 250,
				ratedSpeedMps: 35
			}
		]
	},
	compute({ today, job, machine, candidates, weights: given }) {
		checkCandidates(candidates);
		const weights = weightsOf(given as Partial<Record<Part, number>> | null);
		const ranked = [];
		const excluded: { id: string; codes: string[] }[] = [];
		for (const w of candidates) {
			const play = w.boreMm - machine.boreMm;
			const fits = play >= -1e-9 && play <= machine.boreToleranceMm + 1e-9;
			const bushed = machine.bushingBoresMm.some(
				(b) => Math.abs(w.boreMm - b) <= machine.boreToleranceMm + 1e-9
			);
			const speed = surfaceSpeedMps(w.diameterMm, machine.spindleRpm);
			const codes = exclusions(w, today, machine, speed, fits || bushed);
			if (codes.length) {
				excluded.push({ id: w.id, codes });
				continue;
			}
			const parts = scoreParts(job, w, machine.maxDiameterMm);
			ranked.push({
				id: w.id,
				scorePoints: scorePoints(parts, weights),
				needsBushing: !fits,
				surfaceSpeedMps: speed,
				remainingRadiusMm: (w.diameterMm - w.minDiameterMm) / 2,
				parts
			});
		}
		const key = (n: number) => Math.round(n * 1e6);
		ranked.sort(
			(a, b) =>
				key(b.scorePoints) - key(a.scorePoints) || b.parts.life - a.parts.life || (a.id < b.id ? -1 : 1)
		);
		const best = ranked[0];
		const findings = new Findings()
			.stop('no-usable-wheel', !best, 'No wheel on the rack may go on this spindle for this job.')
			.caution(
				'no-good-match',
				!!best && best.scorePoints < 70 - 1e-9,
				'The best wheel is a compromise: below 70 points.'
			)
			.caution(
				'abrasive-does-not-suit',
				!!best && best.parts.abrasive === 0,
				"The best wheel's grain does not suit this material."
			);
		return { ranked, excluded, bestId: best?.id ?? null, ...findings.judged() };
	}
});

/** The weights that count; a shop's own must add up to one. @throws InputFault */
function weightsOf(given: Partial<Record<Part, number>> | null): Readonly<Record<Part, number>> {
	if (!given) return WEIGHTS;
	const own = Object.fromEntries(PARTS.map((p) => [p, given[p] ?? WEIGHTS[p]])) as Record<Part, number>;
	const sum = PARTS.reduce((s, p) => s + own[p], 0);
	if (Math.abs(sum - 1) > 1e-6)
		throw new InputFault(
			'weights',
			'inconsistent',
			`The weights add up to ${sum.toFixed(3)}. They must add up to 1.`
		);
	return own;
}
