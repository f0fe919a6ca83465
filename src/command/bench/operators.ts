import type { Ratio } from './ratio.js';
import { Recording, pause } from '../recording.js';

const MANY = 50;
const FOR_MS = 10_000;
const SHARE = 0.95;

/** How long somebody waits for a record while so many record one after the other, without a pause between. */
async function waitedMs(base: string, people: number): Promise<number> {
	const all = await Recording.begin([base], people);
	await pause(FOR_MS);
	await all.end();
	const waited = all.waitsMs().sort((a, b) => a - b);
	return waited[Math.floor(SHARE * (waited.length - 1))]!;
}

/** Fifty people against one: the wait that 95 of 100 records stay under. */
export async function benchOperators(base: string): Promise<Ratio[]> {
	const one = await waitedMs(base, 1);
	const many = await waitedMs(base, MANY);
	return [
		{
			name: `${MANY} people recording without a pause, p95`,
			value: many / one,
			unit: 'times',
			aim: 'aim: at most 4',
			of: `one person (${one.toFixed(0)} ms; ${many.toFixed(0)} ms with ${MANY}); each begins a setup, again and again`
		}
	];
}
