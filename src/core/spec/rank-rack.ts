import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { ABRASIVE_FAMILIES } from './families.js';
import { PARTS, type Part, WEIGHTS, scoreParts, scorePoints } from './rank-score.js';
import { surfaceSpeedMps } from './speed.js';

const size = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 3000, required: true, about }) as const;
const grain = { name: 'gritMeanUm', kind: 'number', unit: 'um', min: 0, minOpen: true, max: 10000, about: 'Mean grain' } as const;
const family = { name: 'family', kind: 'choice', choices: ABRASIVE_FAMILIES, about: 'Grain family' } as const;
const grade = { name: 'grade', kind: 'text', pattern: '^[A-Z]$', patternSays: 'must be one capital letter', about: 'Grade letter' } as const;
const structure = { name: 'structure', kind: 'integer', min: 0, max: 16, about: 'Structure number' } as const;
const bond = { name: 'bond', kind: 'text', maxLength: 4, about: 'Bond letters' } as const;

/** Ranks the rack for a job on a machine; what must not be mounted is excluded with every reason. */
export const rankRack = defineCalculation({
	id: 'spec.rank-rack',
	title: 'Rank the rack',
	about: 'Every wheel that may go on this spindle, best first, with the score in seven parts; the others with all reasons against them. A wheel listed here has still not been inspected.',
	source: 'Hard exclusions from general safety practice; weights and score shapes are guidelines, shown and editable.',
	formulas: ['score = 100 sum(weight x part)', 'grit: 1 - |ln(g/g wanted)|/ln 2', 'grade: 1 - n/3 harder, 1 - n/5 softer', 'life: (D - Dmin)/(Dnew - Dmin)'],
	fields: [
		{ name: 'today', kind: 'date', required: true, about: 'Date of the choice' },
		{
			name: 'job', kind: 'object', required: true, about: 'What is wanted', fields: [
				{ ...family, required: true }, { name: 'alternativeFamilies', kind: 'list', default: [] as string[], maxItems: 12, about: 'Other grains that serve', item: { ...family, required: true } },
				{ ...grain, required: true }, grade, structure, bond, { name: 'minWidthMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 3000, about: 'Least width' }
			]
		},
		{
			name: 'machine', kind: 'object', required: true, about: 'Where it goes', fields: [
				size('maxDiameterMm', 'Largest wheel under the guard'), size('maxWidthMm', 'Widest wheel'), size('boreMm', 'Spindle or flange seat'),
				{ name: 'spindleRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 500000, required: true, about: 'Spindle speed' },
				{ name: 'boreToleranceMm', kind: 'number', unit: 'mm', min: 0, max: 10, default: 0.3, about: 'Play allowed in the bore' },
				{ name: 'bushingBoresMm', kind: 'list', default: [] as number[], maxItems: 40, about: 'Bores for which a bushing is kept', item: { name: 'bore', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 3000, required: true, about: 'Bore' } }
			]
		},
		{
			name: 'candidates', kind: 'list', required: true, maxItems: 100000, about: 'Wheels', item: {
				name: 'wheel', kind: 'object', required: true, about: 'A wheel', fields: [
					{ name: 'id', kind: 'text', required: true, maxLength: 60, about: 'Its number' }, family, grain, grade, structure, bond,
					size('diameterMm', 'Diameter today'), size('widthMm', 'Width'), size('boreMm', 'Bore'), { ...size('minDiameterMm', 'Scrap diameter'), minOpen: false }, size('newDiameterMm', 'Diameter when new'),
					{ name: 'ratedSpeedMps', kind: 'number', unit: 'm/s', min: 0, minOpen: true, max: 500, about: 'Marked speed' }, { name: 'ratedSpeedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 500000, about: 'Marked rpm' },
					{ name: 'state', kind: 'choice', choices: ['available', 'mounted', 'quarantined', 'scrapped'], default: 'available', about: 'Where it stands' }, { name: 'expiresOn', kind: 'date', about: 'Last day of use' }
				]
			}
		},
		{ name: 'weights', kind: 'object', advanced: true, about: 'How much each part counts; they add up to 1', fields: PARTS.map((p) => ({ name: p, kind: 'number', min: 0, max: 1, default: WEIGHTS[p], about: `How much ${p} counts` }) as const) }
	],
	outputs: [{ name: 'bestId', about: 'Best wheel', main: true }, { name: 'ranked', about: 'Wheels that may be used, best first' }, { name: 'excluded', about: 'Wheels ruled out, with every reason' }],
	example: {
		today: '2030-06-01', job: { family: 'alumina-white', gritMeanUm: 185, grade: 'I', structure: 8, bond: 'V', minWidthMm: 20, alternativeFamilies: ['alumina-ceramic'] }, machine: { maxDiameterMm: 255, maxWidthMm: 30, boreMm: 76.2, spindleRpm: 2300 },
		candidates: [{ id: 'K-07', family: 'alumina-white', gritMeanUm: 185, grade: 'I', structure: 8, bond: 'V', diameterMm: 240, widthMm: 25, boreMm: 76.2, minDiameterMm: 150, newDiameterMm: 250, ratedSpeedMps: 35 }]
	},
	compute({ today, job, machine, candidates, weights: given }) {
		checkCandidates(candidates);
		const weights = weightsOf(given as Partial<Record<Part, number>> | null);
		const ranked = [];
		const excluded: { id: string; codes: string[] }[] = [];
		for (const w of candidates) {
			const play = w.boreMm - machine.boreMm;
			const fits = play >= -1e-9 && play <= machine.boreToleranceMm + 1e-9;
			const bushed = machine.bushingBoresMm.some((b) => Math.abs(w.boreMm - b) <= machine.boreToleranceMm + 1e-9);
			const speed = surfaceSpeedMps(w.diameterMm, machine.spindleRpm);
			const codes = exclusions(w, today, machine, speed, fits || bushed);
			if (codes.length) { excluded.push({ id: w.id, codes }); continue; }
			const parts = scoreParts(job, w, machine.maxDiameterMm);
			ranked.push({ id: w.id, scorePoints: scorePoints(parts, weights), needsBushing: !fits, surfaceSpeedMps: speed, remainingRadiusMm: (w.diameterMm - w.minDiameterMm) / 2, parts });
		}
		const key = (n: number) => Math.round(n * 1e6);
		ranked.sort((a, b) => key(b.scorePoints) - key(a.scorePoints) || b.parts.life - a.parts.life || (a.id < b.id ? -1 : 1));
		const best = ranked[0];
		const findings = new Findings()
			.stop('no-usable-wheel', !best, 'No wheel on the rack may go on this spindle for this job.')
			.caution('no-good-match', !!best && best.scorePoints < 70 - 1e-9, 'The best wheel is a compromise: below 70 points.')
			.caution('abrasive-does-not-suit', !!best && best.parts.abrasive === 0, 'The best wheel\'s grain does not suit this material.');
		return { ranked, excluded, bestId: best?.id ?? null, ...findings.judged() };
	}
});

/** The weights that count; a shop's own must add up to one. @throws InputFault */
function weightsOf(given: Partial<Record<Part, number>> | null): Readonly<Record<Part, number>> {
	if (!given) return WEIGHTS;
	const own = Object.fromEntries(PARTS.map((p) => [p, given[p] ?? WEIGHTS[p]])) as Record<Part, number>;
	const sum = PARTS.reduce((s, p) => s + own[p], 0);
	if (Math.abs(sum - 1) > 1e-6) throw new InputFault('weights', 'inconsistent', `The weights add up to ${sum.toFixed(3)}. They must add up to 1.`);
	return own;
}

type Candidate = { id: string; state: string; expiresOn: string | null; ratedSpeedMps: number | null; ratedSpeedRpm: number | null; diameterMm: number; widthMm: number; minDiameterMm: number; newDiameterMm: number };

function checkCandidates(candidates: Candidate[]): void {
	const seen = new Set<string>();
	candidates.forEach((w, i) => {
		if (seen.has(w.id)) throw new InputFault(`candidates.${i}.id`, 'inconsistent', `Wheel ${w.id} is listed twice. Remove one of them.`);
		seen.add(w.id);
		if (w.newDiameterMm < w.diameterMm || w.newDiameterMm <= w.minDiameterMm) throw new InputFault(`candidates.${i}.newDiameterMm`, 'inconsistent', `Wheel ${w.id}: the new diameter ${w.newDiameterMm} mm must be at least the diameter today and above the scrap diameter.`);
	});
}

function exclusions(w: Candidate, today: string, machine: { maxDiameterMm: number; maxWidthMm: number; spindleRpm: number }, speedMps: number, boreFits: boolean): string[] {
	const codes: string[] = [];
	const rule = (code: string, when: boolean) => { if (when) codes.push(code); };
	const over = (value: number, limit: number | null) => limit !== null && value > limit * (1 + 1e-9);
	rule(w.state, w.state === 'quarantined' || w.state === 'scrapped');
	rule('expired', w.expiresOn !== null && w.expiresOn < today);
	const unknown = w.ratedSpeedMps === null && w.ratedSpeedRpm === null;
	rule('rating-unknown', unknown);
	rule('rated-speed-too-low', !unknown && (over(speedMps, w.ratedSpeedMps) || over(machine.spindleRpm, w.ratedSpeedRpm)));
	rule('bore-mismatch', !boreFits);
	rule('too-large', over(w.diameterMm, machine.maxDiameterMm));
	rule('too-wide', over(w.widthMm, machine.maxWidthMm));
	rule('worn-out', w.diameterMm <= w.minDiameterMm * (1 + 1e-9));
	return codes;
}
