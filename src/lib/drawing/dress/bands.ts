/** A stretch of a one-line scale with its name and colour. */
export interface Band {
	from: number;
	to: number;
	name: string;
	fill: string;
}
export const GOOD = 'var(--ok-soft)';
export const FINE = 'var(--act-soft)';
export const WATCH = 'var(--caution-soft)';
export const BAD = 'var(--stop-soft)';
export const PLAIN = 'var(--bar)';
