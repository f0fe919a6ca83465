import { attempt } from '../../core/calculation/attempt';
import { checkInput } from '../../core/calculation/check';
import { simulating, topography } from '../../core/dress/topography';
import type { PatchSeen } from '../../core/dress/wheel-patch';

/** One dress on one patch, and what of it can be drawn. */
export interface PatchDone {
	result: {
		raUm: number;
		rzUm: number;
		flatSharePercent: number;
		activePerMm2: number;
		patchLengthMm: number;
	};
	seen: PatchSeen;
	sizeUm: number;
}
export type PatchMessage = { share: number } | { done: PatchDone[] } | { fault: string };

/** Dresses on a patch, one profile after the other, each of them told: whoever asked may stop it between any two. */
self.onmessage = ({ data }: MessageEvent<Record<string, unknown>[]>) => {
	const made = attempt(() => {
		const inputs = data.map((d) => checkInput(topography.fields, d));
		const all = inputs.reduce((n, i) => n + i.profiles, 0);
		let made = 0;
		return inputs.map((input): PatchDone => {
			const seen: PatchSeen = { grains: [], profileUm: [] };
			const run = simulating(input, seen);
			for (;;) {
				const turn = run.next();
				if (turn.done) return { result: turn.value, seen, sizeUm: input.grainSizeUm };
				self.postMessage({ share: ++made / all } satisfies PatchMessage);
			}
		});
	});
	self.postMessage(
		(made.fault ? { fault: made.fault.message } : { done: made.output }) satisfies PatchMessage
	);
};
