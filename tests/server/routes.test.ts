import { expect } from 'chai';
import { keepRoute, routeHistory, routes } from '../../src/lib/server/shop/route-templates.js';
import { facts, lead, machinist, refusedWith } from './fixtures.js';
import { on, line } from './on-a-route.js';

describe('routes', () => {
	it('there are seven, each with its reason, none leaving out what protects', async () => {
		const all = await routes();
		expect(all.map((r) => r.code)).to.include.members([
			'toolroom',
			'tool-pack',
			'glued-internal',
			'bench-grinder',
			'lathe-tool-post',
			'recommission',
			'crash-recovery'
		]);
		for (const r of all) {
			expect(r.why.length).to.be.above(20);
			expect(r.stations).to.include.members(['inspect', 'mount', 'run-in']);
		}
	});
	it('a lead edits one; a setup under way keeps its version, the next takes the new one', async () => {
		const before = (await routeHistory('bench-grinder'))[0]!;
		const old = await on('bench-grinder', 'SG-1');
		const change = {
			...before,
			checks: [{ id: 'c1', station: 'mount', text: 'Work rest tight', kind: 'yes', unit: '', atMost: null }],
			note: 'a rest worked loose'
		};
		expect(await keepRoute('bench-grinder', change, before.version, await lead())).to.equal(
			before.version + 1
		);
		const fresh = await on('bench-grinder', 'SG-1');
		expect((await facts(old)).route).to.deep.include({ version: before.version, checks: [] });
		expect((await facts(fresh)).route.checks.map((c) => c.text)).to.deep.equal(['Work rest tight']);
		expect((await line(fresh, 'mount', 'check-c1')).state).to.equal('open');
		expect((await routeHistory('bench-grinder'))[0]).to.include({
			note: 'a rest worked loose',
			by: 'Mara Okonjo'
		});
		await refusedWith('changed-meanwhile', keepRoute('bench-grinder', change, before.version, await lead()));
	});
	it('a new one is made from an old one, asks what that asked, and cannot take a name that is there', async () => {
		const waking = (await routeHistory('recommission'))[0]!;
		expect(
			await keepRoute(
				'wake-grinder',
				{ ...waking, name: 'Wake a grinder', note: 'new route' },
				0,
				await lead()
			)
		).to.equal(1);
		const id = await on('wake-grinder', 'SG-1');
		expect((await facts(id)).route).to.include({ code: 'wake-grinder', machineAsks: 'wake' });
		expect((await line(id, 'machine', 'awake')).state).to.match(/open|now/);
		await refusedWith(
			'changed-meanwhile',
			keepRoute('wake-grinder', { ...waking, note: 'new route' }, 0, await lead())
		);
	});
	it('is refused in words: by others, out of order, without a reason, under a strange name', async () => {
		const r = (await routeHistory('toolroom'))[0]!;
		const good = { ...r, note: 'for this test only' };
		await refusedWith('lead-only', keepRoute('toolroom', good, r.version, await machinist()));
		expect(
			(
				await refusedWith(
					'inconsistent',
					keepRoute(
						'toolroom',
						{ ...good, stations: ['brief', 'select', 'mount', 'inspect', 'run-in', 'keep'] },
						r.version,
						await lead()
					)
				)
			).field
		).to.equal('stations');
		expect(
			(await refusedWith('missing', keepRoute('toolroom', { ...good, note: '' }, r.version, await lead())))
				.field
		).to.equal('note');
		await refusedWith('not-allowed', keepRoute('../x', good, 0, await lead()));
		await refusedWith('unknown-choice', on('no-such-route', 'SG-1'));
		expect((await routeHistory('toolroom'))[0]!.version).to.equal(r.version);
	});
});
