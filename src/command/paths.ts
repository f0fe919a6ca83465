import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder, wherever it was cloned to. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
export const DATA = process.env.UNCINUS_DATA ? resolve(process.env.UNCINUS_DATA) : join(ROOT, '.data');
export const MIGRATIONS = join(ROOT, 'database/migrations');
export const DEMO = join(ROOT, 'database/demo');
export const BUILD = join(ROOT, 'build');
