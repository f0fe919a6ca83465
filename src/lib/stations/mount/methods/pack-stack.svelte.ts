import { packStep } from '$core/route/stations/mount/methods/pack';
import type { SetupSession } from '$lib/desk/setup-session.svelte';
import { stepEntry } from '$lib/desk/step-entry.svelte';
import type { Typed } from '$lib/ui/fields/entry.svelte';

/** A part of the stack as typed. */
export type Item = Record<string, Typed>;

const EMPTY: Item = {
	thicknessMm: '',
	boreMm: '',
	name: '',
	diameterMm: '',
	newDiameterMm: '',
	maxSpeedRpm: '',
	maxSpeedMps: '',
	rimBackOffsetMm: '0',
	rimWidthMm: '',
	cornerRadiusBackMm: '',
	cornerRadiusFrontMm: '',
	fingerRadialUm: '',
	fingerAxialUm: '',
	measured: {}
};
const group = (t: Typed | undefined): Item | null =>
	typeof t === 'object' && t !== null && !Array.isArray(t) ? t : null;
const measuredOf = (i: Item): Item | null => {
	const m = group(i.measured);
	return m && String(m.rimBackMm ?? '') !== '' ? m : null;
};

/** The stack as it is typed: put in order, added to, measured, stood for. Any edit takes the standing away. */
export class PackStack {
	readonly entry;
	/** The part whose sizes are open. */
	open = $state(0);

	constructor(private readonly desk: SetupSession) {
		const wheel = desk.facts.wheel!;
		const seatMm = desk.facts.mount?.seatMm ?? desk.facts.machine.seatMm;
		const lead = {
			kind: 'wheel',
			name: wheel.number,
			thicknessMm: wheel.widthMm,
			boreMm: wheel.boreMm,
			diameterMm: wheel.diameterMm,
			newDiameterMm: wheel.newDiameterMm,
			maxSpeedRpm: wheel.ratedRpm,
			maxSpeedMps: wheel.ratedMps,
			rimBackOffsetMm: 0
		};
		const arbor = { seatDiameterMm: seatMm - 0.01, maxSpeedRpm: desk.facts.machine.spindleRpmMax };
		this.entry = stepEntry(desk, packStep, { start: { arbor, items: [lead] } });
	}

	get items(): Item[] {
		const typed = this.entry.typed.items;
		return Array.isArray(typed) ? typed.map(group).filter((i) => i !== null) : [];
	}
	get wheels(): Item[] {
		return this.items.filter((item) => item.kind === 'wheel');
	}
	get measured(): boolean {
		return this.wheels.every((wheel) => measuredOf(wheel) !== null);
	}

	/** What was measured belongs to the stack it was measured on: a change raises its revision, so that somebody has to stand for it again. */
	change(list: Item[]): void {
		const raised = list.map((i) => {
			const measured = measuredOf(i);
			return measured
				? { ...i, measured: { ...measured, revision: String(Number(measured.revision || 0) + 1) } }
				: i;
		});
		this.entry.set('items', raised);
		this.entry.set('stage', 'assembled');
	}
	sort(order: readonly string[]): void {
		const before = this.items;
		this.change(order.map((id) => before[Number(id)]!));
		this.open = Math.max(0, order.indexOf(String(this.open)));
	}
	remove(id: string): void {
		this.change(this.items.filter((_, n) => String(n) !== id));
		this.open = 0;
	}
	add(kind: string): void {
		this.change([...this.items, { ...EMPTY, kind }]);
		this.open = this.items.length - 1;
	}
	/** After a size was typed nobody stands for the stack any longer. */
	edited(): void {
		if (this.entry.at('stage') === 'release') this.entry.set('stage', 'assembled');
	}

	keep = (): Promise<boolean> => this.desk.record('mount', 'pack', this.entry);
	/** Somebody stands for the stack as it was measured. */
	stand = (): Promise<boolean> => {
		const confirmed = this.items.map((item) => {
			const m = group(item.measured);
			if (item.kind !== 'wheel' || !m) return item;
			const revision = String(m.revision || 0);
			return { ...item, measured: { ...m, revision, confirmedRevision: revision } };
		});
		this.entry.set('items', confirmed);
		this.entry.set('stage', 'release');
		return this.keep();
	};
}

/** A part in words. */
export const nameOf = (i: Item): string =>
	i.kind === 'wheel' ? `Wheel ${String(i.name || '')}` : i.kind === 'washer' ? 'Tanged washer' : 'Spacer';
