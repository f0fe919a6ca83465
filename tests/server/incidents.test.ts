import { expect } from 'chai';
import { incidentPlan } from '../../src/core/keep/incident-plan.js';
import { incidentById } from '../../src/lib/server/setups/incidents.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { workIncident } from '../../src/lib/server/setups/work-incident.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
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
} from './fixtures.js';
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

/** Every step of the plan after a hard crash, where nothing had to be mended. */
const REPAIRED = [
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
		await workIncident(incident, { done: REPAIRED, version: 2, key: key() }, await machinist());
		await refusedWith(
			'lead-only',
			workIncident(incident, { close: true, version: 3, key: key() }, await machinist())
		);
		const asked = await refusedWith(
			'cause-open',
			workIncident(incident, { close: true, version: 3, key: key() }, await lead())
		);
		expect(asked.message).to.match(/why it happened/);
		await workIncident(
			incident,
			{ findings: { ...FINDINGS, cause: 'work-not-held' }, version: 3, key: key() },
			await machinist()
		);
		await workIncident(incident, { close: true, version: 4, key: key() }, await lead());
		expect((await incidentById(incident))!.input.findings).to.include({ cause: 'work-not-held' });
		expect((await incidentById(incident))!.closedAt).to.be.an.instanceOf(Date);
		expect((await machineById(await machineId('SG-1')))!.lockedOut).to.equal(false);
		await refusedWith(/scrapped/, step(await setup(), 'select', 'take', { wheelNumber: number }));
	});

	it('cleaning is shown by the reading after it, and a taper that stays bad is a stop', async () => {
		const { id } = await workedUpTo('true.runout');
		const incident = await openIncident(id, REPORT, key(), await machinist());
		let version = 1;
		const work = async (change: object) => {
			await workIncident(incident, { ...change, version: version++, key: key() }, await machinist());
			const i = (await incidentById(incident))!;
			return { input: i.input, plan: incidentPlan.run(i.input) };
		};
		const over = { ...FINDINGS, taperRunoutUm: 23 };
		await work({ findings: over });
		const ticked = await work({ done: [...REPAIRED, 'clean-and-remeasure'] });
		expect(ticked.plan.next).to.equal('clean-and-remeasure');
		expect(ticked.plan.machineState).to.equal('locked-out');
		const still = await work({ findings: { ...over, taperRunoutAgainUm: 13 } });
		expect(still.plan.reasons.map((r) => r.code)).to.include('taper-runout');
		expect(still.plan.machineState).to.equal('locked-out');
		const clean = await work({ findings: { ...over, taperRunoutAgainUm: 4, cause: 'wrong-offset' } });
		expect(clean.plan.machineState).to.equal('ready-for-wheel');
		expect(clean.input.findings, 'both readings stay').to.include({
			taperRunoutUm: 23,
			taperRunoutAgainUm: 4
		});
		await workIncident(incident, { close: true, version, key: key() }, await lead());
	});

	it('a wheel that was scrapped stays scrapped, whatever goes wrong with the setup that holds it', async () => {
		const { id, number } = await workedUpTo('true.runout');
		await judgeWheel(number, 'scrap', 'a crack was seen at the bore', await lead());
		const report = { ...REPORT, event: 'power-loss-in-cut' };
		const incident = await openIncident(id, report, key(), await machinist());
		const w = (await wheelByNumber(number))!;
		expect(w.state).to.equal('scrapped');
		expect((await ledger(w.id)).at(-1)!.kind, 'nothing more is said of it').to.equal('scrapped');
		await refusedWith('scrapped', judgeWheel(number, 'clear', 'it was only the belt', await lead()));
		const { steps } = incidentPlan.run((await incidentById(incident))!.input);
		const done = steps.map((s) => s.code);
		const findings = { ...FINDINGS, cause: 'other', causeNote: 'the belt slipped' };
		await workIncident(incident, { findings, done, version: 1, key: key() }, await machinist());
		await workIncident(incident, { close: true, version: 2, key: key() }, await lead());
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
