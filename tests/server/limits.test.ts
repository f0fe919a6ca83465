import { expect } from 'chai';
import { keepGuidelines, limitsHistory, limitsNow } from '../../src/lib/server/shop/guidelines.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { inspectAtRack } from '../../src/lib/server/wheels/inspections.js';
import { row } from '../../src/lib/server/storage/pool.js';
import { facts, key, lead, machinist, refusedWith, setup, step, wheel, workedUpTo } from './fixtures.js';

const kept = async (limits: object | null, note = 'seen at the machine') =>
	keepGuidelines('limits', limits, note, (await limitsHistory())[0]?.version ?? 0, await lead());
const last = async (id: number, calculation: string) =>
	(await facts(id)).records.filter((r) => r.calculation === calculation).at(-1)!;

describe('limits of the shop', () => {
	after(async () => {
		if (Object.keys(await limitsNow()).length) await kept(null, 'back to the shipped figures');
	});
	it("are a lead's, with a reason, one version after the other", async () => {
		await refusedWith(
			'lead-only',
			keepGuidelines(
				'limits',
				{ 'true.runout': { limitTirUm: 15 } },
				'seen at the machine',
				0,
				await machinist()
			)
		);
		await refusedWith(
			'missing',
			keepGuidelines('limits', { 'true.runout': { limitTirUm: 15 } }, '', 0, await lead())
		);
		const fault = await refusedWith('above-maximum', kept({ 'true.runout': { limitTirUm: 1e9 } }));
		expect(fault.field).to.equal('true.runout.limitTirUm');
		const version = await kept({ 'true.runout': { limitTirUm: 15, stopTirUm: 500 } });
		await refusedWith(
			'changed-meanwhile',
			keepGuidelines('limits', {}, 'from an old tab', version - 1, await lead())
		);
		expect(await limitsNow()).to.deep.equal({ 'true.runout': { limitTirUm: 15 } });
		expect((await limitsHistory())[0]).to.include({
			version,
			note: 'seen at the machine',
			by: 'Mara Okonjo'
		});
	});
	it('count in a setup from the next record on, and stand in it', async () => {
		const { id } = await workedUpTo('true.runout');
		await kept({ 'true.runout': { limitTirUm: 30 } });
		await step(id, 'true', 'runout', { readingsUm: [20, 28, 36, 40, 38, 30, 20, 12, 14, 12, 12, 14] });
		expect((await last(id, 'true.runout')).input.limitTirUm).to.equal(30);
		expect((await last(id, 'true.runout')).verdict).to.equal('ok');
		await kept({ 'true.runout': { limitTirUm: 10 } });
		expect((await last(id, 'true.runout')).input.limitTirUm, 'what was recorded stays').to.equal(30);
		await step(id, 'true', 'runout', { readingsUm: [20, 28, 36, 40, 38, 30, 20, 12, 14, 12, 12, 14] });
		expect((await last(id, 'true.runout')).verdict).to.equal('caution');
	});
	it('are the usual values of a form that says nothing', async () => {
		const { id } = await workedUpTo('true.after');
		await kept({ 'true.plan': { roughInfeedUm: 12, sparkOutPasses: 6 } });
		await step(id, 'true', 'plan', {});
		expect((await last(id, 'true.plan')).input).to.include({
			roughInfeedUm: 12,
			sparkOutPasses: 6,
			finishInfeedUm: 10
		});
		await step(id, 'true', 'plan', { roughInfeedUm: 18 });
		expect((await last(id, 'true.plan')).input).to.include({ roughInfeedUm: 18, sparkOutPasses: 6 });
	});
	it('count at the rack and after a crash too', async () => {
		await kept({
			'inspect.visual': { chipStopMm: 1 },
			'keep.incident-plan': { runoutAimUm: 2, runoutLimitUm: 8 }
		});
		const number = await wheel();
		await inspectAtRack(
			number,
			'look',
			{
				crack: false,
				dropped: false,
				markingLegible: true,
				boreClean: true,
				facesClean: true,
				moisture: 'none',
				blotterState: 'fitted',
				chips: [{ sizeMm: 1.5, zone: 'rim' }]
			},
			key(),
			await machinist()
		);
		expect(
			(await row<{ state: string }>('SELECT state FROM wheels WHERE number = ?', [number]))!.state
		).to.equal('quarantined');
		const id = await setup('CF-1');
		const incident = await openIncident(
			id,
			{ event: 'light-touch', injury: false, madeSafe: true, seen: 'rubbed the chuck' },
			key(),
			await machinist()
		);
		const told = JSON.parse(
			(await row<{ facts: string }>('SELECT facts FROM incidents WHERE id = ?', [incident]))!.facts
		) as object;
		expect(told).to.include({ runoutAimUm: 2, runoutLimitUm: 8 });
	});
	it('go back to the shipped ones', async () => {
		await kept(null, 'back to the shipped figures');
		expect(await limitsNow()).to.deep.equal({});
		const { id } = await workedUpTo('true.after');
		expect((await last(id, 'true.runout')).input.limitTirUm).to.equal(25);
	});
});
