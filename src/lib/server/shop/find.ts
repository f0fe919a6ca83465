import { dresserWords } from '../../../core/shop/dresser.js';
import { type Value, rows } from '../storage/pool.js';

export interface Found {
	kind: 'wheel' | 'setup' | 'machine' | 'mount' | 'dresser';
	title: string;
	note: string;
	href: `/rack/${string}` | `/setups/${number}` | `/shop/${string}/${string}`;
}
const MAX = 12;

interface FoundWheel {
	number: string;
	canonical: string;
	place: string;
}
/** The wheel of that very number first, then others by number; a large rack is read in that order until there are enough. */
async function wheelsHolding(text: string, like: string): Promise<FoundWheel[]> {
	const [own, others] = [
		await rows<FoundWheel>('SELECT number, canonical, place FROM wheels WHERE number = ?', [text]),
		await rows<FoundWheel>(
			`SELECT number, canonical, place FROM wheels FORCE INDEX (by_search) WHERE LOCATE(CAST(? AS BINARY), search_bytes) > 0 AND (number LIKE ? OR canonical LIKE ? OR marking LIKE ?) ORDER BY number LIMIT ${MAX + 1}`,
			[text.toLowerCase(), like, like, like]
		)
	];
	return [...own, ...others.filter((w) => w.number !== own[0]?.number)].slice(0, MAX);
}

/** Everything in the shop whose number, name or marking holds the text. */
export async function find(text: string): Promise<Found[]> {
	if (!text) return [];
	const like = `%${text.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;
	const many = (n: number): Value[] => Array.from({ length: n }, () => like);
	const [wheels, setups, machines, mounts, dressers] = await Promise.all([
		wheelsHolding(text, like),
		rows<{ id: number; part: string; machine: string }>(
			`SELECT s.id, s.part, m.code AS machine FROM setups s JOIN machines m ON m.id = s.machine_id WHERE s.part LIKE ? OR CAST(s.id AS CHAR) = ? ORDER BY s.id DESC LIMIT ${MAX}`,
			[like, text]
		),
		rows<{ code: string; name: string }>(
			`SELECT code, name FROM machines WHERE code LIKE ? OR name LIKE ? LIMIT ${MAX}`,
			many(2)
		),
		rows<{ code: string; kind: string }>(
			`SELECT code, kind FROM mounts WHERE code LIKE ? LIMIT ${MAX}`,
			many(1)
		),
		rows<{ code: string; kind: string }>(
			`SELECT code, kind FROM dressers WHERE code LIKE ? LIMIT ${MAX}`,
			many(1)
		)
	]);
	return [
		...wheels.map((w): Found => ({
			kind: 'wheel',
			title: `${w.number}  ${w.canonical}`,
			note: w.place,
			href: `/rack/${encodeURIComponent(w.number)}`
		})),
		...setups.map((s): Found => ({
			kind: 'setup',
			title: `${s.id}  ${s.part}`,
			note: s.machine,
			href: `/setups/${s.id}`
		})),
		...machines.map((m): Found => ({
			kind: 'machine',
			title: `${m.code} ${m.name}`,
			note: '',
			href: `/shop/machines/${encodeURIComponent(m.code)}`
		})),
		...mounts.map((m): Found => ({
			kind: 'mount',
			title: m.code,
			note: m.kind,
			href: `/shop/mounts/${encodeURIComponent(m.code)}`
		})),
		...dressers.map((d): Found => ({
			kind: 'dresser',
			title: d.code,
			note: dresserWords(d.kind),
			href: `/shop/dressers/${encodeURIComponent(d.code)}`
		}))
	];
}
