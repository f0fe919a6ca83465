/** Seeded generator (mulberry32) used by every simulator, so that a seed always gives the same run. */
export function mulberry32(seed: number): () => number {
	let a = seed >>> 0;
	return () => {
		a = (a + 0x6d2b79f5) >>> 0;
		let t = Math.imul(a ^ (a >>> 15), a | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

/** One standard normal value from two draws (Box-Muller, cosine branch). */
export function gauss(rng: () => number): number {
	const u1 = Math.max(rng(), 1e-12);
	const u2 = rng();
	return Math.sqrt(-2 * Math.log(u1)) * Math.cos(2 * Math.PI * u2);
}
