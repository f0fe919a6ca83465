import { InputFault, shown } from '../../../core/calculation/fault.js';
import { isZone } from '../../../core/numeric/zone.js';
import { THE_SHOP_FIELDS } from '../../../core/shop/the-shop.js';
import { type Runner, row, write } from '../storage/pool.js';
import { checked } from '../http/joi-schema.js';
import { mayLead } from '../people/permission.js';
import type { User } from '../people/sign-in.js';

/** The shop itself. */
export interface TheShop {
	name: string;
	units: 'mm' | 'inch';
	/** Whose days and hours count here, by its name: America/Chicago. */
	timeZone: string;
	/** No machine starts without a morning sheet of that day. */
	morningWanted: boolean;
	/** The way from nothing to a first setup was gone, or skipped. */
	shownWay: boolean;
}
export async function theShop(on?: Runner): Promise<TheShop> {
	const s = (await row<{
		name: string;
		units: TheShop['units'];
		time_zone: string;
		morning_wanted: number;
		shown_way: number;
	}>('SELECT name, units, time_zone, morning_wanted, shown_way FROM shop', [], on))!;
	return {
		name: s.name,
		units: s.units,
		timeZone: isZone(s.time_zone) ? s.time_zone : 'UTC',
		morningWanted: !!s.morning_wanted,
		shownWay: !!s.shown_way
	};
}

/** Names the shop, says its units, and what it asks for before a machine starts. @throws Refused 403; InputFault */
export async function nameShop(given: unknown, user: User): Promise<void> {
	mayLead(user, 'A lead names the shop.');
	const { name, units, timeZone, morningWanted } = checked(THE_SHOP_FIELDS, given);
	if (!isZone(timeZone))
		throw new InputFault(
			'timeZone',
			'unknown-choice',
			`Time zone: ${shown(timeZone)} is not one known here. Enter it by its place, such as Europe/Berlin or America/Chicago.`
		);
	await write('UPDATE shop SET name = ?, units = ?, time_zone = ?, morning_wanted = ?', [
		name,
		units,
		timeZone,
		morningWanted
	]);
}
/** The way from nothing to a first setup is not shown any more. @throws Refused 403 */
export async function wayShown(user: User): Promise<void> {
	mayLead(user, 'A lead closes the way.');
	await write('UPDATE shop SET shown_way = TRUE');
}

/** How far an empty shop is: how many it has of each. */
export type Way = Record<'machines' | 'mounts' | 'dressers' | 'wheels' | 'setups', number>;
/** The way from nothing to a first setup; null once it was gone or skipped. */
export async function wayOf(shop: Pick<TheShop, 'shownWay'>): Promise<Way | null> {
	if (shop.shownWay) return null;
	const way = (await row<Way>(
		'SELECT (SELECT COUNT(*) FROM machines WHERE NOT retired) AS machines, (SELECT COUNT(*) FROM mounts WHERE NOT retired) AS mounts, (SELECT COUNT(*) FROM dressers WHERE NOT retired) AS dressers, (SELECT COUNT(*) FROM wheels) AS wheels, (SELECT COUNT(*) FROM setups) AS setups'
	))!;
	return way.setups ? null : way;
}
