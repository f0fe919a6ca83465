<script lang="ts">
	import { dayNumber } from '$core/numeric/calendar';
	import type { LedgerEvent } from '$core/keep/ledger';
	import { useUnits } from '$lib/ui/use-units';
	import { dayWords } from '$lib/words';

	interface Props {
		events: readonly LedgerEvent[];
		newMm: number;
		nowMm: number;
		minMm: number;
		today: string;
		/** When it is used up, and by when the next is ordered; null while that is not known. */
		endDate: string | null;
		orderBy: string | null;
		/** Between which days the last diameters have it used up. */
		band: { early: string; late: string } | null;
	}
	/** The wheel from new to scrap: every measured diameter, crashes marked, and where it goes from today. */
	let { events, newMm, nowMm, minMm, today, endDate, orderBy, band }: Props = $props();
	const { f, q } = useUnits();
	const [W, H, LEFT, TOP, FOOT] = [680, 150, 46, 8, 22];
	const points = $derived(
		events.flatMap((e) =>
			e.diameterMm === null ? [] : [{ day: dayNumber(e.date), mm: e.diameterMm, hit: e.event === 'crashed' }]
		)
	);
	const first = $derived(Math.min(points[0]?.day ?? dayNumber(today), dayNumber(today)));
	const now = $derived(dayNumber(today));
	const end = $derived(endDate === null ? null : dayNumber(endDate));
	/** A band that runs far past the end is cut off where the drawing ends. */
	const last = $derived(
		Math.max(
			now + 1,
			(end ?? now) + 1,
			...(band ? [Math.min(dayNumber(band.late), now + 4 * ((end ?? dayNumber(band.late)) - now) + 1)] : [])
		)
	);
	const x = (day: number) =>
		LEFT + ((Math.min(day, last) - first) / Math.max(1, last - first)) * (W - LEFT - 14);
	const y = (mm: number) =>
		TOP + ((newMm - mm) / Math.max(1e-6, newMm - Math.min(minMm, nowMm))) * (H - TOP - FOOT);
	const line = $derived(points.map((p, i) => `${i ? 'L' : 'M'}${x(p.day)} ${y(p.mm)}`).join(''));
	/** To the left of its line where it crosses nothing there. */
	const orderSide = (at: number) =>
		at - x(now) > 170 || (at <= x(now) && at > LEFT + 150) ? 'end' : 'start';
	const says = $derived(
		[
			`The wheel from ${q(newMm, 'mm')} new to ${q(minMm, 'mm')} scrap, ${q(nowMm, 'mm')} today`,
			`${points.length} diameters in its book`,
			...(orderBy ? [`order by ${dayWords(orderBy)}`] : []),
			...(endDate ? [`used up ${dayWords(endDate)}`] : []),
			...(band ? [`its last diameters say between ${dayWords(band.early)} and ${dayWords(band.late)}`] : [])
		].join('; ')
	);
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label={says}>
	<rect x={LEFT} y={TOP} width={W - LEFT - 14} height={H - TOP - FOOT} fill="var(--well)" />
	<path d="M{LEFT} {y(minMm)}H{W - 14}" stroke="var(--stop)" stroke-dasharray="6 4" />
	<text class="stop" x={LEFT + 6} y={y(minMm) - 5}>scrap {f(minMm, 'mm')}</text>
	<text class="num" x={LEFT - 6} y={y(newMm) + 9} text-anchor="end">{f(newMm, 'mm')}</text>
	{#if band}<path
			d="M{x(now)} {y(nowMm)}L{x(dayNumber(band.early))} {y(minMm)}H{x(dayNumber(band.late))}z"
			fill="var(--act-soft)"
		/>{/if}
	{#if end !== null}<path
			d="M{x(now)} {y(nowMm)}L{x(end)} {y(minMm)}"
			stroke="var(--act)"
			stroke-width="2.5"
			stroke-dasharray="7 5"
			fill="none"
		/>
		<text class="b" x={Math.min(x(end), W - 30)} y={H - 6} text-anchor={x(end) > W - 90 ? 'end' : 'middle'}
			>{dayWords(endDate!)}</text
		>{/if}
	{#if orderBy}{@const at = x(Math.max(dayNumber(orderBy), first))}<path
			d="M{at} {TOP}V{H - FOOT}"
			stroke="var(--ink2)"
			stroke-dasharray="2 4"
		/><text x={at + (orderSide(at) === 'end' ? -6 : 6)} y={TOP + 30} text-anchor={orderSide(at)}
			>order by {dayWords(orderBy)}</text
		>{/if}
	<path d={line} fill="none" stroke="var(--ink2)" />
	{#each points as p, i (i)}{#if p.hit}<path
				d="M{x(p.day)} {y(p.mm)}l-7 -11h14z"
				fill="var(--caution)"
			/><text class="caution" x={x(p.day) + 9} y={y(p.mm) - 4}>crash</text>{:else}<circle
				cx={x(p.day)}
				cy={y(p.mm)}
				r="3.4"
				fill="var(--ink)"
			/>{/if}{/each}
	<path d="M{x(now)} {TOP}V{H - FOOT}" stroke="var(--act)" stroke-width="2" />
	<text
		class="b"
		x={x(now) + (x(now) > W - 90 ? -6 : 6)}
		y={TOP + 12}
		text-anchor={x(now) > W - 90 ? 'end' : 'start'}>today, {f(nowMm, 'mm')}</text
	>
	<text x={LEFT} y={H - 6}>{points.length ? dayWords(events[0]!.date) : ''}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.num {
		font-family: var(--mono);
	}
	.b {
		font-weight: 700;
		fill: var(--ink);
	}
	.stop {
		fill: var(--stop);
	}
	.caution {
		fill: var(--caution);
	}
</style>
