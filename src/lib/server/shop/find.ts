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
	return [...own, ...others.filter((other) => other.number !== own[0]?.number)].slice(0, MAX);
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
		...wheels.map((wheel): Found => ({
			kind: 'wheel',
			title: `${wheel.number}  ${wheel.canonical}`,
			note: wheel.place,
			href: `/rack/${encodeURIComponent(wheel.number)}`
		})),
		...setups.map((setup): Found => ({
			kind: 'setup',
			title: `${setup.id}  ${setup.part}`,
			note: setup.machine,
			href: `/setups/${setup.id}`
		})),
		...machines.map((machine): Found => ({
			kind: 'machine',
			title: `${machine.code} ${machine.name}`,
			note: '',
			href: `/shop/machines/${encodeURIComponent(machine.code)}`
		})),
		...mounts.map((mount): Found => ({
			kind: 'mount',
			title: mount.code,
			note: mount.kind,
			href: `/shop/mounts/${encodeURIComponent(mount.code)}`
		})),
		...dressers.map((dresser): Found => ({
			kind: 'dresser',
			title: dresser.code,
			note: dresserWords(dresser.kind),
			href: `/shop/dressers/${encodeURIComponent(dresser.code)}`
		}))
	];
}
