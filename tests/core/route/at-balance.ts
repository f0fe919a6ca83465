import { type SetupFacts } from '../../../src/core/route/facts.js';
import { MOUNT, worked, recordOf } from '../../shared/setup-in-memory.js';
import { lastEstimate } from '../../../src/core/route/stations/balance/conclude.js';
import { toleranceFor } from '../../../src/core/route/stations/balance/tolerance.js';

/** A setup at Balance, and what it has learnt so far. */
export const atBalance = () => worked('balance.swing');
export const noTrack = (f: SetupFacts): SetupFacts => ({
	...f,
	mount: { ...MOUNT, trackRadiusMm: null, weightCount: 0, weightMassG: null }
});
export const permissible = (f: SetupFacts) => toleranceFor(f, null).output.permissibleGmm as number;
export const found = (f: SetupFacts, step: string, calculation: string) =>
	recordOf(f, 'balance', step, calculation)!.output as Record<string, number>;
export const estimate = (f: SetupFacts) => lastEstimate(f)!.output;
