import { CALCULATIONS } from '../../core/calculations.js';
import { surfaceSpeedMps } from '../../core/spec/speed.js';
import { importWheels } from '../../lib/server/wheels/rack-import.js';
import { row, write } from '../../lib/server/db/pool.js';
import type { User } from '../../lib/server/people/sign-in.js';
import type { Ratio } from './ratio.js';
import { medianMs } from './median.js';

const MANY = 20_000;
const FEW = 500;
const FAMILIES = ['alumina', 'alumina-white', 'alumina-pink', 'silicon-carbide'];
const LETTERS = ['A', 'WA', 'PA', 'C'];

/** Ranking a large rack for a job against one bare pass over the same rows. */
function ranking(): Promise<Ratio> {
	const rank = CALCULATIONS.find((c) => c.id === 'spec.rank-rack')!;
	const candidates = Array.from({ length: MANY }, (_, i) => ({
		id: `R${i}`,
		family: FAMILIES[i % 4],
		gritMeanUm: 100 + (i % 300),
		grade: 'HIJKLM'[i % 6],
		structure: i % 12,
		bond: 'V',
		diameterMm: 200 + (i % 100),
		widthMm: 25,
		boreMm: i % 3 ? 76.2 : 127,
		minDiameterMm: 150,
		newDiameterMm: 300,
		ratedSpeedMps: 35 + (i % 2) * 5
	}));
	const input = {
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
		machine: { maxDiameterMm: 305, maxWidthMm: 40, boreMm: 76.2, spindleRpm: 2300 },
		candidates
	};
	let kept = 0;
	const bare = () => {
		for (const w of candidates)
			if (surfaceSpeedMps(w.diameterMm, 2300) <= w.ratedSpeedMps && Math.abs(w.boreMm - 76.2) < 0.3)
				kept += w.diameterMm;
	};
	return (async () => {
		const ranked = await medianMs(() => rank.run(input));
		const pass = await medianMs(bare, 15);
		return {
			name: `ranking ${MANY} wheels`,
			value: ranked / pass,
			unit: 'times',
			aim: '',
			of: `a bare pass over the same rows (${pass.toFixed(2)} ms; ranked, checked and scored in ${ranked.toFixed(0)} ms, ${((1000 * ranked) / MANY).toFixed(1)} us a wheel)${kept < 0 ? '!' : ''}`
		};
	})();
}

const fill = async (prefix: string, n: number, who: User): Promise<void> => {
	await importWheels(
		Array.from({ length: n }, (_, i) => ({
			wheel: {
				number: `${prefix}${i}`,
				marking: `${LETTERS[i % 4]} ${[46, 60, 80, 100][i % 4]} ${'HIJKLM'[i % 6]} 7 V`,
				newDiameterMm: 300,
				diameterMm: 200 + (i % 90),
				widthMm: 25,
				boreMm: 76.2,
				minDiameterMm: 180,
				massKg: 4,
				ratedMps: 40,
				place: `bay ${i % 40}`
			}
		})),
		who,
		() => undefined
	);
};

/** The rack's page, filtered and sorted, on a large rack against a small one; `settle` lets the database finish writing what was just taken in. */
export async function benchRack(base: string, cookie: string, settle: () => Promise<void>): Promise<Ratio[]> {
	const who = (await row<User>("SELECT id, name, role FROM users WHERE name = 'Mara Okonjo'"))!;
	const pages = [
		'/rack',
		'/rack?family=alumina-white&sort=diameter&down=1',
		'/rack?q=WA',
		'/rack?q=f42',
		'/rack?state=available&sort=canonical&page=3'
	];
	const time = (path: string) =>
		medianMs(async () => {
			const r = await fetch(base + path, { headers: { cookie } });
			if (!r.ok) throw new Error(`${path} answered ${r.status}`);
			await r.text();
		}, 15);
	await fill('F', FEW - 44, who);
	await write('ANALYZE TABLE wheels');
	await settle();
	const small: number[] = [];
	for (const p of pages) small.push(await time(p));
	const begun = performance.now();
	await fill('M', MANY - FEW, who);
	const tookS = (performance.now() - begun) / 1000;
	await write('ANALYZE TABLE wheels');
	await settle();
	const large: number[] = [];
	for (const p of pages) large.push(await time(p));
	return [
		await ranking(),
		...pages.map((p, i): Ratio => ({
			name: `rack page ${p.replace('/rack', '') || 'plain'}`,
			value: large[i]! / small[i]!,
			unit: 'times',
			aim: 'aim: at most 2',
			of: `the same page at ${FEW} wheels (${small[i]!.toFixed(1)} ms; at ${MANY} ${large[i]!.toFixed(1)} ms)`
		})),
		{
			name: `taking in ${MANY - FEW} wheels`,
			value: tookS,
			unit: 's',
			aim: '',
			of: 'one transaction, every line checked again'
		}
	];
}
