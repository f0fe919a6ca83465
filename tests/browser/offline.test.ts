import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { done, press, soundLook, startSaid } from './bench.js';
import { Brought } from './by-request.js';
import { base, restartApp, signedIn, stopApp, tellOnFailure } from './fixtures.js';
import { balanceSaid, dressed, mountSaid, released, trialSaid, truedSaid } from './to-release.js';

describe('without the network', function () {
	let page: Page;
	let setup: Brought;
	tellOnFailure(() => page);
	beforeEach(async () => {
		page = await signedIn('Ines Falk', { serviceWorkers: 'allow' });
	});
	afterEach(() => page.context().close());

	const note = () => page.getByRole('complementary', { name: 'Without the network' });
	const waits = (n: number) =>
		note()
			.getByText(n === 1 ? 'One record waits' : `${n} records wait`)
			.waitFor();
	const gone = () => page.context().setOffline(true);
	const back = async () => {
		await page.context().setOffline(false);
		await note().waitFor({ state: 'detached' });
	};
	/** Everything of the open setup is kept in the browser. */
	const kept = () =>
		page.evaluate(async (id) => {
			const open = await caches.open('uncinus-open-setup');
			while (!(await open.match(`/kept-whole/${id}`))) await new Promise((r) => setTimeout(r, 50));
		}, setup.id);
	/** Steps the server has, in order. */
	const taken = async (): Promise<string[]> => {
		const answer = await page.request.get(`${base()}/api/setups/${setup.id}/export.json`);
		const said = (await answer.json()) as { records: { station: string; step: string; together: string }[] };
		const deeds = new Map(said.records.map((r) => [r.together, `${r.station}.${r.step}`]));
		return [...deeds.values()];
	};
	/** At a station: the network goes, something is done, so many records wait, and back they go out by themselves. */
	async function without(
		station: string,
		steps: readonly string[],
		work: () => Promise<void>
	): Promise<void> {
		const before = await taken();
		await setup.open(station);
		await kept();
		await gone();
		await note().getByText('No network.').waitFor();
		await work();
		if (steps.length) await waits(steps.length);
		expect(await taken(), 'nothing has reached the server').to.deep.equal(before);
		await back();
		expect(await taken()).to.deep.equal([...before, ...steps.map((s) => `${station}.${s}`)]);
	}
	/** Refused here, because only the server can say it. */
	const needsServer = (what: string) =>
		page.getByRole('alert').getByText(`${what} needs the server, which does not answer`).waitFor();

	it('in the middle of every station: what is evidence waits and goes out in order, what only the server gives is not given', async () => {
		setup = await new Brought(page).begun();
		await without('select', [], async () => {
			await press(page, /^Take wheel/);
			await needsServer('Take a wheel');
		});
		setup = await new Brought(page).taken();
		await without('inspect', ['look', 'ring'], async () => {
			await soundLook(page);
			await press(page, 'Looked over');
			for (let i = 0; i < 8; i++) await press(page, /^Clear/);
			await press(page, /^Rung/);
		});
		await without('mount', ['fit', 'flange', 'thread'], async () => {
			await mountSaid(page, 'by hand');
			await needsServer('Tighten');
		});
		await press(page, 'Tightened in this order');
		await done(page, 'Mount');
		await without('run-in', [], async () => {
			await startSaid(page);
			await press(page, 'Wheel is started');
			await needsServer('First start');
		});
		await press(page, 'Wheel is started');
		await page.getByRole('timer').waitFor();
		await without('run-in', ['speed'], async () => {
			await page.getByLabel('Tachometer', { exact: true }).fill('2300');
			await press(page, 'Book the reading');
		});
		await setup.read();
		await restartApp(600);
		await setup.did('run-in', 'outcome');
		await without('true', ['runout', 'plan', 'after'], () => truedSaid(page));
		await without('balance', ['off', 'swing', 'move', 'stays', 'back'], async () => {
			await balanceSaid(page);
			await needsServer('Guarded start');
			await accessible(page, 'a setup without the network');
		});
		await press(page, 'Started, ran empty');
		await done(page, 'Balance');
		await without('dress', ['method', 'position', 'settings', 'done'], () => dressed(page, { then: 'on' }));
		await without('prove', [], async () => {
			await trialSaid(page, '0.46');
			await needsServer('Trial cut and release');
		});
		await released(page);
		await without('keep', ['entry'], () => press(page, 'Part done'));
	});

	it('somebody else recorded meanwhile: what waited is shown with what was typed, and nothing of it goes in unseen', async () => {
		setup = await new Brought(page).taken();
		await setup.open('inspect');
		await kept();
		await gone();
		await soundLook(page);
		await press(page, 'Looked over');
		for (let i = 0; i < 8; i++) await press(page, /^Clear/);
		await press(page, /^Rung/);
		await waits(2);
		// The request goes out beside the page, whose network is away.
		await setup.did('inspect', 'look');
		await page.context().setOffline(false);
		const look = note().getByRole('region', { name: /^Not taken: Look/ });
		await look.getByText(/changed this setup meanwhile/).waitFor();
		await look.getByText('Crack', { exact: false }).first().waitFor();
		const ring = note().getByRole('region', { name: /^Not taken: Ring/ });
		await ring.getByText('It was recorded after one that was not taken').waitFor();
		expect((await taken()).filter((s) => s === 'inspect.ring')).to.deep.equal([]);
		await ring.getByRole('button', { name: 'Leave it out' }).click();
		await ring.getByRole('button', { name: 'Really: it is nowhere else' }).click();
		await ring.waitFor({ state: 'detached' });
		await look.getByRole('button', { name: 'Enter it again' }).click();
		await note().waitFor({ state: 'detached' });
		await page.getByRole('heading', { name: /^Inspect/ }).waitFor();
		expect((await taken()).filter((s) => s === 'inspect.look')).to.have.length(1);
	});

	it('where the browser keeps nothing more, that is said, and what was typed stays in the form', async () => {
		setup = await new Brought(page).taken();
		await setup.open('inspect');
		await kept();
		await soundLook(page);
		await gone();
		await note().getByText('No network.').waitFor();
		await page.evaluate(() => {
			for (let size = 1 << 20, n = 0; size > 0;)
				try {
					localStorage.setItem(`full-${n++}`, 'x'.repeat(size));
				} catch {
					size >>= 1;
				}
		});
		await press(page, 'Looked over');
		await page
			.getByRole('alert')
			.getByText(/this browser keeps nothing more/)
			.waitFor();
		await page.evaluate(() => {
			for (const k of Object.keys(localStorage).filter((k) => k.startsWith('full-')))
				localStorage.removeItem(k);
		});
		await press(page, 'Looked over');
		await waits(1);
		await back();
		expect(await taken()).to.include('inspect.look');
	});
	it('the server is away for a week, the page is loaded again, the session is long over: it waits for its person and says when it was entered', async () => {
		setup = await new Brought(page).taken();
		await setup.open('inspect');
		await kept();
		try {
			await stopApp();
			await soundLook(page);
			await press(page, 'Looked over');
			await waits(1);
			await page.reload();
			await waits(1);
			await page.getByRole('heading', { name: 'Inspect: ring' }).waitFor();
			await page.context().clearCookies();
			await restartApp(7 * 86_400);
			await note().getByText('You are signed out.').waitFor();
			await note().getByRole('link', { name: 'Sign in' }).click();
			await page.getByRole('radio', { name: 'Ines Falk' }).check();
			await page.getByLabel('PIN', { exact: true }).fill('135972');
			await page.getByRole('button', { name: 'Sign in' }).click();
			await page.getByRole('heading', { name: /^Inspect: ring/ }).waitFor();
			await note().waitFor({ state: 'detached' });
			expect(await taken()).to.include('inspect.look');
			const answer = await page.request.get(`${base()}/api/setups/${setup.id}/export.json`);
			const { records } = (await answer.json()) as { records: { id: number; step: string }[] };
			await page.goto(`${base()}/log/${records.find((r) => r.step === 'look')!.id}`);
			await page.getByText(/^Entered .*(without the network|by the browser's clock)/).waitFor();
		} finally {
			await restartApp();
		}
	});
});
