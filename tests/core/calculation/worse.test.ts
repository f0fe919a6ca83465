import { expect } from 'chai';
import { CALCULATIONS } from '../../../src/core/calculations.js';
import type { Calculation } from '../../../src/core/calculation/define.js';
import type { NumberField } from '../../../src/core/calculation/fields.js';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { fieldIn } from '../../../src/core/calculation/in-system.js';
import type { System } from '../../../src/core/quantity/parse.js';
import { WINDOWS } from './windows.js';

const RANK: Readonly<Record<string, number>> = { ok: 0, caution: 1, stop: 2 };
type Values = Readonly<Record<string, unknown>>;
const numbersOf = (c: Calculation) =>
	c.fields.filter((f): f is NumberField => f.kind === 'number' || f.kind === 'integer');

/** How bad these values are; null where they are refused, or nothing is judged. */
function rank(c: Calculation, values: Values, system: System): number | null {
	try {
		return RANK[String(c.run(values, system).verdict)] ?? null;
	} catch (e) {
		if (e instanceof InputFault) return null;
		throw e;
	}
}

/** Examples that end in a stop show nothing; these are sound. */
const SOUND: Readonly<Record<string, Values>> = {
	'mount.flange-check': { frontFlangeDiameterMm: 90, runoutUm: 4 }
};
const exampleOf = (c: Calculation): Values => ({ ...(c.example as Values), ...SOUND[c.id] });
/** What takes long is swept about its example alone. */
const SLOW = ['inspect.ring-analysis', 'balance.simulate-stand'];

/** The example, and the example with each other figure half and double. */
function around(c: Calculation, but: NumberField): Values[] {
	const example = exampleOf(c);
	if (SLOW.includes(c.id)) return [example];
	return numbersOf(c).reduce<Values[]>(
		(all, g) => {
			const at = example[g.name];
			if (g === but || typeof at !== 'number') return all;
			const whole = (x: number): number => (g.kind === 'integer' ? Math.round(x) : x);
			return [...all, { ...example, [g.name]: whole(at / 2) }, { ...example, [g.name]: whole(2 * at) }];
		},
		[example]
	);
}

/** From one end to the other in so many strides, and closer about the usual figure, ascending. */
function sweep(f: NumberField, at: number, strides: number): number[] {
	const [lo, hi] = [f.min ?? -1e3, f.max ?? 1e6];
	const values = [lo, hi, at];
	for (let i = 0; i <= strides; i++) {
		const decade = at * 10 ** (-2 + (4 * i) / strides);
		values.push(lo + ((hi - lo) * i) / strides, decade, -decade);
	}
	const inside = values.filter(
		(x) => x >= lo && x <= hi && !(f.minOpen && x === lo) && !(f.maxOpen && x === hi)
	);
	return [...new Set(f.kind === 'integer' ? inside.map(Math.round) : inside)].sort((a, b) => a - b);
}

/** Which ways the verdict was seen to get worse when this figure grows. */
function seen(c: Calculation, f: NumberField): { up: boolean; down: boolean } {
	const ways = { up: false, down: false };
	for (const system of c.fields.some((g) => 'inch' in g) ? (['mm', 'inch'] as const) : (['mm'] as const)) {
		const end = fieldIn(f, system);
		const at = Number(exampleOf(c)[f.name] ?? end.default ?? 1);
		// The inch system differs by its ends alone: it is swept about the example only.
		for (const [i, base] of (system === 'mm' ? around(c, f) : [exampleOf(c)]).entries()) {
			const values = sweep(end, at, i ? 6 : 10);
			let last: number | null = null;
			for (const x of values) {
				const now = rank(c, { ...base, [f.name]: x }, system);
				if (now === null) continue;
				if (last !== null && now > last) ways.up = true;
				if (last !== null && now < last) ways.down = true;
				last = now;
			}
		}
	}
	return ways;
}

/** All that judge, but what compares simulations for seconds: those say which of two is better, and judge no input. */
const JUDGED = CALCULATIONS.filter((c) => c.heavy !== true && rank(c, exampleOf(c), 'mm') !== null);
const named = (of: (c: Calculation, name: string) => boolean): string[] =>
	JUDGED.flatMap((c) =>
		Object.keys(c.worse ?? {})
			.filter((name) => of(c, name))
			.map((name) => `${c.id} ${name}`)
	).sort();

describe('worse input', function () {
	this.timeout(180_000);
	for (const c of JUDGED)
		it(`never gives a better verdict: ${c.id}`, () => {
			for (const f of numbersOf(c)) {
				const says = c.worse?.[f.name];
				if (says === 'none') continue;
				const { up, down } = seen(c, f);
				expect(up && says !== 'up', `${f.name} gets worse upwards`).to.equal(false);
				expect(down && says !== 'down', `${f.name} gets worse downwards`).to.equal(false);
			}
		});
	it('is told for figures there are, and where neither way is worse there is a reason', () => {
		expect(named((c, name) => !numbersOf(c).some((f) => f.name === name))).to.deep.equal([]);
		expect(named((c, name) => c.worse?.[name] === 'none')).to.deep.equal(
			WINDOWS.flatMap(([, fields]) => fields).sort()
		);
		expect(WINDOWS.every(([why]) => why.length > 30)).to.equal(true);
	});
	it('that cannot be is never taken', () => {
		for (const c of CALCULATIONS)
			for (const f of numbersOf(c))
				for (const system of ['mm', 'inch'] as const) {
					const { min, max } = fieldIn(f, system);
					const beyond = [NaN, Infinity, -Infinity];
					if (min !== undefined) beyond.push(min - 1 - Math.abs(min));
					if (max !== undefined) beyond.push(max + 1 + Math.abs(max));
					for (const x of beyond)
						expect(() => c.run({ ...c.example, [f.name]: x }, system), `${c.id} ${f.name} ${x}`).to.throw(
							InputFault
						);
				}
	});
});
