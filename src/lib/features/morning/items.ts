import type { MachineFacts } from '$core/facts/shop';
import type { DailyItem, ItemState } from '$core/set/daily-items';

/** One thing to look at in the morning: its fields on the sheet, and what puts it right. */
export interface Item {
	name: DailyItem;
	title: string;
	/** Fields of `checks` that answer it. */
	fields: readonly string[];
	/** What to do while it is open. */
	cure: string;
	wet?: true;
	/** What its figure must be, from the limits of the sheet. */
	limit?: (v: Readonly<Record<string, unknown>>) => string;
}

const least = (name: string) => (v: Readonly<Record<string, unknown>>) => `${String(v[name] ?? '')} or more`;

/** In the order of the hands: what protects people first, then the table, then what has to come up. */
export const ITEMS: readonly Item[] = [
	{ name: 'guardClosed', title: 'Guard', fields: ['guardClosed'], cure: 'close and latch it' },
	{
		name: 'dresserReturned',
		title: 'Dresser back in its place',
		fields: ['dresserReturned'],
		cure: 'take it off the chuck before the table moves'
	},
	{
		name: 'magnetHolds',
		title: 'Magnet',
		fields: ['magnetHolds'],
		cure: 'a test piece must not give when pushed hard'
	},
	{ name: 'chuckStoned', title: 'Chuck', fields: ['chuckStoned'], cure: 'wipe, stone, wipe' },
	{ name: 'extractionOn', title: 'Extraction', fields: ['extractionOn'], cure: 'switch it on, feel it draw' },
	{
		name: 'lubeLevelPct',
		title: 'Oil in the glass',
		limit: least('lubeMinPct'),
		fields: ['lubeLevelPct'],
		cure: 'fill it up'
	},
	{
		name: 'lubePulls',
		title: 'Pulls of the oil pump',
		limit: least('lubePullsWanted'),
		fields: ['lubePulls'],
		cure: 'pull'
	},
	{
		name: 'concentrationPct',
		title: 'Coolant, refractometer',
		limit: (v) =>
			`${String(v.concentrationMinPct ?? '')} to ${String(v.concentrationMaxPct ?? '')} % after the factor`,
		fields: ['brixPct'],
		cure: 'add concentrate or water, mix, read again',
		wet: true
	},
	{
		name: 'coolantLevelPct',
		title: 'Coolant in the tank',
		limit: least('coolantMinPct'),
		fields: ['coolantLevelPct'],
		cure: 'fill it up',
		wet: true
	},
	{
		name: 'hydraulicPressureBar',
		title: 'Hydraulics',
		limit: least('hydraulicMinBar'),
		fields: ['hydraulicPressureBar'],
		cure: 'let it build up'
	},
	{
		name: 'warmUpMin',
		title: 'Warmed up',
		limit: least('warmUpWantedMin'),
		fields: ['warmUpMin'],
		cure: 'let spindle and hydraulics run'
	},
	{
		name: 'handwheelChecked',
		title: 'Handwheels',
		fields: ['handwheelChecked'],
		cure: 'turn each a little: which way is which?'
	},
	{
		name: 'tableStops',
		title: 'Table stops',
		fields: ['tableLocked', 'workStartMm', 'workEndMm', 'stopLeftMm', 'stopRightMm'],
		cure: 'set them so that the table runs off the work at both ends'
	}
];

/** Found wanting, not only not looked at yet. */
export const isWanting = (s: ItemState | null): boolean => s?.state === 'fail';
/** What is behind it protects people. */
export const protects = (s: ItemState | null): boolean => s?.level === 'stop';

/** What a machine of this kind does not have, before anybody said so. */
const NONE: readonly [RegExp, readonly DailyItem[]][] = [
	[/^(surface|creep)/, []],
	[
		/^bench/,
		['magnetHolds', 'chuckStoned', 'lubePulls', 'hydraulicPressureBar', 'handwheelChecked', 'tableStops']
	],
	[/./, ['magnetHolds', 'chuckStoned', 'hydraulicPressureBar', 'tableStops']]
];
export const startOf = (m: Pick<MachineFacts, 'kind' | 'wet'>) => ({
	dry: !m.wet,
	notOnMachine: NONE.find(([kind]) => kind.test(m.kind))![1]
});

/** Of the last sheet what belongs to the machine, not to the day: what it does not have, and its limits. */
export function remembered(last: Record<string, unknown> | null): Record<string, unknown> {
	if (!last) return {};
	const { shift: _shift, checks, ...rest } = last;
	const { workStartMm, workEndMm } = (checks ?? {}) as Record<string, unknown>;
	return { ...rest, checks: { workStartMm, workEndMm } };
}
