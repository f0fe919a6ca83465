/** The middle one of several timings, in milliseconds, after one that does not count. */
export async function medianMs(work: () => unknown | Promise<unknown>, runs = 7): Promise<number> {
	await work();
	const times: number[] = [];
	for (let i = 0; i < runs; i++) {
		const begun = performance.now();
		await work();
		times.push(performance.now() - begun);
	}
	return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}
