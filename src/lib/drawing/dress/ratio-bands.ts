import { BAD, FINE, GOOD, PLAIN, WATCH } from '$lib/drawing/dress/bands';

/** What the ratio of the surfaces does to the wheel, from against each other to running together. */
export const RATIO_BANDS = [
	{ from: -1.2, to: -1, name: '', fill: PLAIN },
	{ from: -1, to: -0.15, name: 'finer', fill: FINE },
	{ from: -0.15, to: 0.3, name: 'dull', fill: WATCH },
	{ from: 0.3, to: 0.95, name: 'open', fill: GOOD },
	{ from: 0.95, to: 1.05, name: 'crush', fill: BAD },
	{ from: 1.05, to: 1.3, name: '', fill: PLAIN }
] as const;

export const ratioMeans = (q: number): string =>
	Math.abs(q - 1) < 0.05
		? 'crushes'
		: q >= 0.3
			? 'opens the wheel'
			: q <= -0.15
				? 'finer finish'
				: 'dulls it';
export const signed = (q: number): string => `${q > 0 ? '+' : q < 0 ? '−' : ''}${Math.abs(q).toFixed(2)}`;
