import { checked } from '../http/joi-schema.js';
import { groupIn } from '../json.js';
import { InputFault } from '../../../core/calculation/fault.js';
import { WHEEL_FIELDS } from '../../../core/shop/wheel.js';
import { type Intake, intake } from '../../../core/shop/wheel-intake.js';
import { isDuplicate, queryRows, transaction } from '../storage/pool.js';
import { Refused } from '../refused.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { insertWheels } from './add-wheels.js';

const CHUNK = 500;
const MAX_WHEELS = 100_000;

/** The numbers of a list that are on the rack already. */
export async function knownNumbers(numbers: readonly string[]): Promise<string[]> {
	const found: string[] = [];
	for (let i = 0; i < numbers.length; i += CHUNK) {
		const part = numbers.slice(i, i + CHUNK);
		found.push(
			...(
				await queryRows<{ number: string }>(
					`SELECT number FROM wheels WHERE number IN (${part.map(() => '?').join(',')})`,
					[...part]
				)
			).map((r) => r.number)
		);
	}
	return found;
}

export interface ImportLine {
	wheel: unknown;
	state?: unknown;
	reason?: unknown;
}
/** A line as it was sent, checked here again: nobody's browser decides what goes on the rack. @throws InputFault */
function lineOf(line: ImportLine | null, at: number): Intake {
	try {
		if (typeof line !== 'object' || line === null)
			throw new InputFault('wheel', 'not-an-object', 'It is no wheel.');
		const taken = intake(checked(WHEEL_FIELDS, line.wheel));
		const reason = typeof line.reason === 'string' && line.reason.trim() ? line.reason.slice(0, 180) : null;
		return line.state === 'quarantined' || line.state === 'scrapped'
			? { ...taken, state: line.state, reason: reason ?? taken.reason ?? line.state }
			: taken;
	} catch (error) {
		if (error instanceof InputFault)
			throw new InputFault(`lines.${at}.${error.field}`, error.code, `Line ${at + 1}: ${error.message}`);
		throw error;
	}
}

/** Puts all lines on the rack or none: one transaction, rolled back when the thread it runs in is ended. Returns how many. @throws Refused 403 for a viewer, 409, 413; InputFault on a line */
export async function importWheels(
	lines: readonly ImportLine[],
	user: User,
	progress: (done: number) => void
): Promise<number> {
	mayWrite(user);
	if (lines.length > MAX_WHEELS) throw tooMany(`${lines.length} wheels are`);
	try {
		return await transaction(async (on) => {
			for (let i = 0; i < lines.length; i += CHUNK) {
				const part = lines.slice(i, i + CHUNK).map((line, k) => lineOf(line, i + k));
				const there = await queryRows<{ number: string }>(
					`SELECT number FROM wheels WHERE number IN (${part.map(() => '?').join(',')}) LIMIT 1`,
					part.map((taken) => taken.wheel.number),
					on
				);
				if (there.length)
					throw new Refused(
						409,
						'number-taken',
						`Wheel ${there[0]!.number} is on the rack already. Nothing was taken; look at the lines again.`
					);
				await insertWheels(part, user, on);
				progress(Math.min(lines.length, i + CHUNK));
			}
			return lines.length;
		});
	} catch (error) {
		if (isDuplicate(error))
			throw new Refused(
				409,
				'number-taken',
				'A wheel of this list was put on the rack meanwhile. Nothing was taken; look at the lines again.'
			);
		throw error;
	}
}

/** More commas than the most wheels with everything that can be said of them have: such a list is not even read. */
const MAX_COMMAS = 40 * MAX_WHEELS;
const COMMA = 0x2c;
const tooMany = (says: string): Refused =>
	new Refused(413, 'too-many', `${says} more than the ${MAX_WHEELS} that can be taken at once.`);
function countedFirst(bytes: Uint8Array): void {
	let commas = 0;
	for (let i = 0; i < bytes.length; i++) if (bytes[i] === COMMA) commas++;
	if (commas > MAX_COMMAS) throw tooMany('This list holds');
}

/**
 * A list as it was sent: read, checked and taken in, all of it or nothing.
 * @throws as `importWheels`; InputFault where it is no list, Refused 413 where it is far too long
 */
export async function importBody(bytes: Uint8Array, user: User, tell: (o: object) => void): Promise<number> {
	mayWrite(user);
	countedFirst(bytes);
	const { lines } = groupIn(new TextDecoder().decode(bytes));
	if (!Array.isArray(lines) || lines.length === 0)
		throw new InputFault('lines', 'too-few', 'There is no wheel to take.');
	return importWheels(lines as ImportLine[], user, (done) => tell({ done, of: lines.length }));
}
