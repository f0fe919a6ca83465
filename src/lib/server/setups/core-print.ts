import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Put in when the application is built. */
declare const __CORE_PRINT__: string | undefined;

/** A print of every source of the core: whatever changes in a rule changes it. */
export function printOfCore(folder: string): string {
	const names = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((n) => n.endsWith('.ts'));
	const hash = createHash('sha256');
	for (const name of names.sort()) hash.update(`${name}\0`).update(readFileSync(join(folder, name)));
	return hash.digest('hex').slice(0, 16);
}

/** The print of the core that runs here; worked out from the sources where they run as they are. */
export const corePrint = (): string => (own ??= typeof __CORE_PRINT__ === 'string' ? __CORE_PRINT__ : here());
let own: string | null = null;
const here = (): string => printOfCore(join(dirname(fileURLToPath(import.meta.url)), '../../../core'));
