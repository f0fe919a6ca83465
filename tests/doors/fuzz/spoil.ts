/** Seeded chance: the same seed knocks the same way. */
export type Rng = () => number;
export const pick = <T>(rng: Rng, list: readonly T[]): T => list[Math.floor(rng() * list.length)]!;
const nested = (depth: number): unknown => {
	let v: unknown = 1;
	for (let i = 0; i < depth; i++) v = i % 2 ? [v] : { a: v };
	return v;
};
/** Bodies that are no group of named values. */
export const UNREADABLE = ['', 'x', '{', '[]', 'null', '"a"', '7', '{"a":', '{"key":1}', '\u0000', '[[[['];
/** Values that no form would send. */
export const ODD = (rng: Rng): unknown =>
	pick<() => unknown>(rng, [
		() => null,
		() => '',
		() => ' ',
		() => -1,
		() => 1e308,
		() => 0.1,
		() => 2 ** 53,
		() => true,
		() => [],
		() => ({}),
		() => [null],
		() => ({ toString: 1, valueOf: 2 }),
		() => ({ length: 5 }),
		() => '9999-12-31',
		() => '12026-01-01',
		() => '0000-00-00',
		() => 'x'.repeat(5000),
		() => '\u0000',
		() => '\ud800',
		() => "'; DROP TABLE records; --",
		() => '<script>alert(1)</script>',
		() => '＝1+1',
		() => randomText(rng),
		() => nested(20),
		() => nested(40),
		() => nested(3000),
		() => JSON.parse('{"__proto__": {"a": 1}}') as unknown,
		() => ({ constructor: { prototype: { a: 1 } } }),
		() => Array.from({ length: 3000 }, () => 0)
	])();
export const randomText = (rng: Rng): string =>
	Array.from({ length: 1 + Math.floor(rng() * 12) }, () =>
		String.fromCharCode(32 + Math.floor(rng() * 400))
	).join('');

/** Spoils one place of a value, or a few. */
export function spoilt(rng: Rng, value: unknown, depth = 0): unknown {
	if (typeof value !== 'object' || value === null || depth > 6 || rng() < 0.15) return ODD(rng);
	const copy: unknown = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
	const keys = Object.keys(copy as object);
	if (!keys.length || rng() < 0.1) {
		Object.defineProperty(copy, pick(rng, ['extra', '__proto__', 'constructor', 'junk']), {
			value: ODD(rng),
			enumerable: true,
			configurable: true
		});
		return copy;
	}
	const key = pick(rng, keys);
	const inside = copy as Record<string, unknown>;
	if (rng() < 0.15) delete inside[key];
	else inside[key] = spoilt(rng, inside[key], depth + 1);
	return copy;
}
