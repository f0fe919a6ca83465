import type { Ratio } from './ratio.js';
import { Recording, pause } from '../trial/recording.js';

const MANY = 50;
const FOR_MS = 12_000;
const SHARE = 0.95;
/** Far more often than anybody at a grinder records anything. */
const EVERY_MS = 2000;

/** The wait that 95 of 100 records stay under, and how many there were in a second. */
async function waited(base: string, people: number, restMs: number): Promise<{ ms: number; each: number }> {
	const all = await Recording.begin([base], people, restMs);
	await pause(FOR_MS);
	const { acknowledged } = await all.end();
	const waits = all.waitsMs().sort((a, b) => a - b);
	return { ms: waits[Math.floor(SHARE * (waits.length - 1))]!, each: acknowledged / (FOR_MS / 1000) };
}

/** Fifty people against one: as people record, and without a pause, which says how much there is room for. */
export async function benchOperators(base: string): Promise<Ratio[]> {
	const one = await waited(base, 1, 200);
	const many = await waited(base, MANY, EVERY_MS);
	const without = await waited(base, MANY, 0);
	const each = (n: { each: number }) => `${n.each.toFixed(0)} records a second`;
	return [
		{
			name: `${MANY} people recording every ${EVERY_MS / 1000} s, p95`,
			value: many.ms / one.ms,
			unit: 'times',
			aim: 'aim: at most 4',
			of: `one person (${one.ms.toFixed(0)} ms; ${many.ms.toFixed(0)} ms with ${MANY}, ${each(many)}); each begins a setup, again and again`
		},
		{
			name: '... without any pause',
			value: without.ms / one.ms,
			unit: 'times',
			aim: '',
			of: `the same (${without.ms.toFixed(0)} ms, ${each(without)}: as many as there is room for on this machine)`
		}
	];
}
