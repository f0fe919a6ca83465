import { importWheels } from '../../src/lib/server/wheels/rack-import.js';
import { row, write } from '../../src/lib/server/storage/pool.js';
import type { User } from '../../src/lib/server/people/sign-in.js';
import type { Ratio } from './ratio.js';
import { medianMs } from './median.js';
import { ranking } from './ranking.js';

const MANY = 20_000;
const FEW = 500;
const LETTERS = ['A', 'WA', 'PA', 'C'];

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
		'/rack?state=available&sort=canonical&page=3',
		'/rack?sort=life',
		'/rack?sort=expires&down=1',
		'/find?q=f42',
		'/setups/143/select/__data.json'
	];
	const time = (path: string) =>
		medianMs(async () => {
			const response = await fetch(base + path, { headers: { cookie } });
			if (!response.ok) throw new Error(`${path} answered ${response.status}`);
			await response.text();
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
		...(await ranking()),
		...pages.map((p, i): Ratio => ({
			name: p,
			value: large[i]! / small[i]!,
			unit: 'times',
			aim: 'a report: no shop has so many',
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
