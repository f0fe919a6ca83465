import { statfsSync } from 'node:fs';

const MB = 1024 * 1024;
/** What a new shop takes with its log of changes, and some to work in. */
const NEW_SHOP_MB = 300;

/** Free room on the disk of a folder, for whoever is not root, in bytes. */
function freeBytes(folder: string): number {
	const disk = statfsSync(folder);
	return disk.bavail * disk.bsize;
}

/** Said before anything is laid out, as a database that runs out of room in the middle says it in the words of its maker. @throws Error in words */
export function refuseWithoutRoom(folder: string, free = freeBytes(folder)): void {
	if (free >= NEW_SHOP_MB * MB) return;
	throw new Error(
		`The disk of ${folder} has ${Math.floor(free / MB)} MB free, and a new shop needs ${NEW_SHOP_MB}. Nothing was laid out. Make room there, or choose another folder (UNCINUS_DATA=/path/to/folder), and start again.`
	);
}
