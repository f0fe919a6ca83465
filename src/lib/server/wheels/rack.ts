import type { WheelFacts } from '../../../core/facts/wheel.js';
import { type Value, queryRows, row, rows } from '../storage/pool.js';
import { wheelsByIds } from './wheels.js';

export const RACK_SORTS = [
	'number',
	'canonical',
	'diameter',
	'grit',
	'place',
	'state',
	'life',
	'expires'
] as const;
export type RackSort = (typeof RACK_SORTS)[number];
const ORDER: Readonly<Record<RackSort, string>> = {
	number: 'number',
	canonical: 'canonical',
	diameter: 'diameter_mm',
	grit: 'grit_mean_um',
	place: 'place',
	state: 'state',
	life: 'life',
	expires: 'expires_on'
};

export interface RackQuery {
	search: string;
	state: string;
	family: string;
	sort: RackSort;
	down: boolean;
	page: number;
}
export interface RackPage {
	wheels: WheelFacts[];
	total: number;
	pages: number;
}
const RACK_PAGE = 50;
/** Matches are counted up to here. */
export const COUNTED = 1000;

/** The database's order of a sort; the number decides between equals. */
function orderOf(q: RackQuery): string {
	const way = q.down ? 'DESC' : 'ASC';
	return q.sort === 'number' ? `number ${way}` : `${ORDER[q.sort]} ${way}, id ${way}`;
}

/** One page of the rack as asked for: searched, filtered and sorted by the database, so that a large rack costs little more than a small one. */
export async function rackPage(q: RackQuery): Promise<RackPage> {
	const where: string[] = [];
	const values: Value[] = [];
	if (q.search) {
		where.push('LOCATE(CAST(? AS BINARY), search_bytes) > 0');
		values.push(q.search.toLowerCase());
	}
	if (q.state) {
		where.push('state = ?');
		values.push(q.state);
	}
	if (q.family) {
		where.push('family = ?');
		values.push(q.family);
	}
	const from = `FROM wheels ${q.search && !q.state && !q.family ? 'FORCE INDEX (by_search)' : ''} ${where.length ? `WHERE ${where.join(' AND ')}` : ''}`;
	const order = `ORDER BY ${orderOf(q)}`;
	// A search for a common text reads on from the first match: the matches it finds are counted and cut into pages from one answer.
	const found = q.search
		? (await queryRows<{ id: number }>(`SELECT id ${from} ${order} LIMIT ${COUNTED + 1}`, values)).map(
				(r) => r.id
			)
		: null;
	// Counting every match of a wide filter would cost more than the page; past this many it says "more than".
	const total = found
		? found.length
		: (await row<{ n: number }>(
				where.length
					? `SELECT COUNT(*) AS n FROM (SELECT 1 ${from} LIMIT ${COUNTED + 1}) AS found`
					: 'SELECT COUNT(*) AS n FROM wheels',
				values
			))!.n;
	const pages = Math.max(1, Math.ceil(total / RACK_PAGE));
	const offset = (Math.min(Math.max(1, q.page), pages) - 1) * RACK_PAGE;
	const ids = found
		? found.slice(offset, offset + RACK_PAGE)
		: (
				await rows<{ id: number }>(`SELECT id ${from} ${order} LIMIT ${RACK_PAGE} OFFSET ${offset}`, values)
			).map((r) => r.id);
	return { wheels: await wheelsByIds(ids), total, pages };
}

/** Abrasives on the rack, for the filter. */
export async function rackFamilies(): Promise<string[]> {
	return (
		await rows<{ family: string }>(
			'SELECT DISTINCT family FROM wheels WHERE family IS NOT NULL ORDER BY family'
		)
	).map((r) => r.family);
}
