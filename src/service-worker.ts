/// <reference types="@sveltejs/kit" />
import { build, files, version } from '$service-worker';
import { type RequestKind, classifyRequest } from '$lib/offline/classify-request';
import { type KeptData, NOTHING_KEPT, answerFrom, mergePageData } from '$lib/offline/page-data';

/** The parts of the application, and the setup that is open, kept in this browser for when the network is away. Nothing else is. */
interface Waits extends Event {
	waitUntil(work: Promise<unknown>): void;
}
interface Fetches extends Waits {
	request: Request;
	respondWith(answer: Promise<Response>): void;
}
interface Scope {
	addEventListener(what: 'install' | 'activate', work: (e: Waits) => void): void;
	addEventListener(what: 'fetch', work: (e: Fetches) => void): void;
	addEventListener(what: 'message', work: (e: Waits & { data: Told }) => void): void;
	clients: { claim(): Promise<void> };
	skipWaiting(): Promise<void>;
}
/** What a page says: which setup is open, with its stations; or that its screen was locked. */
type Told = { keep: number; here: string; stations: string[] } | { forget: true };
const scope = self as unknown as Scope;

const SHELL = `uncinus-parts-${version}`;
const OPEN = 'uncinus-open-setup';
const PARTS: readonly string[] = [...build, ...files];
const DATA_AT = '/kept-data';
/** Stands there once everything of the open setup is kept. */
const WHOLE_AT = '/kept-whole';

scope.addEventListener('install', (e) => e.waitUntil(scope.skipWaiting()));
scope.addEventListener('activate', (e) =>
	e.waitUntil(
		(async () => {
			// Pages of an older version name parts that are not served any more.
			for (const name of await caches.keys()) if (name !== SHELL) await caches.delete(name);
			await scope.clients.claim();
		})()
	)
);

scope.addEventListener('fetch', (e) => {
	const asked = classifyRequest(e.request, PARTS);
	if (asked.kind === 'leave') e.waitUntil(caches.delete(OPEN));
	const answer = answerFor(e.request, asked);
	if (answer) e.respondWith(answer);
});

function answerFor(request: Request, asked: RequestKind): Promise<Response> | null {
	switch (asked.kind) {
		case 'part':
			return part(request);
		case 'setup':
			return setupPage(request, asked.id, asked.path);
		case 'data':
			return setupData(request, asked);
		case 'page':
			return fetch(request).catch(noNetwork);
		default:
			return null;
	}
}

async function part(request: Request): Promise<Response> {
	const shell = await caches.open(SHELL);
	const kept = await shell.match(request);
	if (kept) return kept;
	const answer = await fetch(request);
	if (answer.ok) await shell.put(request, answer.clone());
	return answer;
}

async function setupPage(request: Request, id: number, path: string): Promise<Response> {
	const open = await caches.open(OPEN);
	try {
		const answer = await fetch(request);
		if (answer.ok && !answer.redirected && answer.type === 'basic') await open.put(path, answer.clone());
		return answer;
	} catch {
		const kept = await open.match(path);
		if (kept) return kept;
		const other = (await open.keys()).map((r) => new URL(r.url).pathname).find((p) => ofSetup(p, id));
		return other ? Response.redirect(other) : noNetwork();
	}
}
const ofSetup = (path: string, id: number): boolean =>
	path === `/setups/${id}` || path.startsWith(`/setups/${id}/`);

const dataOf = async (id: number): Promise<KeptData> => {
	const kept = await (await caches.open(OPEN)).match(`${DATA_AT}/${id}`);
	return kept ? ((await kept.json()) as KeptData) : NOTHING_KEPT;
};
async function keepData(id: number, path: string, text: string): Promise<void> {
	const data = mergePageData(await dataOf(id), path, text);
	if (data) await (await caches.open(OPEN)).put(`${DATA_AT}/${id}`, new Response(JSON.stringify(data)));
}

async function setupData(request: Request, asked: RequestKind & { kind: 'data' }): Promise<Response> {
	try {
		const answer = await fetch(request);
		if (answer.ok) await keepData(asked.id, asked.path, await answer.clone().text());
		return answer;
	} catch (e) {
		const text = answerFrom(await dataOf(asked.id), asked.path, asked.levels);
		if (!text) throw e;
		return new Response(text, { headers: { 'content-type': 'application/json' } });
	}
}

scope.addEventListener('message', (e) => {
	e.waitUntil('forget' in e.data ? caches.delete(OPEN) : keep(e.data.keep, e.data.here, e.data.stations));
});

/** Fetches what the other stations of an open setup need, and lets go of any other setup. */
async function keep(id: number, here: string, stations: readonly string[]): Promise<void> {
	const open = await caches.open(OPEN);
	for (const r of await open.keys()) {
		const { pathname } = new URL(r.url);
		if (!ofSetup(pathname, id) && pathname !== `${DATA_AT}/${id}` && pathname !== `${WHOLE_AT}/${id}`)
			await open.delete(r);
	}
	for (const path of [here, ...stations.map((s) => `/setups/${id}/${s}`)]) {
		// What the open page came with is asked for again, as data, since it is the newest.
		if (path !== here && (await dataOf(id)).own[path]) continue;
		const answer = await fetch(`${path}/__data.json`).catch(() => null);
		if (answer?.ok) await keepData(id, path, await answer.text());
	}
	if (await keepParts()) await open.put(`${WHOLE_AT}/${id}`, new Response(''));
}

const AT_ONCE = 6;
/** Fetches the parts that are not here yet, a few at once. Whether all are here now. */
async function keepParts(): Promise<boolean> {
	const shell = await caches.open(SHELL);
	const here = new Set((await shell.keys()).map((r) => new URL(r.url).pathname));
	const missing = PARTS.filter((name) => !here.has(name));
	const workers = Array.from({ length: AT_ONCE }, async () => {
		for (let name = missing.pop(); name; name = missing.pop())
			if (
				!(await shell.add(name).then(
					() => true,
					() => false
				))
			)
				return false;
		return true;
	});
	return (await Promise.all(workers)).every(Boolean);
}

const AWAY = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>No network - Uncinus</title></head><body style="font:18px/1.5 system-ui,sans-serif;margin:12vh auto;max-width:34em;padding:0 1em"><h1>No network</h1><p>This page is not kept in this browser. The setup that was open last is; what was recorded there waits and goes out by itself.</p><p><a href="">Try again</a></p></body></html>`;
const noNetwork = (): Response =>
	new Response(AWAY, { status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } });
