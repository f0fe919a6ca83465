const RATIO = (Math.sqrt(5) - 1) / 2;

/**
 * Where a function of one number is least between two ends, if it has one valley there.
 * @example Math.round(1000 * goldenSection((x) => (x - 2) ** 2, 0, 5)) // 2000
 */
export function goldenSection(f: (x: number) => number, from: number, to: number, within = 1e-9): number {
	let [a, b] = [from, to];
	let [c, d] = [b - RATIO * (b - a), a + RATIO * (b - a)];
	let [fc, fd] = [f(c), f(d)];
	while (b - a > within) {
		if (fc <= fd) {
			[b, d, fd] = [d, c, fc];
			c = b - RATIO * (b - a);
			fc = f(c);
		} else {
			[a, c, fc] = [c, d, fd];
			d = a + RATIO * (b - a);
			fd = f(d);
		}
	}
	return (a + b) / 2;
}
