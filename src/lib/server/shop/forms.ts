import type { RawSegment } from '../../../core/form/profile/chain.js';
import { Refused } from '../refused.js';
import { type Runner, row, rows, write } from '../storage/pool.js';

/** A form of the library, without its shape. */
export interface FormEntry {
	id: number;
	name: string;
	version: number;
	toleranceUm: number;
	by: string;
	at: Date;
}
export type KeptForm = FormEntry & { segments: RawSegment[] };

const ENTRY = 'f.id, f.name, f.version, f.tolerance_um AS toleranceUm, u.name AS `by`, f.at';
const FROM = 'FROM form_profiles f JOIN users u ON u.id = f.user_id';
const MAX = 500;

/** The newest version of every form, by name. */
export const formsNow = (): Promise<FormEntry[]> =>
	rows(
		`SELECT ${ENTRY} ${FROM} WHERE f.version = (SELECT MAX(n.version) FROM form_profiles n WHERE n.name = f.name) ORDER BY f.name LIMIT ${MAX}`
	);
/** Every version of a form, the newest first. */
export const versionsOf = (name: string): Promise<FormEntry[]> =>
	rows(`SELECT ${ENTRY} ${FROM} WHERE f.name = ? ORDER BY f.version DESC LIMIT ${MAX}`, [name]);

/** One version with its shape. @throws Refused 404 */
export async function formById(id: number): Promise<KeptForm> {
	const found = await row<FormEntry & { segments: string }>(
		`SELECT ${ENTRY}, f.segments ${FROM} WHERE f.id = ?`,
		[id]
	);
	if (!found) throw new Refused(404, 'not-found', `There is no form ${id}.`);
	return { ...found, segments: JSON.parse(found.segments) as RawSegment[] };
}

/** Keeps a form under its name; a new version where shape or tolerance have changed. */
export async function keepForm(
	form: { name: string; segments: readonly RawSegment[]; toleranceUm: number },
	setupId: number,
	userId: number,
	on: Runner
): Promise<void> {
	const last = await row<{ version: number; segments: string; toleranceUm: number }>(
		'SELECT version, segments, tolerance_um AS toleranceUm FROM form_profiles WHERE name = ? ORDER BY version DESC LIMIT 1 FOR UPDATE',
		[form.name],
		on
	);
	const segments = JSON.stringify(form.segments);
	if (last && last.segments === segments && last.toleranceUm === form.toleranceUm) return;
	await write(
		'INSERT INTO form_profiles (name, version, segments, tolerance_um, setup_id, user_id, at) VALUES (?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
		[form.name, (last?.version ?? 0) + 1, segments, form.toleranceUm, setupId, userId],
		on
	);
}

/** What coupons showed of forms made with a dresser, the newest first: whether it wears out of its form. */
export async function couponTrend(
	dresserCode: string
): Promise<{ setupId: number; at: Date; maxAbsUm: number; toleranceUm: number }[]> {
	const found = await rows<{ setupId: number; at: Date; input: string; output: string }>(
		`SELECT c.setup_id AS setupId, c.at, c.input, c.output FROM records c
		 WHERE c.station = 'form' AND c.step = 'coupon' AND c.calculation = 'form.compare-measured' AND c.setup_id IN
		 (SELECT s.setup_id FROM records s WHERE s.station = 'form' AND s.step = 'shape' AND JSON_VALUE(s.entered, '$.dresserCode') = ?)
		 ORDER BY c.id DESC LIMIT 20`,
		[dresserCode]
	);
	return found.map(({ input, output, ...rest }) => ({
		...rest,
		maxAbsUm: (JSON.parse(output) as { maxAbsUm: number }).maxAbsUm,
		toleranceUm: (JSON.parse(input) as { toleranceUm: number }).toleranceUm
	}));
}
