import { randomBytes } from 'node:crypto';
import { chmodSync, existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** How the database of a folder is reached: made at the first start, kept beside the data, read by its owner only. */
export interface Access {
	/** Of the account the application uses. */
	password: string;
	/** Of the account that migrates, backs up and restores. */
	ownerPassword: string;
	port: number;
}

const fileOf = (folder: string): string => join(folder, 'access.json');
const fresh = (): string => randomBytes(24).toString('base64url');

/** Null before the first start. */
export function accessOf(folder: string): Access | null {
	if (!existsSync(fileOf(folder))) return null;
	const kept = JSON.parse(readFileSync(fileOf(folder), 'utf8')) as Partial<Access>;
	return {
		password: kept.password ?? fresh(),
		ownerPassword: kept.ownerPassword ?? fresh(),
		port: kept.port ?? 0
	};
}
export const newAccess = (): Access => ({ password: fresh(), ownerPassword: fresh(), port: 0 });

/** Written whole or not at all. */
export function keepAccess(folder: string, access: Access): void {
	const part = `${fileOf(folder)}.part`;
	writeFileSync(part, JSON.stringify(access), { mode: 0o600 });
	chmodSync(part, 0o600);
	renameSync(part, fileOf(folder));
}
