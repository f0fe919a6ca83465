import type { WheelFacts } from '../../core/route/facts.js';
import { type Value, row, rows } from './pool.js';
import { wheelsByIds } from './wheels.js';

export const RACK_SORTS = ['number', 'canonical', 'diameter', 'grit', 'place', 'state', 'life', 'expires'] as const;
export type RackSort = (typeof RACK_SORTS)[number];
const ORDER: Readonly<Record<RackSort, string>> = {
	number: 'number', canonical: 'canonical', diameter: 'diameter_mm', grit: 'grit_mean_um', place: 'place', state: 'state', life: '(diameter_mm - min_diameter_mm) / (new_diameter_mm - min_diameter_mm)', expires: 'expires_on'
};

export interface RackQuery { search: string; state: string; family: string; sort: RackSort; down: boolean; page: number }
export interface RackPage { wheels: WheelFacts[]; total: number; pages: number }
export const RACK_PAGE = 50;

const escaped = (text: string): string => text.replace(/[\\%_]/g, (c) => `\\${c}`);

/** One page of the rack as asked for: searched, filtered and sorted by the database, so that a large rack costs no more than a small one. */
export async function rackPage(q: RackQuery): Promise<RackPage> {
	const where: string[] = [];
	const values: Value[] = [];
	if (q.search) {
		const like = `%${escaped(q.search)}%`;
		where.push('(number LIKE ? OR canonical LIKE ? OR marking LIKE ? OR place LIKE ?)');
		values.push(like, like, like, like);
	}
	if (q.state) { where.push('state = ?'); values.push(q.state); }
	if (q.family) { where.push('family = ?'); values.push(q.family); }
	const filter = where.length ? `WHERE ${where.join(' AND ')}` : '';
	const total = (await row<{ n: number }>(`SELECT COUNT(*) AS n FROM wheels ${filter}`, values))!.n;
	const pages = Math.max(1, Math.ceil(total / RACK_PAGE));
	const offset = (Math.min(Math.max(1, q.page), pages) - 1) * RACK_PAGE;
	const ids = await rows<{ id: number }>(`SELECT id FROM wheels ${filter} ORDER BY ${ORDER[q.sort]} ${q.down ? 'DESC' : 'ASC'}, id LIMIT ${RACK_PAGE} OFFSET ${offset}`, values);
	return { wheels: await wheelsByIds(ids.map((r) => r.id)), total, pages };
}

/** Abrasives on the rack with how many wheels each, for the filter. */
export function rackFamilies(): Promise<{ family: string; n: number }[]> {
	return rows('SELECT family, COUNT(*) AS n FROM wheels WHERE family IS NOT NULL GROUP BY family ORDER BY n DESC');
}
