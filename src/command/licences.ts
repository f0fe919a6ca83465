import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.js';

interface Locked {
	packages: Record<string, { version?: string; license?: string; dev?: boolean }>;
}
/** What a package in the lock file is called; one that lies in another has only its last name. */
const nameOf = (path: string): string =>
	path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);

/** Everything that comes with an installed Uncinus, by licence: what the lock file holds beside the tools of its developers. */
export function licencesDocument(): string {
	const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8')) as Locked;
	const by = new Map<string, Set<string>>();
	for (const [path, p] of Object.entries(packages)) {
		if (!path || p.dev) continue;
		const licence = p.license ?? 'not said in the package; see its own files';
		by.set(licence, (by.get(licence) ?? new Set()).add(`${nameOf(path)} ${p.version ?? ''}`));
	}
	const groups = [...by].sort(([a], [b]) => a.localeCompare(b, 'en'));
	return [
		'# Licences of what is shipped',
		'',
		'Uncinus itself: all rights reserved, see `LICENSE`. Listed here is every npm package an installed Uncinus runs with, also those of other machines that only one kind of processor installs; the fonts among them are under OFL-1.1. Written by `./uncinus licences > docs/licences.md`. MariaDB, Node and Chromium come with the machine and under licences of their own.',
		'',
		...groups.flatMap(([licence, names]) => [
			`## ${licence}`,
			'',
			...[...names].sort((a, b) => a.localeCompare(b, 'en')).map((n) => `- ${n}`),
			''
		])
	].join('\n');
}
