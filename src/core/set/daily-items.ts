import type { Verdict } from '../calculation/verdict.js';

/** The items of a morning, in their order. */
export const DAILY_ITEMS = [
	'guardClosed',
	'dresserReturned',
	'magnetHolds',
	'chuckStoned',
	'extractionOn',
	'lubeLevelPct',
	'lubePulls',
	'concentrationPct',
	'coolantLevelPct',
	'hydraulicPressureBar',
	'warmUpMin',
	'handwheelChecked',
	'tableStops'
] as const;
export type DailyItem = (typeof DAILY_ITEMS)[number];
/** What protects people: open, nothing starts. */
export const SAFETY_ITEMS: readonly DailyItem[] = ['guardClosed', 'dresserReturned', 'magnetHolds'];
/** Not asked where nothing is wet. */
export const WET_ITEMS: readonly DailyItem[] = ['concentrationPct', 'coolantLevelPct'];

export interface ItemState {
	name: DailyItem;
	state: 'pass' | 'fail' | 'missing';
	level: Exclude<Verdict, 'ok'>;
	value: number | boolean | null;
}
