import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { inInches } from './accessible.js';
import { Brought } from './by-request.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

/** Setups of the demo shop with the stations whose benches are tried: everything one setup goes through, and what only others have. */
const BENCHES: readonly [number, readonly string[]][] = [
	[142, ['select', 'inspect', 'mount', 'run-in', 'true', 'balance', 'form', 'dress', 'prove', 'keep']],
	[144, ['mount', 'dress', 'prove', 'keep']],
	[145, ['form', 'dress', 'keep']]
];
const DRAWS = 120;

/** Runs in the page: types, picks and switches at random, seeded, and lets the page follow each time. */
async function draw({ seed, draws }: { seed: number; draws: number }): Promise<number> {
	const VALUES =
		'0 1 2.5 -3 12 30 280 290 300 0.001 0.0005 1e9 999999 45 7 abc 1/8 3/4 1-1/4 12,5 5um 0.4in 100000 -0.1 179'.split(
			' '
		);
	// A method, not a named function: what is sent to the page has to stand alone.
	const random = {
		state: seed,
		next(n: number) {
			this.state = (Math.imul(this.state, 1664525) + 1013904223) >>> 0;
			return Math.floor((this.state / 2 ** 32) * n);
		}
	};
	let done = 0;
	for (let i = 0; i < draws; i++) {
		const all = [
			...document.querySelectorAll<HTMLInputElement | HTMLSelectElement>(
				'main input, main select, main textarea'
			)
		].filter((e) => !e.disabled && e.offsetParent !== null);
		const tabs = [
			...document.querySelectorAll<HTMLElement>('main [aria-pressed], main summary, main [role=tab]')
		];
		if (tabs.length && random.next(12) === 0) tabs[random.next(tabs.length)]!.click();
		else if (all.length) {
			const e = all[random.next(all.length)]!;
			if (e instanceof HTMLSelectElement) {
				e.selectedIndex = random.next(e.options.length);
				e.dispatchEvent(new Event('change', { bubbles: true }));
			} else if (['radio', 'checkbox'].includes(e.type)) e.click();
			else if (e.type !== 'file') {
				e.value = random.next(8) === 0 ? '' : VALUES[random.next(VALUES.length)]!;
				e.dispatchEvent(new Event('input', { bubbles: true }));
				if (random.next(3) === 0) e.dispatchEvent(new Event('change', { bubbles: true }));
			}
			done++;
		}
		await new Promise((r) => setTimeout(r, 0));
	}
	return done;
}

describe('whatever is typed, a bench stays', () => {
	let page: Page;
	const thrown: string[] = [];
	before(async () => {
		page = await signedIn('Mara Okonjo');
		page.on('pageerror', (e) => thrown.push(e.message));
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);

	/** Types at random at a bench and looks whether the page still stands. */
	async function tried(id: number, station: string, units: 'mm' | 'inch', seed: number): Promise<void> {
		await page.request.post(`${base()}/api/setups/${id}/units`, { data: { units } });
		await page.goto(`${base()}/setups/${id}/${station}`);
		await page.getByRole('heading', { level: 1 }).first().waitFor();
		if (units === 'inch') await inInches(page, `${station} of ${id}`);
		await page.evaluate(draw, { seed, draws: DRAWS });
		expect(thrown.splice(0), 'thrown by the page').to.deep.equal([]);
		expect(await page.getByText('This bench could not be shown').count()).to.equal(0);
	}
	it('the figures of a single-point dress, far too fast among them', async () => {
		const { id } = await new Brought(page).atTheDress();
		await page.goto(`${base()}/setups/${id}/dress`);
		for (const traverse of ['250', '300', '600', '2900', '9000']) {
			await page.getByLabel('Traverse', { exact: false }).first().fill(traverse);
			await page.getByText('What follows').waitFor();
			expect(thrown.splice(0), `thrown by the page at ${traverse}`).to.deep.equal([]);
		}
		for (const [n, units] of (['mm', 'inch'] as const).entries()) await tried(id, 'dress', units, 40 + n);
	});
	/** What no bench writes today: as if an older one had. */
	const broken = (field: string) => ({ [field]: { toString: 1 }, _system: 'mm' });
	async function shownAgain(path: string, draft: string, field: string): Promise<void> {
		await page.request.put(`${base()}/api/drafts/${draft}`, { data: broken(field) });
		await page.goto(base() + path);
		await page.getByRole('heading', { name: 'This bench could not be shown' }).waitFor();
		await page.getByRole('button', { name: 'Show it without what I typed' }).click();
		thrown.splice(0);
	}
	it('a bench that cannot be shown says so, and is shown again without what was typed', async () => {
		const { id } = await new Brought(page).inspected();
		await shownAgain(`/setups/${id}/mount`, `setup-${id}-mount-fit`, 'boreMm');
		await page.getByLabel('Bore, measured').waitFor();
	});
	it('so does a part of a bench that is fetched when it is opened', async () => {
		const { id } = await new Brought(page).atTheDress();
		await shownAgain(`/setups/${id}/dress`, `setup-${id}-dress-settings`, 'depthUm');
		await page.getByLabel('Traverse', { exact: false }).first().waitFor();
	});

	for (const units of ['mm', 'inch'] as const)
		for (const [id, stations] of BENCHES)
			for (const [n, station] of stations.entries())
				it(`${station} of setup ${id}, in ${units}`, () =>
					tried(id, station, units, 7 * id + n + (units === 'inch' ? 1000 : 0)));
});
