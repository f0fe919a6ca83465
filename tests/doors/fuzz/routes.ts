import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../../../src/command/paths.js';

/** A door of the application: what it is called, and what may be knocked with. */
export interface Door {
	method: string;
	path: string;
}
/** Every route there is, read from the folder of routes, so that a new one cannot be forgotten. */
export function doors(): Door[] {
	const folder = join(ROOT, 'src/routes');
	return readdirSync(folder, { recursive: true, encoding: 'utf8' }).flatMap((file) => {
		const path = `/${file.replace(/\/?\+[^/]*$/, '').replace(/\([^)]*\)\/?/g, '')}`.replace(/\/$/, '') || '/';
		const text = /\+(server|page\.server)\.ts$|\+page\.svelte$/.test(file)
			? readFileSync(join(folder, file), 'utf8')
			: '';
		if (file.endsWith('+server.ts'))
			return [...text.matchAll(/export (?:const|async function|function) (GET|POST|PUT|DELETE)\b/g)].map(
				(m) => ({
					method: m[1]!,
					path
				})
			);
		if (file.endsWith('+page.svelte'))
			return [
				{ method: 'GET', path },
				{ method: 'GET', path: `${path}/__data.json` }
			];
		return /export const actions/.test(text) ? [{ method: 'POST', path }] : [];
	});
}
