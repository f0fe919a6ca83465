/** How far two clocks may be apart without either being wrong. */
const APART_MS = 60_000;

/**
 * Whether the time a browser tells of what waited in it can be: not before the setup was begun, not after the record was taken. Any
 * other is kept as it was told, and said to be that of the browser's clock.
 * @example enteredCanBe(500, 0, 1000) // true
 */
export const enteredCanBe = (enteredAtMs: number, begunAtMs: number | null, takenAtMs: number): boolean =>
	enteredAtMs >= (begunAtMs ?? -Infinity) - APART_MS && enteredAtMs <= takenAtMs + APART_MS;
