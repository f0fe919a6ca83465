import { diamond } from '../../../core/dress/diamond.js';
import { FLAT_FIELDS, isTurned } from '../../../core/shop/dresser.js';
import { checked } from '../http/joi-schema.js';
import { InputFault, Refused } from '../refused.js';
import { type Runner, row, rows, transaction, write } from '../storage/pool.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';

export interface Flat {
	id: number;
	removedCm3: number;
	flatWidthUm: number;
	by: string;
	at: Date;
}
interface Kept {
	id: number;
	kind: string;
	carat: number | null;
	dressesSinceTurn: number;
	turnEvery: number;
}
const kept = (code: string, on?: Runner): Promise<Kept | undefined> =>
	row(
		'SELECT id, kind, carat, dresses_since_turn AS dressesSinceTurn, turn_every AS turnEvery FROM dressers WHERE code = ?',
		[code],
		on
	);

/** Flats since the stone was turned last: a reading with nothing cut away begins anew. */
function flatsOf(id: number): Promise<Flat[]> {
	return rows(
		`SELECT f.id, f.removed_cm3 AS removedCm3, f.flat_width_um AS flatWidthUm, u.name AS \`by\`, f.at FROM dresser_flats f JOIN users u ON u.id = f.user_id
		 WHERE f.dresser_id = ? AND f.id >= COALESCE((SELECT MAX(s.id) FROM dresser_flats s WHERE s.dresser_id = f.dresser_id AND s.removed_cm3 = 0), 0) ORDER BY f.id`,
		[id]
	);
}

/** Setups in which it was chosen, the newest first. */
function usesOf(code: string): Promise<{ setupId: number; part: string; machine: string; at: Date }[]> {
	return rows(
		`SELECT s.id AS setupId, s.part, m.code AS machine, MAX(r.at) AS at FROM records r JOIN setups s ON s.id = r.setup_id JOIN machines m ON m.id = s.machine_id
		 WHERE (r.station = 'dress' AND r.step = 'method' OR r.station = 'form' AND r.step = 'shape') AND JSON_VALUE(r.entered, '$.dresserCode') = ? GROUP BY s.id, s.part, m.code ORDER BY s.id DESC LIMIT 8`,
		[code]
	);
}

/** The last dress planned with it: what one takes off, and from what wheel. */
async function lastDress(code: string): Promise<Record<string, number> | null> {
	const found = await row<{ input: string; output: string }>(
		`SELECT p.input, p.output FROM records p WHERE p.station = 'dress' AND p.calculation = 'dress.plan' AND p.setup_id IN
		 (SELECT r.setup_id FROM records r WHERE r.station = 'dress' AND r.step = 'method' AND JSON_VALUE(r.entered, '$.dresserCode') = ?) ORDER BY p.id DESC LIMIT 1`,
		[code]
	);
	if (!found) return null;
	const [input, output] = [JSON.parse(found.input), JSON.parse(found.output)] as Record<string, number>[];
	return { ...input, volumeMm3: output!.volumeRemovedMm3! };
}

/** Everything the page of a dresser shows beside what is kept of it; null for one that is not there. */
export async function dresserLog(code: string) {
	const d = await kept(code);
	if (!d) return null;
	const [flats, uses, last] = await Promise.all([flatsOf(d.id), usesOf(code), lastDress(code)]);
	const wear =
		isTurned(d.kind) && last && flats.length
			? diamond.run({
					wheelDiameterMm: last.wheelDiameterMm,
					wheelWidthMm: last.wheelWidthMm ?? last.rimWidthMm,
					grainSizeUm: last.grainSizeUm ?? USUAL_GRAIN_UM,
					fittedCarat: d.carat,
					dressesSinceTurn: d.dressesSinceTurn,
					turnEveryDresses: d.turnEvery,
					dressVolumeCm3: last.volumeMm3! / 1000,
					log: flats.map(({ removedCm3, flatWidthUm }) => ({ removedCm3, flatWidthUm }))
				})
			: null;
	return { turned: isTurned(d.kind), flats, uses, wear };
}
const USUAL_GRAIN_UM = 260;

/** A flat measured: it is kept in the log, and every dress reckons with it from now on. @throws Refused 403, 404; InputFault */
export async function addFlat(code: string, given: unknown, user: User): Promise<void> {
	mayWrite(user);
	const v = checked(FLAT_FIELDS, given);
	await transaction(async (on) => {
		const d = await kept(code, on);
		if (!d) throw new Refused(404, 'not-found', `There is no dresser ${code.slice(0, 20)}.`);
		const last = await row<{ removed: number }>(
			'SELECT removed_cm3 AS removed FROM dresser_flats WHERE dresser_id = ? ORDER BY id DESC LIMIT 1 FOR UPDATE',
			[d.id],
			on
		);
		if (last && v.removedCm3 > 0 && v.removedCm3 < last.removed)
			throw new InputFault(
				'removedCm3',
				'inconsistent',
				`${v.removedCm3} cm³ is less than the last reading, ${last.removed}. It can only grow; 0 begins anew after turning.`
			);
		await write(
			'INSERT INTO dresser_flats (dresser_id, removed_cm3, flat_width_um, user_id, at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))',
			[d.id, v.removedCm3, v.flatWidthUm, user.id],
			on
		);
		await write('UPDATE dressers SET flat_width_um = ? WHERE id = ?', [v.flatWidthUm, d.id], on);
	});
}
