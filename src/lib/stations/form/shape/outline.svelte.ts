import { tryOrNull } from '$core/calculation/attempt';
import { segmentAdded, segmentOut, segmentSplit, turnedRound, vertexMoved } from '$core/form/edit/chain-edit';
import { mirrored } from '$core/form/mirror';
import { type RawSegment, SEGMENTS, chainOf } from '$core/form/profile/chain';
import type { Segment } from '$core/form/profile/segment';
import { asTyped } from '$lib/ui/fields/typed';
import type { Entry, Typed } from '$lib/ui/fields/entry.svelte';

const MAX_UNDONE = 100;
const NOTHING = { kind: null, z0Mm: null, x0Mm: null, z1Mm: null, x1Mm: null, radiusMm: null, side: null };
const isThere = (s: { [K in keyof RawSegment]: RawSegment[K] | null }): s is RawSegment =>
	s.kind !== null && [s.z0Mm, s.x0Mm, s.z1Mm, s.x1Mm].every((v) => v !== null);

/** The outline that is being edited: the typed list of segments, what of it is right, and what was before. */
export class Outline {
	/** The segment that is looked at. */
	picked = $state(0);
	private past = $state.raw<Typed[]>([]);
	/** The figure that is being typed: its keys are undone together. */
	private typing = '';
	constructor(private readonly entry: Entry) {}

	get rows(): readonly Record<string, Typed>[] {
		return (this.entry.typed.segments ?? []) as Record<string, Typed>[];
	}
	/** The list as numbers; null while one of them is missing or wrong. */
	raw = $derived.by<RawSegment[] | null>(() => {
		const values: Record<string, unknown> = this.entry.result.values;
		const given = values.segments as Partial<RawSegment>[] | undefined;
		if (!given?.length) return null;
		const whole = given.map((s) => ({ ...NOTHING, ...s }));
		return whole.every(isThere) ? whole : null;
	});
	/** The form as it can be drawn; null while it cannot. */
	chain = $derived.by<Segment[] | null>(() => {
		const raw = this.raw;
		return raw && tryOrNull(() => chainOf(raw));
	});

	/** Before something is changed, so that it can be undone. */
	remember(): void {
		const now = JSON.parse(JSON.stringify(this.entry.typed.segments ?? [])) as Typed;
		if (JSON.stringify(this.past.at(-1)) === JSON.stringify(now)) return;
		this.past = [...this.past, now].slice(-MAX_UNDONE);
	}
	get undoable(): boolean {
		return this.past.length > 0;
	}
	undo(): void {
		const before = this.past.at(-1);
		if (before === undefined) return;
		this.typing = '';
		this.past = this.past.slice(0, -1);
		this.entry.set('segments', before);
	}

	/** Another list in place of this one. */
	take(list: readonly Partial<RawSegment>[]): void {
		this.typing = '';
		this.remember();
		this.put(list);
		this.picked = Math.min(this.picked, Math.max(0, list.length - 1));
	}
	private put(list: readonly Partial<RawSegment>[]): void {
		this.entry.set('segments', asTyped(SEGMENTS, list, this.entry.system));
	}
	private edit(change: (list: RawSegment[]) => RawSegment[]): void {
		if (this.raw) this.take(change(this.raw));
	}
	split = (): void => this.edit((l) => segmentSplit(l, this.picked));
	out = (): void => this.edit((l) => segmentOut(l, this.picked));
	add = (): void => {
		if (this.raw || !this.rows.length) {
			this.take(segmentAdded(this.raw ?? []));
			this.picked = this.rows.length - 1;
		}
	};
	turnRound = (): void => this.edit(turnedRound);
	/** Part or wheel: one is the other's mirror. */
	turnOver = (): void => {
		if (this.chain) this.take(mirrored(this.chain) as RawSegment[]);
	};
	/** A vertex dragged; remembered once, when it was taken hold of. */
	drag(vertex: number, zMm: number, xMm: number): void {
		if (this.raw) this.put(vertexMoved(this.raw, vertex, zMm, xMm));
	}

	private begin(figure: string): void {
		if (this.typing !== figure) this.remember();
		this.typing = figure;
	}
	typeRadius(index: number, text: string): void {
		this.begin(`${index} R`);
		this.entry.set(`segments.${index}.radiusMm`, text);
	}
	/** One figure of a vertex, as it is typed: both segments that meet there share it. */
	typeVertex(vertex: number, axis: 'z' | 'x', text: string): void {
		this.begin(`${vertex} ${axis}`);
		if (vertex > 0) this.entry.set(`segments.${vertex - 1}.${axis}1Mm`, text);
		if (vertex < this.rows.length) this.entry.set(`segments.${vertex}.${axis}0Mm`, text);
	}
	/** Straight, round or hollow. */
	setKind(index: number, kind: 'line' | 'convex' | 'concave'): void {
		this.remember();
		this.entry.set(`segments.${index}.kind`, kind === 'line' ? 'line' : 'arc');
		this.entry.set(`segments.${index}.side`, kind === 'line' ? '' : kind);
		if (kind === 'line') this.entry.set(`segments.${index}.radiusMm`, '');
	}
}
