import sharp, { type Metadata } from 'sharp';
import type { PoolConnection } from 'mysql2/promise';
import { InputFault, Refused } from '../refused.js';
import { inTurn } from '../jobs/run-job.js';
import { type Runner, row, rows, transaction, write } from '../storage/pool.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';

const MAX_BYTES = 20 * 1024 * 1024;
const MAX_PIXELS = 100_000_000;
/** What a camera makes, by what the file really is; a drawing that can carry scripts is not among it. */
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp', 'heif', 'tiff', 'gif'];
const MIN_SIDE_PX = 64;
const LARGEST_SIDE_PX = 1800;
const SMALL_SIDE_PX = 240;
const MAX_TOGETHER = 12;
const MB = 1024 * 1024;

export interface Picture {
	id: number;
	width: number;
	height: number;
}

/** Where pictures belong that are not recorded yet: an arriving wheel, a wheel at the rack, a setup. @throws Refused */
export function draftPlace(text: string | null): string {
	if (!text || !/^(wheel-new|wheel-[A-Za-z0-9][A-Za-z0-9._-]{0,19}|setup-\d{1,9})$/.test(text))
		throw new Refused(404, 'not-found', 'Nothing here takes pictures.');
	return text;
}

/** Turned upright, made smaller, without whatever else the file carried. @throws InputFault in words */
async function reencoded(
	bytes: Uint8Array
): Promise<{ jpeg: Buffer; small: Buffer; width: number; height: number }> {
	if (bytes.length > MAX_BYTES)
		throw new InputFault(
			'picture',
			'above-maximum',
			`The picture has ${Math.round(bytes.length / MB)} MB. Up to ${MAX_BYTES / MB} MB can be taken; make it smaller.`
		);
	let source: Metadata;
	const unreadable = new InputFault(
		'picture',
		'not-a-picture',
		'This file is not a picture that can be read. Take it again, or save it as JPEG or PNG.'
	);
	try {
		source = await sharp(bytes, { limitInputPixels: MAX_PIXELS, failOn: 'error' }).metadata();
	} catch {
		throw unreadable;
	}
	if (!FORMATS.includes(source.format ?? '')) throw unreadable;
	if (Math.min(source.width ?? 0, source.height ?? 0) < MIN_SIDE_PX)
		throw new InputFault(
			'picture',
			'below-minimum',
			`${source.width} × ${source.height} points show nothing. Take a picture of at least ${MIN_SIDE_PX} × ${MIN_SIDE_PX}.`
		);
	try {
		const upright = sharp(bytes, { limitInputPixels: MAX_PIXELS, failOn: 'error' })
			.rotate()
			.flatten({ background: '#ffffff' });
		const large = await upright
			.clone()
			.resize(LARGEST_SIDE_PX, LARGEST_SIDE_PX, { fit: 'inside', withoutEnlargement: true })
			.jpeg({ quality: 82 })
			.toBuffer({ resolveWithObject: true });
		const small = await sharp(large.data)
			.resize(SMALL_SIDE_PX, SMALL_SIDE_PX, { fit: 'inside', withoutEnlargement: true })
			.jpeg({ quality: 76 })
			.toBuffer();
		return { jpeg: large.data, small, width: large.info.width, height: large.info.height };
	} catch {
		throw new InputFault('picture', 'not-a-picture', 'The picture is damaged. Take it again.');
	}
}

/** Keeps a picture for what is being recorded. @throws InputFault, Refused */
export async function keepPicture(place: string, bytes: Uint8Array, user: User): Promise<Picture> {
	mayWrite(user);
	if (!bytes.length) throw new InputFault('picture', 'missing', 'The picture is empty. Take it again.');
	// Before the work of turning and shrinking, and once more where nobody can come in between.
	await roomFor(place, user);
	const p = await inTurn(user.id, () => reencoded(bytes));
	return transaction(async (on) => {
		await row('SELECT id FROM users WHERE id = ? FOR UPDATE', [user.id], on);
		await roomFor(place, user, on);
		const done = await write(
			'INSERT INTO pictures (user_id, draft_of, width_px, height_px, jpeg, small_jpeg) VALUES (?, ?, ?, ?, ?, ?)',
			[user.id, place, p.width, p.height, p.jpeg, p.small],
			on
		);
		return { id: done.insertId, width: p.width, height: p.height };
	});
}

/** @throws InputFault when there are as many as may be */
async function roomFor(place: string, user: User, on?: Runner): Promise<void> {
	const there = await row<{ n: number }>(
		'SELECT COUNT(*) AS n FROM pictures WHERE user_id = ? AND draft_of = ?',
		[user.id, place],
		on
	);
	if (Number(there!.n) >= MAX_TOGETHER)
		throw new InputFault(
			'picture',
			'too-many',
			`${MAX_TOGETHER} pictures are enough for one look. Remove one first.`
		);
}

const LIST = 'SELECT id, width_px AS width, height_px AS height FROM pictures';
export const draftPictures = (userId: number, place: string): Promise<Picture[]> =>
	rows(`${LIST} WHERE user_id = ? AND draft_of = ? ORDER BY id`, [userId, place]);
export const picturesOfRecord = (recordId: number): Promise<Picture[]> =>
	rows(`${LIST} WHERE record_id = ? ORDER BY id`, [recordId]);
export const picturesOfWheel = (
	wheelId: number,
	most = 24
): Promise<(Picture & { recordId: number; at: Date })[]> =>
	rows(
		`SELECT id, width_px AS width, height_px AS height, record_id AS recordId, at FROM pictures WHERE wheel_id = ? ORDER BY id DESC LIMIT ${Number(most)}`,
		[wheelId]
	);

/** The picture itself; before anything is recorded with it it is its owner's alone. @throws Refused */
export async function pictureBytes(id: number, small: boolean, userId: number): Promise<Buffer> {
	const found = await row<{ bytes: Buffer }>(
		`SELECT ${small ? 'small_jpeg' : 'jpeg'} AS bytes FROM pictures WHERE id = ? AND (record_id IS NOT NULL OR user_id = ?)`,
		[id, userId]
	);
	if (!found) throw new Refused(404, 'not-found', `There is no picture ${id}.`);
	return found.bytes;
}

/** Removes a picture of one's own that nothing was recorded with yet. @throws Refused */
export async function dropPicture(id: number, user: User): Promise<void> {
	mayWrite(user);
	const done = await write('DELETE FROM pictures WHERE id = ? AND user_id = ? AND record_id IS NULL', [
		id,
		user.id
	]);
	if (!done.affectedRows) throw new Refused(409, 'kept', 'This picture belongs to a record and stays.');
}

/** Gives the pictures taken for something to what was recorded of it. */
export async function attachPictures(
	place: string,
	wheelId: number,
	recordId: number,
	user: User,
	on: PoolConnection
): Promise<void> {
	await write(
		'UPDATE pictures SET wheel_id = ?, record_id = ?, draft_of = NULL WHERE user_id = ? AND draft_of = ?',
		[wheelId, recordId, user.id, place],
		on
	);
}
