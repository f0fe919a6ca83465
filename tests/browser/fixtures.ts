import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, type BrowserContext, type Page, chromium } from 'playwright-core';
import { endChild, startApplication } from '../../src/command/application.js';
import { type PrivateDatabase, startDatabase } from '../../src/command/database/mariadb.js';
import { find, freePort } from '../../src/command/system.js';
import { writeWav } from '../../src/core/audio/wav.js';
import { madeUpRing, soundOf } from '../../src/core/inspect/ring/conditions.js';
import { addressFromEnvironment, closeDatabase, row, write } from '../../src/lib/server/storage/pool.js';

/** The running application and browser that all browser tests share. */
export const PINS: Record<string, string> = {
	'Mara Okonjo': '471128',
	'Tobias Renn': '258014',
	'Ines Falk': '135972',
	'Piet Aalders': '802416'
};
const FLAGS = [
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];
/** The browser's microphone plays this: a sound wheel, struck eight times. */
const MICROPHONE = join(mkdtempSync(join(tmpdir(), 'uncinus-ear-')), 'ring.wav');
let app: ChildProcess | null = null;
let port = 0;
let browser: Browser | null = null;

export const base = (): string => `http://127.0.0.1:${port}`;

/** Starts the application; a clock put ahead makes a long timer run out. */
export async function startApp(aheadS = 0): Promise<void> {
	if (app) return;
	port ||= await freePort(Number(process.env.UNCINUS_TEST_PORT ?? 4273));
	app = await startApplication(addressFromEnvironment(), port, true, true, {
		UNCINUS_CLOCK_AHEAD_S: String(aheadS)
	});
}
export async function stopApp(): Promise<void> {
	if (app) await endChild(app);
	app = null;
}
export async function restartApp(aheadS = 0): Promise<void> {
	await stopApp();
	await startApp(aheadS);
}

/** The database of this run, to be stopped under load and started again. */
export const database = (): Promise<PrivateDatabase> => startDatabase(process.env.UNCINUS_TEST_DATA!);

export async function context(options: Parameters<Browser['newContext']>[0] = {}): Promise<BrowserContext> {
	await startApp();
	if (!browser) {
		writeFileSync(
			MICROPHONE,
			writeWav(
				soundOf(
					madeUpRing({
						condition: 'clear',
						seed: 12,
						frequencyHz: 1300,
						tapAnglesDeg: [45, 135, 225, 315, 0, 90, 180, 270],
						sampleRateHz: 48000,
						gapS: 0.7
					})
				)
			)
		);
		browser = await chromium.launch({
			executablePath: find('chromium', '/usr/bin/chromium')!,
			args: [
				...FLAGS,
				'--use-fake-device-for-media-stream',
				`--use-file-for-fake-audio-capture=${MICROPHONE}`
			]
		});
	}
	const made = await browser.newContext({
		viewport: { width: 1280, height: 800 },
		reducedMotion: 'reduce',
		// What keeps an open setup in the browser has tests of its own, which let it in.
		serviceWorkers: 'block',
		...options
	});
	// Long, for a machine whose processors are busy elsewhere: nothing waits for its end but what is broken.
	made.setDefaultTimeout(45_000);
	made.on('console', (m) => {
		if (/Content.Security.Policy/i.test(m.text())) reported.push(`${m.page()?.url() ?? ''} ${m.text()}`);
	});
	return made;
}

/** What a browser refused by the policy of a page; there is nothing of that kind here. */
const reported: string[] = [];
afterEach(() => {
	const these = reported.splice(0);
	if (these.length) throw new Error(`Refused by the policy of the page: ${these.join('; ').slice(0, 800)}`);
});

/** A page with somebody signed in, at the Floor. The form for it has tests of its own; here it is sent without showing it. */
export async function signedIn(
	who = 'Ines Falk',
	options: Parameters<typeof context>[0] = {}
): Promise<Page> {
	await freeSpindles();
	const page = await (await context(options)).newPage();
	const user = await row<{ id: number }>('SELECT id FROM users WHERE name = ?', [who]);
	const answer = await page.request.post(`${base()}/sign-in`, {
		form: { userId: user!.id, pin: PINS[who]! },
		headers: { accept: 'text/html' }
	});
	if (!answer.ok()) throw new Error(await answer.text());
	await page.goto(base());
	await page.getByRole('heading', { name: 'On the floor' }).waitFor();
	return page;
}

/** Whatever another test has mounted is taken off, so that each may have the spindle it works on. */
export const freeSpindles = (): Promise<unknown> =>
	write('UPDATE setups SET on_spindle = FALSE WHERE on_spindle');
beforeEach(freeSpindles);

after(async () => {
	await closeDatabase();
	await browser?.close();
	await stopApp();
});

/** After a failed test says where the page stood and what it showed. */
export function tellOnFailure(pageOf: () => Page): void {
	afterEach(async function (this: Mocha.Context) {
		if (this.currentTest?.state !== 'failed') return;
		const page = pageOf();
		const text = await page
			.locator('main')
			.innerText()
			.catch(() => 'no page');
		process.stdout.write(`    at ${page.url()}\n    ${text.slice(0, 1500).replace(/\n+/g, ' | ')}\n`);
	});
}
