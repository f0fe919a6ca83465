import { InputFault } from '../../core/calculation/fault';
import type { SetupFacts } from '../../core/facts/setup';
import type { StationId } from '../../core/route/station-names';
import { STATION } from '../../core/route/stations/index';
import { computeStep } from '../../core/route/compute-step';
import type { Result } from '../../core/route/result';

/** What a page asks: a step with these facts and what is typed. */
export interface StepAsked {
	id: number;
	station: StationId;
	step: string;
	facts: SetupFacts;
	values: Record<string, unknown>;
}
export type StepAnswer =
	{ id: number; result: Result } | { id: number; fault: { field: string; code: string; message: string } };

/** Computes a step that would hold up the page. */
self.onmessage = ({ data }: MessageEvent<StepAsked>) => {
	const step = STATION[data.station].steps.find((s) => s.step === data.step)!;
	try {
		// What was typed has been checked by its fields before it is sent.
		const result = computeStep(step, data.facts, data.values as never);
		self.postMessage({ id: data.id, result } satisfies StepAnswer);
	} catch (error) {
		if (!(error instanceof InputFault)) throw error;
		const { field, code, message } = error;
		self.postMessage({ id: data.id, fault: { field, code, message } } satisfies StepAnswer);
	}
};
