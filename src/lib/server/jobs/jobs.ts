import { readWav, writeWav } from '../../../core/audio/wav.js';
import { type ListenSettings, type RingResult, listen } from '../../../core/inspect/ring/listen.js';
import { decide } from '../../../core/route/engine.js';
import { inShop } from '../../../core/calculation/limits.js';
import {
	type SubmissionOutcome,
	type Submission,
	applySubmission
} from '../../../core/route/apply-submission.js';
import { stepOf } from '../../../core/route/steps.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import type { User } from '../people/sign-in.js';
import { releaseSheetFile } from '../print/release-sheet.js';
import { setupCard } from '../print/setup-card.js';
import { wheelTags } from '../print/wheel-tags.js';
import { loadSetup } from '../setups/setups.js';
import { rackFile } from '../wheels/rack-file.js';
import { type Calculated, calculated } from './calc-job.js';
import { importBody } from '../wheels/rack-import.js';

export interface Heard {
	wav: Uint8Array;
	seconds: number;
	result: RingResult;
}
type Tell = (o: object) => void;

const loaded = async (id: number) => {
	const found = await loadSetup(id);
	if (!found) throw new Refused(404, 'no-setup', `There is no setup ${id}.`);
	return found;
};

/** A recording in the form it is kept in; a long one as it came is let go before the kept one is read. */
function asKept(bytes: Uint8Array): { wav: Uint8Array; seconds: number } {
	const sound = readWav(bytes);
	return { wav: writeWav(sound), seconds: sound.seconds };
}

/** Everything that may take longer than a glance. Each runs in a thread of its own, never where requests are answered. */
export const JOBS = {
	calc: ({ id, input }: { id: string; input: Record<string, unknown> }): Calculated => calculated(id, input),
	listen: ({ bytes, settings }: { bytes: Uint8Array; settings: ListenSettings }): Heard => {
		const { wav, seconds } = asKept(bytes);
		// What is judged is what is kept.
		const { samples, sampleRateHz } = readWav(wav);
		return { wav, seconds, result: listen(samples, sampleRateHz, settings, samples).result };
	},
	tags: ({ wheels, origin }: { wheels: WheelFacts[]; origin: string }): Promise<Uint8Array> =>
		wheelTags(wheels, origin),
	card: async ({ setupId, origin }: { setupId: number; origin: string }): Promise<Uint8Array> => {
		const { facts } = await loaded(setupId);
		return setupCard(facts, decide(facts), origin, Date.now());
	},
	'release-sheet': async ({ setupId, origin }: { setupId: number; origin: string }): Promise<Uint8Array> =>
		releaseSheetFile((await loaded(setupId)).facts, origin, Date.now()),
	'carry-out': ({ facts, sent }: { facts: SetupFacts; sent: Submission }): SubmissionOutcome => {
		const { fields } = stepOf(sent.station, sent.step);
		return applySubmission(facts, {
			...sent,
			values: checked(inShop(fields, facts.guidelines.limits, facts.units), sent.values)
		});
	},
	'rack-file': ({ kind }: { kind: 'csv' | 'json' }): Promise<Uint8Array> => rackFile(kind),
	import: ({ bytes, user }: { bytes: Uint8Array; user: User }, tell: Tell): Promise<number> =>
		importBody(bytes, user, tell)
} satisfies Record<string, (given: never, tell: Tell) => unknown>;

export type JobName = keyof typeof JOBS;
export type JobInput<N extends JobName> = Parameters<(typeof JOBS)[N]>[0];
export type JobResult<N extends JobName> = Awaited<ReturnType<(typeof JOBS)[N]>>;
