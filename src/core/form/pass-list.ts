import { SLACK, ceilCount } from '../numeric/rounding.js';

interface Pass {
	kind: 'rough' | 'finish' | 'spark-out';
	depthUm: number;
	/** What is left above the form after it. */
	remainingUm: number;
}

/** Rough passes, all of them equal, then finish passes, then those with no feed, for a stock in um. */
export function passList(o: {
	stockUm: number;
	roughDepthUm: number;
	finishDepthUm: number;
	finishPasses: number;
	sparkOutPasses: number;
}) {
	const finishStock = Math.min(o.stockUm, o.finishPasses * o.finishDepthUm);
	const roughStock = o.stockUm - finishStock;
	const roughCount = roughStock > SLACK ? ceilCount(roughStock, o.roughDepthUm) : 0;
	const finishCount = finishStock > SLACK ? ceilCount(finishStock, o.finishDepthUm) : 0;
	const roughEachUm = roughCount ? roughStock / roughCount : 0;
	const finishEachUm = finishCount ? finishStock / finishCount : 0;
	const passes: Pass[] = [
		...Array.from({ length: roughCount }, (_, i) => ({
			kind: 'rough' as const,
			depthUm: roughEachUm,
			remainingUm: o.stockUm - (i + 1) * roughEachUm
		})),
		...Array.from({ length: finishCount }, (_, i) => ({
			kind: 'finish' as const,
			depthUm: finishEachUm,
			remainingUm: (finishCount - 1 - i) * finishEachUm
		})),
		...Array.from({ length: o.sparkOutPasses }, () => ({
			kind: 'spark-out' as const,
			depthUm: 0,
			remainingUm: 0
		}))
	].map((p) => ({ ...p, remainingUm: p.remainingUm < SLACK ? 0 : p.remainingUm }));
	return { passes, roughCount, roughEachUm, finishCount, finishEachUm };
}
