/** One pass of a dress, in the order it is made. */
export interface Pass {
	kind: 'rough' | 'finish' | 'spark-out';
	number: number;
	depthUm: number;
	leadUm: number;
	traverseMmPerMin: number;
	timeS: number;
	diameterAfterMm: number;
	/** On a face only. */
	rimDepthAfterMm?: number;
}

/** The plan as somebody would say it at the machine. */
export function inWords(passes: Pass[], returnMode: string): string[] {
	const steps = ['Touch off at the high place and zero there.'];
	for (const kind of ['rough', 'finish', 'spark-out'] as const) {
		const group = passes.filter((pass) => pass.kind === kind);
		const first = group[0];
		if (!first) continue;
		const times = `${group.length} ${group.length === 1 ? 'pass' : 'passes'}`;
		const rate = `traverse ${Math.round(first.traverseMmPerMin)} mm/min`;
		steps.push(
			kind === 'spark-out'
				? `${times} with no feed, ${rate}.`
				: `${times} of ${first.depthUm.toFixed(1)} µm, ${rate}${returnMode === 'one-way' ? ', lift and run back' : ''}.`
		);
	}
	return [...steps, 'Withdraw, let the coolant spin out, turn the diamond a little in its holder.'];
}
