import { choice, keysOf, text } from '../../../calculation/field/index.js';
import { singlePoint } from '../../../dress/single-point.js';
import { CAUSES, type Cause, type Fact } from '../../../prove/trouble-points.js';
import { troubleshoot } from '../../../prove/troubleshoot.js';
import { naturalRaUm } from '../../../spec/natural-finish.js';
import { Evidence, partOf } from '../../evidence.js';
import type { RecordFacts } from '../../../facts/records.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { StationId } from '../../station-names.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { without } from '../../step-fields.js';
import { settingsStep } from '../dress/methods/single-point.js';
import { provenSoFar } from '../prove/steps.js';
import { isCreepFeed } from '../prove/trial.js';
import { ITEM_WORDS } from '../../morning.js';
import { redressDue } from './due.js';

/** Bands in which the shop's records speak for or against a cause. */
const [DENSE, OPEN] = [8, 2];
const HEAVY_UM = 25;
const DAY_MS = 86_400_000;
const [COARSER, FINER] = [1.3, 0.7];

/** What the records of a setup know already: it is ticked by itself. */
export function knownFacts(facts: SetupFacts): Fact[] {
	const evidence = Evidence.of(facts);
	const known = provenSoFar(facts);
	const point = partOf(evidence.step(settingsStep), singlePoint)?.output.overlap;
	const passes = point?.effectiveOverlapRatio ?? null;
	const within = (value: number | null, limit: number | null) =>
		value !== null && limit !== null && value <= limit;
	const natural = facts.wheel?.gritMeanUm ? naturalRaUm(facts.wheel.gritMeanUm) : null;
	const asked = facts.brief.targetRaUm;
	const all: Partial<Record<Fact, boolean>> = {
		'overlap-above-8': passes !== null && passes > DENSE,
		'overlap-below-2': passes !== null && passes < OPEN,
		'just-dressed': justDressed(facts, known.dressSoundEven),
		'many-parts-since-dress': redressDue(facts) !== null,
		'balance-in-limit': within(known.balanceResidualGmm, known.balanceLimitGmm),
		'run-out-in-limit': within(known.runOutUm, known.runOutLimitUm),
		'trued-since-mounting': known.runOutUm !== null,
		'infeed-over-25-um': !isCreepFeed(facts) && (facts.brief.depthUm ?? 0) > HEAVY_UM,
		'grit-coarser-than-target': natural !== null && natural > COARSER * asked,
		'grit-finer-than-target': natural !== null && natural < FINER * asked,
		'thin-work': facts.brief.burnProne,
		...coolantSeen(facts),
		'diamond-flat-large': turnMissed(facts)
	};
	return (Object.keys(all) as Fact[]).filter((name) => all[name]);
}

/** Dressed before the release and heard even; while it grinds, dressed since yesterday with nothing ground since. */
function justDressed(facts: SetupFacts, soundEven: boolean | null | undefined): boolean {
	if (facts.state === 'under-way') return soundEven === true;
	const { partsSinceDress, inPartMm, dressedAtMm } = facts.sums;
	const days = daysSinceDress(facts);
	return days !== null && days < 1 && partsSinceDress === 0 && inPartMm <= dressedAtMm;
}
/** Days since the wheel was dressed last; null where it never was. */
export const daysSinceDress = ({ sums, nowMs }: SetupFacts): number | null =>
	sums.dressedAtMs === null ? null : Math.max(0, nowMs - sums.dressedAtMs) / DAY_MS;

/** What the refractometer said this morning. */
function coolantSeen({ morning, today, machine }: SetupFacts): Partial<Record<Fact, boolean>> {
	if (!machine.wet || morning?.day !== today) return {};
	const open = morning.open.includes(ITEM_WORDS.concentrationPct!);
	return { 'coolant-weak-or-missed': open, 'coolant-good': !open };
}
/** The diamond was dressed with more often than it is turned in its holder. */
function turnMissed({ dresser }: SetupFacts): boolean {
	const { dressesSinceTurn: made, turnEvery: every } = dresser ?? {};
	return typeof made === 'number' && typeof every === 'number' && every > 0 && made > every;
}

/** A search for what is wrong, kept with everything that was known, and what it was once that is known too. */
const searched = <const S extends StationId>(station: S) =>
	defineStep({
		station,
		step: 'trouble',
		title: 'Find the trouble',
		fields: [
			...without(troubleshoot.fields, 'shopPoints'),
			choice('helped', 'What cured it', keysOf(CAUSES), {
				label: 'It was'
			}),
			text('note', 'For whoever looks later', { maxLength: 200, label: 'In words' })
		] as const,
		compute: (facts, { helped: _helped, note: _note, ...v }) =>
			single(compute(facts, troubleshoot, { ...v, shopPoints: facts.guidelines.points }))
	});
/** Before the release. */
export const proveTroubleStep = searched('prove');
/** While it grinds. */
export const keepTroubleStep = searched('keep');

/** What once cured a trouble here. */
export interface Helped {
	cause: Cause;
	note: string;
	by: string;
	atMs: number;
}
/** What cured it before, of these records the newest first, each cause once. */
export function helpedBefore(facts: {
	records: readonly Pick<RecordFacts, 'id' | 'station' | 'step' | 'entered' | 'by' | 'atMs'>[];
}): Helped[] {
	const seen = new Set<unknown>();
	return facts.records
		.filter(
			(record) =>
				record.step === 'trouble' &&
				(record.station === 'prove' || record.station === 'keep') &&
				record.entered.helped
		)
		.sort((a, b) => b.id - a.id)
		.filter((record) => !seen.has(record.entered.helped) && seen.add(record.entered.helped))
		.map((record) => ({
			cause: record.entered.helped as Cause,
			note: String(record.entered.note ?? ''),
			by: record.by,
			atMs: record.atMs
		}));
}
