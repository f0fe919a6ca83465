import { type Runner, row } from '../db/pool.js';

/** The shop itself. */
export interface TheShop {
	name: string;
	units: 'mm' | 'inch';
	/** The way from nothing to a first setup was gone, or skipped. */
	shownWay: boolean;
}
export async function theShop(on?: Runner): Promise<TheShop> {
	const s = (await row<{ name: string; units: TheShop['units']; shown_way: number }>(
		'SELECT name, units, shown_way FROM shop',
		[],
		on
	))!;
	return { name: s.name, units: s.units, shownWay: !!s.shown_way };
}
