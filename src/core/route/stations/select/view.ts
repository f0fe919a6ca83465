import type { OutputOf } from '../../../calculation/define.js';
import { nearestExcluded } from '../../../spec/nearest-excluded.js';
import type { rankRack } from '../../../spec/rank-rack.js';
import { type JobWish, scoreParts, scorePoints } from '../../../spec/rank-score.js';
import type { SetupFacts, WheelFacts } from '../../facts.js';
import type { Computed } from '../../step.js';
import { type Ranked, rankFor } from './steps.js';

export interface Excluded {
	id: string;
	codes: string[];
}
export interface SelectView {
	/** What is shown of the ranking, with its working. */
	ranking: Computed<OutputOf<typeof rankRack>>;
	ranked: Ranked[];
	excluded: Excluded[];
	near: Excluded[];
	counts: [string, number][];
	out: number;
	wheels: WheelFacts[];
}
const SHOWN = 40;
const NAMED = 120;

/** The rack ranked for a setup, as much of it as a person looks at: the best, the first of those ruled out, and counts of all. */
export function selectView(facts: SetupFacts, rack: readonly WheelFacts[]): SelectView {
	const byNumber = new Map(rack.map((w) => [w.number, w]));
	const full = rankFor(facts, rack);
	const elsewhere = (id: string) => {
		const held = byNumber.get(id)!.heldBy;
		return held !== null && held !== facts.id;
	};
	const all = full.output.ranked;
	const excluded: Excluded[] = [
		...all.filter((r) => elsewhere(r.id)).map((r) => ({ id: r.id, codes: ['held'] })),
		...full.output.excluded
	];
	const free = all.filter((r) => !elsewhere(r.id));
	const own = facts.wheel ? free.find((r) => r.id === facts.wheel!.number) : undefined;
	const ranked = free.slice(0, SHOWN);
	if (own && !ranked.includes(own)) ranked.push(own);
	const seat = facts.mount?.seatMm ?? facts.machine.seatMm;
	const job = full.input.job as JobWish;
	const points = ({ id }: Excluded) => {
		const w = byNumber.get(id)!;
		return scorePoints(scoreParts(job, w, facts.machine.maxDiameterMm));
	};
	const near = nearestExcluded(
		excluded.map((x) =>
			x.codes.includes('bore-mismatch') && byNumber.get(x.id)!.boreMm < seat
				? { ...x, codes: x.codes.map((c) => (c === 'bore-mismatch' ? 'bore-too-small' : c)) }
				: x
		),
		3,
		points
	);
	const named = excluded.slice(0, NAMED);
	const counts = new Map<string, number>();
	for (const x of excluded) counts.set(x.codes[0]!, (counts.get(x.codes[0]!) ?? 0) + 1);
	const wheels = [...new Set([...ranked, ...named, ...near].map((x) => x.id))].map((id) => byNumber.get(id)!);
	const shown = new Set(wheels.map((w) => w.number));
	const input = {
		...full.input,
		candidates: (full.input.candidates as { id: string }[]).filter((c) => shown.has(c.id))
	};
	return {
		ranking: { ...full, input, output: { ...full.output, ranked, excluded: named } },
		ranked,
		excluded: named,
		near,
		counts: [...counts].sort((a, b) => b[1] - a[1]),
		out: excluded.length,
		wheels
	};
}
