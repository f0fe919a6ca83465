import { type RackRow, rankMany } from '../../src/core/spec/rank-many.js';
import type { JobWish } from '../../src/core/spec/rank-score.js';
import { rankRack } from '../../src/core/spec/rank-rack.js';
import { medianMs } from './median.js';
import type { Ratio } from './ratio.js';

const MANY = 20_000;
const FAMILIES = ['alumina', 'alumina-white', 'alumina-pink', 'silicon-carbide'];
const FRIABLE = ['alumina-white', 'alumina-pink'];
/** The job of the example. */
const JOB = (rankRack.example as { job: JobWish & { grade: string; structure: number; minWidthMm: number } })
	.job;
const MACHINE = { maxDiameterMm: 305, maxWidthMm: 40, boreMm: 76.2, spindleRpm: 2300 };
const CANDIDATES = Array.from({ length: MANY }, (_, i): RackRow => ({
	id: `R${i}`,
	family: FAMILIES[i % 4]!,
	gritMeanUm: 100 + (i % 300),
	grade: 'HIJKLM'[i % 6]!,
	structure: i % 12,
	bond: 'V',
	diameterMm: 200 + (i % 100),
	widthMm: 25,
	boreMm: i % 3 ? 76.2 : 127,
	minDiameterMm: 150,
	newDiameterMm: 300,
	ratedSpeedMps: 35 + (i % 2) * 5,
	ratedSpeedRpm: null,
	state: 'available',
	expiresOn: null
}));

/** The same arithmetic as somebody would write it down once for this job: ruled out, scored, put in order. */
function byHand(): number {
	const ranked: { id: string; points: number; life: number }[] = [];
	for (const w of CANDIDATES) {
		if ((Math.PI * w.diameterMm * MACHINE.spindleRpm) / 60_000 > w.ratedSpeedMps!) continue;
		if (Math.abs(w.boreMm - MACHINE.boreMm) > 0.3) continue;
		if (w.diameterMm > MACHINE.maxDiameterMm || w.widthMm > MACHINE.maxWidthMm) continue;
		const abrasive =
			w.family === JOB.family ? 1 : FRIABLE.includes(w.family!) ? 0.85 : w.family === 'alumina' ? 0.6 : 0;
		const grit = Math.max(0, 1 - Math.abs(Math.log(w.gritMeanUm! / JOB.gritMeanUm)) / Math.LN2);
		const harder = w.grade!.charCodeAt(0) - JOB.grade.charCodeAt(0);
		const grade = Math.max(0, harder > 0 ? 1 - harder / 3 : 1 + harder / 5);
		const structure = Math.max(0, 1 - Math.abs(w.structure! - JOB.structure) / 6);
		const life = (w.diameterMm - w.minDiameterMm) / (w.newDiameterMm - w.minDiameterMm);
		const size = (w.diameterMm / MACHINE.maxDiameterMm) * Math.min(1, w.widthMm / JOB.minWidthMm);
		const points =
			100 * (0.25 * abrasive + 0.25 * grit + 0.2 * grade + 0.1 + 0.1 * life + 0.05 * structure + 0.05 * size);
		ranked.push({ id: w.id, points, life });
	}
	ranked.sort((a, b) => b.points - a.points || b.life - a.life || (a.id < b.id ? -1 : 1));
	return ranked.length;
}

/**
 * Ranking a large rack for a job against a loop that does the same by hand: as Select does it, and as the
 * calculation does with every row checked.
 */
export async function ranking(): Promise<Ratio[]> {
	const loop = await medianMs(byHand, 15);
	const asked = {
		today: '2030-06-01',
		job: JOB,
		machine: { ...MACHINE, boreToleranceMm: 0.2, bushingBoresMm: [] },
		weights: null
	};
	const many = await medianMs(
		() => rankMany(asked, CANDIDATES, () => false, { best: 40, excluded: 120 }),
		15
	);
	const whole = await medianMs(() => rankRack.run({ ...asked, candidates: CANDIDATES }));
	const of = `a loop that rules out, scores and sorts the same by hand (${loop.toFixed(1)} ms`;
	return [
		{
			name: `ranking ${MANY} wheels for Select`,
			value: many / loop,
			unit: 'times',
			aim: 'aim: at most 2',
			of: `${of}; ranked, with reasons and the nearest of those ruled out, in ${many.toFixed(1)} ms)`
		},
		{
			name: '... with every row checked and every part told',
			value: whole / loop,
			unit: 'times',
			aim: '',
			of: `${of}; ${whole.toFixed(0)} ms)`
		}
	];
}
