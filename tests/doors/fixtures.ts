import type { ChildProcess } from 'node:child_process';
import { endChild, startApplication } from '../../src/command/application.js';
import { freePort } from '../../src/command/system.js';
import { addressFromEnvironment, closeDatabase, row } from '../../src/lib/server/storage/pool.js';
import { openSession } from '../../src/lib/server/people/sessions.js';

/** The built application on a throw-away shop, knocked at without a browser. */
let app: ChildProcess | null = null;
let port = 0;
export const base = (): string => `http://127.0.0.1:${port}`;

async function startApp(more: NodeJS.ProcessEnv = {}): Promise<void> {
	if (app) return;
	port ||= await freePort(Number(process.env.UNCINUS_TEST_PORT ?? 4473));
	app = await startApplication(addressFromEnvironment(), port, true, true, more);
}
async function stopApp(): Promise<void> {
	if (app) await endChild(app);
	app = null;
}
export const appPid = (): number => app!.pid!;

/** A cookie of somebody who has signed in. */
export async function cookieOf(name: string): Promise<string> {
	const who = (await row<{ id: number }>('SELECT id FROM users WHERE name = ?', [name]))!;
	return `uncinus=${await openSession(who.id)}`;
}

export interface Said {
	status: number;
	body: Record<string, unknown> & { error?: { field: string; code: string; message: string } };
	headers: Headers;
}
function groupOf(text: string): Said['body'] {
	try {
		return JSON.parse(text) as Said['body'];
	} catch {
		return { text };
	}
}
/** A request as a page of this application would send it. */
export async function ask(
	path: string,
	o: { cookie?: string; method?: string; body?: unknown; headers?: Record<string, string> } = {}
): Promise<Said> {
	const r = await fetch(base() + path, {
		method: o.method ?? (o.body === undefined ? 'GET' : 'POST'),
		redirect: 'manual',
		headers: {
			origin: base(),
			...(o.cookie ? { cookie: o.cookie } : {}),
			...(o.body === undefined ? {} : { 'content-type': 'application/json' }),
			...o.headers
		},
		body: o.body === undefined ? undefined : typeof o.body === 'string' ? o.body : JSON.stringify(o.body)
	});
	const text = await r.text();
	return { status: r.status, body: groupOf(text), headers: r.headers };
}

before(() => startApp());
after(async () => {
	await stopApp();
	await closeDatabase();
});
