import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { GOOD } from '../../shared/good-work.js';
import { MOUNT, did, worked, recordOf } from '../../shared/setup-in-memory.js';
import { lastEstimate } from '../../../src/core/route/stations/balance/conclude.js';
import { toleranceFor } from '../../../src/core/route/stations/balance/tolerance.js';

/** A setup at Balance on the stand, and one that stands on its spindle still. */
export const atBalance = () => worked('balance.swing');
export const onSpindle = () => worked('balance.off');
export const noTrack = (f: SetupFacts): SetupFacts => ({
	...f,
	mount: { ...MOUNT, trackRadiusMm: null, weightCount: 0, weightMassG: null }
});
export const permissible = (f: SetupFacts) => toleranceFor(f, null).output.permissibleGmm as number;
export const found = (f: SetupFacts, step: string, calculation: string) =>
	recordOf(f, 'balance', step, calculation)!.output as Record<string, number>;
export const estimate = (f: SetupFacts) => lastEstimate(f)!.output;
/** Put back, and started guarded again. */
export const backOnSpindle = (f: SetupFacts): SetupFacts =>
	(['back', 'restart'] as const).reduce(
		(g, step) => did(g, 'balance', step, GOOD.find(([s, n]) => s === 'balance' && n === step)![2]),
		f
	);
