import { creepFeed } from '../../../prove/creep-feed.js';
import { redressInterval } from '../../../keep/redress-interval.js';
import { SLACK } from '../../../numeric/rounding.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { isCreepFeed, creepStep } from '../prove/trial.js';
import { intervalStep } from './interval.js';

/** When the wheel is redressed on this job: inside each part, after so much infeed, or after so many parts. */
export interface Schedule {
	/** Infeed for one part; null while the job does not say. */
	partMm: number | null;
	/** Depth of one pass; null while nobody has said. */
	passMm: number | null;
	/** Depths of a part at which it is redressed inside it; none where it is redressed between parts. */
	insideMm: readonly number[];
	everyMm: number | null;
	everyParts: number | null;
}

/** The last word counts: the creep-feed plan of Prove, then what the wear of the form asks, then what was said when parts were booked. */
export function scheduleOf(facts: SetupFacts): Schedule {
	const evidence = Evidence.of(facts);
	const interval = partOf(evidence.step(intervalStep), redressInterval);
	const creep = isCreepFeed(facts) ? partOf(evidence.step(creepStep), creepFeed) : null;
	const num = (value: unknown) => (typeof value === 'number' ? value : null);
	const partMm =
		num(creep?.input.partDepthMm) ?? num(interval?.input.partDepthMm) ?? facts.brief.stockMm ?? null;
	const passMm =
		num(creep?.input.depthMm) ?? (facts.brief.depthUm === null ? null : facts.brief.depthUm / 1000);
	const output = interval?.output;
	const planned = num(creep?.input.redressIntervalMm) === null ? [] : creep!.output.redressAtMm;
	const evenly =
		output?.mode === 'inside-part'
			? Array.from({ length: output.redressesPerPart }, (_, i) => (i + 1) * output.infeedPerRedressMm)
			: [];
	const insideMm = planned.length ? planned : evenly;
	const between = insideMm.length ? null : output;
	return {
		partMm,
		passMm,
		insideMm,
		everyMm: insideMm.length ? null : facts.sums.redressAfterMm,
		everyParts: insideMm.length ? null : (facts.sums.redressAfter ?? between?.partsPerRedress ?? null)
	};
}

/** Where the work stands between two dresses. */
export interface RedressCycle extends Schedule {
	/** The part under way, and how deep it is. */
	part: number;
	inPartMm: number;
	sinceParts: number;
	/** Infeed since the last dress; null while the depth of a part is not known. */
	sinceMm: number | null;
	/** From the last dress to the next one. */
	lengthMm: number | null;
	/** Where the next one falls, if that is inside a part. */
	next: { part: number; atMm: number } | null;
	/** A redress inside this part that was not made. */
	missedMm: number | null;
}

/** Where the work stands between two dresses, counted from what was booked. */
export function redressCycle(facts: SetupFacts): RedressCycle {
	const schedule = scheduleOf(facts);
	const { partsGround, partsSinceDress: sinceParts, inPartMm, dressedAtMm } = facts.sums;
	const part = partsGround + 1;
	const sinceMm =
		schedule.partMm === null ? null : Math.max(0, sinceParts * schedule.partMm + inPartMm - dressedAtMm);
	const known = { ...schedule, part, inPartMm, sinceParts, sinceMm };
	if (!schedule.insideMm.length)
		return { ...known, lengthMm: lengthBetween(schedule), next: null, missedMm: null };
	// Dressed in an earlier part: nothing of this one is done.
	const here = sinceParts === 0 ? dressedAtMm : 0;
	const missedMm = schedule.insideMm.find((d) => d > here + SLACK && d < inPartMm + SLACK) ?? null;
	const from = Math.max(here, inPartMm);
	const ahead = missedMm ?? schedule.insideMm.find((d) => d > from + SLACK);
	const next = ahead === undefined ? { part: part + 1, atMm: schedule.insideMm[0]! } : { part, atMm: ahead };
	const leftMm =
		next.part === part
			? next.atMm - inPartMm
			: (schedule.partMm ?? schedule.insideMm.at(-1)!) - inPartMm + next.atMm;
	return { ...known, lengthMm: sinceMm === null ? null : sinceMm + leftMm, next, missedMm };
}

const lengthBetween = ({ partMm, everyMm, everyParts }: Schedule): number | null =>
	everyMm ?? (everyParts !== null && partMm !== null ? everyParts * partMm : null);

/** Most infeed between two dresses: the longest way from one redress inside a part to the next. */
export function mostBetweenMm({ insideMm, partMm }: Schedule): number | null {
	if (!insideMm.length || partMm === null) return null;
	const steps = insideMm.map((d, i) => (i === 0 ? partMm - insideMm.at(-1)! + d : d - insideMm[i - 1]!));
	return Math.max(...steps);
}
