import type { WheelFacts } from '../../../core/facts/wheel.js';
import type { KeptLine, WheelBook } from '../../../core/keep/wheel-book.js';
import { type Runner, rows } from '../storage/pool.js';

/** So many lines of a book are drawn; the wheel's own page has them all. */
const DRAWN = 400;

type Row = Omit<KeptLine, 'incident'> & { incident: number };

/** The newest lines of a wheel's book, oldest first; what was taken off, measured and seen, on which day. */
export async function bookOfWheel(
	w: Pick<WheelFacts, 'id' | 'newDiameterMm'>,
	on?: Runner
): Promise<WheelBook> {
	const lines = await rows<Row>(
		`SELECT e.id, e.kind, DATE_FORMAT(e.at, '%Y-%m-%d') AS date, e.diameter_after_mm AS diameterMm, e.note, e.corrects_id AS correctsId, e.setup_id AS setupId, m.code AS machine, u.name AS \`by\`,
		 e.kind = 'quarantined' AND r.step = 'incident' AS incident
		 FROM (SELECT * FROM wheel_events WHERE wheel_id = ? ORDER BY id DESC LIMIT ${DRAWN}) e JOIN users u ON u.id = e.user_id LEFT JOIN records r ON r.id = e.record_id LEFT JOIN setups s ON s.id = e.setup_id LEFT JOIN machines m ON m.id = s.machine_id ORDER BY e.id`,
		[w.id],
		on
	);
	return {
		lines: lines.map((line) => ({ ...line, incident: !!line.incident })),
		newDiameterMm: w.newDiameterMm
	};
}
