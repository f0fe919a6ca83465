import { expect } from 'chai';
import { incidentById, openIncident, workIncident } from '../../src/lib/server/setups/incidents.js';
import { machineById } from '../../src/lib/server/shop/machines.js';
import {
	facts,
	key,
	lead,
	machineId,
	machinist,
	refusedWith,
	setup,
	step,
	wheel,
	workedUpTo
} from './ground.js';
import { GOOD } from '../shared/good-work.js';

const REPORT = { event: 'hard-crash', injury: false, madeSafe: true, seen: 'ran into the vice' };
const FINDINGS = {
	guard: 'sound',
	flange: 'sound',
	taper: 'sound',
	taperRunoutUm: 2,
	flangeRunoutUm: 3,
	polishMarks: false,
	chuckHighSpots: false,
	chuckGouges: false,
	spindleNoise: false
};

describe('something is wrong', () => {
	it('stops the setup, scraps the wheel, locks the machine; only a finished plan and a lead unlock it', async () => {
		const { id, number } = await workedUpTo('true.runout');
		const k = key();
		const incident = await openIncident(id, REPORT, k, await machinist());
		expect(await openIncident(id, REPORT, k, await machinist())).to.equal(incident);
		const f = await facts(id);
		expect(f.state).to.equal('stopped');
		expect(f.wheel!.state).to.equal('scrapped');
		expect((await machineById(await machineId('SG-1')))!.lockedOut).to.equal(true);
		await refusedWith(
			'setup-stopped',
			step(id, 'true', 'runout', GOOD.find(([s, n]) => s === 'true' && n === 'runout')![2])
		);
		await refusedWith(
			'machine-locked-out',
			step(await setup(), 'select', 'take', { wheelNumber: await wheel() })
		);

		await refusedWith(
			'plan-open',
			workIncident(incident, { close: true, version: 1, key: key() }, await lead())
		);
		await workIncident(incident, { findings: FINDINGS, version: 1, key: key() }, await machinist());
		await refusedWith(
			'changed-meanwhile',
			workIncident(incident, { findings: FINDINGS, version: 1, key: key() }, await machinist())
		);
		const plan = [
			'make-safe',
			'record-and-tag',
			'scrap-wheel',
			'inspect-guard',
			'inspect-flange',
			'inspect-taper',
			'measure-taper-runout',
			'measure-flange-runout',
			'listen-to-spindle',
			'inspect-chuck'
		];
		await workIncident(incident, { done: plan, version: 2, key: key() }, await machinist());
		await refusedWith(
			'lead-only',
			workIncident(incident, { close: true, version: 3, key: key() }, await machinist())
		);
		await workIncident(incident, { close: true, version: 3, key: key() }, await lead());
		expect((await incidentById(incident))!.closedAt).to.be.an.instanceOf(Date);
		expect((await machineById(await machineId('SG-1')))!.lockedOut).to.equal(false);
		await refusedWith(/scrapped/, step(await setup(), 'select', 'take', { wheelNumber: number }));
	});

	it('asks for what is missing before it stops anything', async () => {
		const { id } = await workedUpTo('inspect.look');
		const said = await refusedWith(
			'missing',
			openIncident(id, { ...REPORT, injury: null }, key(), await machinist())
		);
		expect(said.field).to.equal('injury');
		expect((await facts(id)).state).to.equal('under-way');
	});
});
