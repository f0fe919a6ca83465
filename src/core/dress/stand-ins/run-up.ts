const TIME_CONSTANT_S = 1.2;

/** Speed of a driven roll so long after it was switched on, less what it slips under load, in rpm. */
export function rollRunUp(o: { setRpm: number; afterS: number; slipShare?: number }): number {
	return o.setRpm * (1 - Math.exp(-o.afterS / TIME_CONSTANT_S)) * (1 - (o.slipShare ?? 0));
}
/** When it has come within one part in a hundred of its speed. @example upToSpeedS() // 5.526204 */
export const upToSpeedS = (): number => TIME_CONSTANT_S * Math.log(100);
