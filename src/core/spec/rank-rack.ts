import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { RANK_FIELDS } from './rank-fields.js';
import { boreOn, checkCandidates, codesOf, ruledOut } from './rank-exclusions.js';
import { betterFirst, partsFor, scorePoints, weightsOf } from './rank-score.js';
import { surfaceSpeedMps } from './speed.js';

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
	fields: RANK_FIELDS,
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
		const weights = weightsOf(given);
		const ranked = [];
		const excluded: { id: string; codes: readonly string[] }[] = [];
		const judged = ruledOut(today, machine, job.minWidthMm);
		const scored = partsFor(job, machine.maxDiameterMm);
		for (const candidate of candidates) {
			const reasons = judged(candidate);
			if (reasons) {
				excluded.push({ id: candidate.id, codes: codesOf(reasons) });
				continue;
			}
			const parts = scored(candidate);
			ranked.push({
				id: candidate.id,
				scorePoints: scorePoints(parts, weights),
				needsBushing: boreOn(machine, candidate.boreMm) === 'bushed',
				surfaceSpeedMps: surfaceSpeedMps(candidate.diameterMm, machine.spindleRpm),
				remainingRadiusMm: (candidate.diameterMm - candidate.minDiameterMm) / 2,
				parts
			});
		}
		ranked.sort((a, b) => betterFirst({ ...a, life: a.parts.life }, { ...b, life: b.parts.life }));
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
