/** Voltage without a gap, and a um of gap adds so much; under this gap it is a short, and it pulls back so far; a wire breaks after so long. */
const [BASE_V, V_PER_UM, SHORT_UM, PULLS_BACK_UM, BREAKS_AFTER_S] = [30, 0.8, 3, 5, 3];

/** What a generator shows at one moment. */
export interface Spark {
	timeS: number;
	gapUm: number;
	voltageV: number;
	currentA: number;
	short: boolean;
	/** The wire has carried more than it bears for too long. */
	broken: boolean;
	overS: number;
}
export const startOfSparks = (gapUm: number): Spark => ({
	timeS: 0,
	gapUm,
	voltageV: BASE_V + V_PER_UM * gapUm,
	currentA: 0,
	short: false,
	broken: false,
	overS: 0
});

/** One fixed step of the generator: the rim closes the gap by `approachUm`, the sparks open it again in proportion. */
export function nextSpark(
	s: Spark,
	o: { stepS: number; setGapUm: number; setCurrentA: number; approachUm: number; wireMargin: number }
): Spark {
	if (s.broken) return { ...s, timeS: s.timeS + o.stepS };
	const closing = s.gapUm - o.approachUm;
	const short = closing < SHORT_UM;
	const gapUm = short ? closing + PULLS_BACK_UM : closing;
	// Beyond the set gap the current falls in proportion; a short carries all of it and removes nothing.
	const currentA = gapUm > o.setGapUm ? (o.setCurrentA * o.setGapUm) / gapUm : o.setCurrentA;
	const overS = o.wireMargin < 1 ? s.overS + o.stepS : 0;
	return {
		timeS: s.timeS + o.stepS,
		gapUm,
		voltageV: BASE_V + V_PER_UM * gapUm,
		currentA,
		short,
		overS,
		broken: overS >= BREAKS_AFTER_S - 1e-9
	};
}
