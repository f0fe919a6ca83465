import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { write } from '../../src/lib/server/storage/pool.js';
import { accessible } from './accessible.js';
import { press, soundLook } from './bench.js';
import { Brought } from './by-request.js';
import { PINS, base, signedIn, tellOnFailure } from './fixtures.js';

describe('two people at one browser', function () {
	let page: Page;
	let setup: Brought;
	tellOnFailure(() => page);
	beforeEach(async () => {
		page = await signedIn('Ines Falk');
		setup = await new Brought(page).taken();
		await setup.open('inspect');
	});
	afterEach(async () => {
		await page.context().close();
		// What was locked here is free for those who come after.
		await write(
			'UPDATE incidents SET closed_at = UTC_TIMESTAMP(3) WHERE closed_at IS NULL AND setup_id = ?',
			[setup.id]
		);
		await write(
			'UPDATE machines SET locked_out = FALSE WHERE id = (SELECT machine_id FROM setups WHERE id = ?)',
			[setup.id]
		);
	});

	const note = () => page.getByRole('complementary', { name: 'Without the network' });
	const lock = () => page.getByRole('dialog', { name: 'Locked' });
	/** Whoever recorded a step, as the server has it. */
	async function recordedBy(step: string): Promise<string[]> {
		const answer = await page.request.get(`${base()}/api/setups/${setup.id}/export.json`);
		const { records } = (await answer.json()) as { records: { step: string; by: string }[] };
		return records.filter((r) => r.step === step).map((r) => r.by);
	}
	/** In another window of this browser the one signs out and the other signs in. */
	async function signsIn(who: string): Promise<Page> {
		const window = await page.context().newPage();
		await window.goto(base());
		await window.getByRole('link', { name: /^Ines Falk/ }).click();
		await window.getByRole('button', { name: 'Sign out' }).click();
		await window.getByRole('radio', { name: who }).check();
		await window.getByLabel('PIN', { exact: true }).fill(PINS[who]!);
		await window.getByRole('button', { name: 'Sign in' }).click();
		await window.getByRole('heading', { name: 'On the floor' }).waitFor();
		return window;
	}
	const unreachable = (path: string) => page.context().route(path, (r) => r.abort());

	it('what waits goes out under the name of who recorded it, and in no other', async () => {
		await unreachable('**/records');
		await soundLook(page);
		await press(page, 'Looked over');
		await note().getByText('One record waits').waitFor();
		const other = await signsIn('Mara Okonjo');
		await lock()
			.getByText(/signed out or in, in another window/)
			.waitFor();
		await accessible(page, 'a page of somebody else');
		const answered = page.waitForResponse((r) => r.url().endsWith('/records'));
		await page.context().unrouteAll({ behavior: 'wait' });
		expect((await answered).status(), 'refused under another name').to.equal(409);
		expect(await recordedBy('look')).to.deep.equal([]);
		await other.close();
		await lock().getByLabel('Name').selectOption('Ines Falk');
		await lock().getByLabel('PIN').fill(PINS['Ines Falk']!);
		const taken = page.waitForResponse((r) => r.url().endsWith('/records') && r.ok());
		await page.keyboard.press('Enter');
		await taken;
		await note().waitFor({ state: 'detached' });
		expect(await recordedBy('look')).to.deep.equal(['Ines Falk']);
	});
	it('what is wrong does not wait for who saw it: it is handed in by the next one, under the name of who pressed', async () => {
		await page.goto(`${base()}/setups/${setup.id}/wrong`);
		await unreachable('**/incidents');
		await page.getByLabel('What happened').selectOption({ label: 'Vibration' });
		await page.getByRole('group', { name: /hurt/ }).getByText('No', { exact: true }).click();
		await page
			.getByRole('group', { name: /Made safe/ })
			.getByText('Yes', { exact: true })
			.click();
		await page.getByLabel('What you saw').fill('it sings at every pass');
		await page.getByRole('button', { name: 'Stop everything here' }).click();
		const waiting = page.getByRole('region', { name: /^Something is wrong on setup/ });
		await waiting.getByText(/lock and tag the machine by hand/).waitFor();
		await page.getByRole('region', { name: 'Do this now' }).getByText('tell a lead').waitFor();
		await accessible(page, 'something is wrong without the network');
		expect(await page.getByRole('button', { name: 'Stop everything here' }).count(), 'pressed once').to.equal(
			0
		);
		const other = await signsIn('Mara Okonjo');
		await page.context().unrouteAll({ behavior: 'wait' });
		await other
			.getByRole('listitem')
			.filter({ hasText: 'it sings at every pass' })
			.getByRole('link', { name: 'Go on' })
			.click();
		await other.getByText(/Told by Ines Falk, .*, sent by Mara Okonjo/).waitFor();
	});
});
