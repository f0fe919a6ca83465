import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { checked } from '../../src/lib/server/door/joi-schema.js';
import { setClock } from '../../src/lib/server/db/pool.js';
import { keepRoute, routeHistory, routes } from '../../src/lib/server/shop/route-templates.js';
import { record } from '../../src/lib/server/setups/record.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { JOB, facts, key, lead, machineId, machinist, refusedWith, step, wheel } from './ground.js';

const on = async (route: string, machine: string, more: object = {}) =>
	startSetup(
		checked(BRIEF_FIELDS, { ...JOB, ...more, machineId: await machineId(machine), route }),
		await machinist(),
		key()
	);
const current = async (id: number) => decide(await facts(id)).current;
const line = async (id: number, station: string, k: string) =>
	decide(await facts(id))
		.stations.find((s) => s.id === station)!
		.lines.find((l) => l.key === k)!;
const SEEN = { crack: false, markingLegible: true };
const small = {
	marking: 'WA 60 J 7 V',
	newDiameterMm: 45,
	diameterMm: 45,
	widthMm: 30,
	boreMm: 10,
	minDiameterMm: 28,
	massKg: 0.1,
	ratedMps: 50
};
const cutter = {
	marking: 'WA 60 K 7 V',
	newDiameterMm: 150,
	diameterMm: 148,
	widthMm: 20,
	boreMm: 31.75,
	minDiameterMm: 100,
	massKg: 0.74,
	ratedMps: 35
};
const ARBOR = {
	seatDiameterMm: 31.74,
	seatLengthMm: 60,
	threadEndMm: 84,
	nutThicknessMm: 14,
	maxSpeedRpm: 5200
};

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

describe('a check of the shop', () => {
	it('holds the gate until it is answered, and a no stops it', async () => {
		const r = (await routeHistory('lathe-tool-post'))[0]!;
		await keepRoute(
			'lathe-tool-post',
			{
				...r,
				checks: [
					{
						id: 'play',
						station: 'brief',
						text: 'Play of the slide',
						kind: 'number',
						unit: 'mm',
						atMost: 0.05
					}
				],
				note: 'worn slide found'
			},
			r.version,
			await lead()
		);
		const id = await on('lathe-tool-post', 'SG-1');
		expect(await current(id)).to.equal('brief');
		await refusedWith('brief.check-play', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'brief', 'check', { checkId: 'play', value: 0.2 });
		expect((await line(id, 'brief', 'check-play')).state).to.equal('stop');
		await step(id, 'brief', 'check', { checkId: 'play', value: 0.03 });
		expect(await current(id)).to.equal('select');
		await refusedWith('unknown-choice', step(id, 'select', 'check', { checkId: 'play', value: 1 }));
	});
});

describe('crash recovery and waking an old machine', () => {
	it('the spindle is measured before any wheel', async () => {
		const id = await on('crash-recovery', 'SG-1');
		expect(await current(id)).to.equal('machine');
		await refusedWith('machine.runout', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'machine', 'runout', { taperRunoutUm: 4, flangeRunoutUm: 30 });
		await refusedWith('machine.runout', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'machine', 'runout', { taperRunoutUm: 4, flangeRunoutUm: 5 });
		await step(id, 'select', 'take', { wheelNumber: await wheel() });
		expect(await current(id)).to.equal('inspect');
	});
	it('an old machine is looked at dead, its stop tried, its direction seen', async () => {
		const id = await on('recommission', 'SG-1');
		const woken = {
			inspectedIsolated: true,
			stopsSetClose: true,
			guardSound: true,
			wheelFitted: false,
			hydraulic: false,
			rotationSeen: 'ccw',
			emergencyStop: 'works'
		};
		await step(id, 'machine', 'recommission', woken);
		expect((await line(id, 'machine', 'awake')).value).to.match(/wrong way/);
		await refusedWith('machine.awake', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'machine', 'recommission', { ...woken, rotationSeen: 'cw' });
		expect(await current(id)).to.equal('select');
	});
});

describe('glued to a quill', () => {
	const QUILL = {
		overhangMm: 40,
		quillDiameterMm: 10,
		normalForceN: 15,
		quillMaxRpm: 50000,
		minimumWidthMm: 12,
		nextDressDepthUm: 10,
		workBoreMm: 80
	};
	const GLUE = {
		done: { scuffed: true, degreased: true, mixed: true, coated: true, spread: true },
		temperatureC: 23,
		baseCureH: 12,
		potLifeMin: 20,
		mixToBondMin: 5,
		wheelHoleMm: 10,
		studMm: 9.8,
		bondLengthMm: 20,
		tangentialForceN: 45
	};
	const ready = async () => {
		const id = await on('glued-internal', 'IG-3', { operation: 'internal' });
		await step(id, 'select', 'take', { wheelNumber: await wheel(small) });
		await step(id, 'inspect', 'look', SEEN);
		await step(id, 'inspect', 'ring', { taps: [] }, 'too small to ring, looked at with a lens');
		return id;
	};
	it("the quill first, then the joint, then the hours by the server's clock", async () => {
		const id = await ready();
		await step(id, 'mount', 'quill', QUILL);
		await refusedWith('mount.glued', step(id, 'mount', 'cured', {}));
		await step(id, 'mount', 'glue', GLUE);
		expect((await line(id, 'mount', 'glued')).state).to.equal('ok');
		await step(id, 'mount', 'cured', {});
		expect((await line(id, 'mount', 'cured')).state).to.equal('stop');
		await refusedWith('mount.cured', step(id, 'mount', 'tighten', { done: true }));
		const at = Date.now() + 13 * 3_600_000;
		setClock(() => at);
		try {
			await step(id, 'mount', 'cured', {});
		} finally {
			setClock(null);
		}
		expect((await line(id, 'mount', 'cured')).state).to.equal('ok');
		await step(id, 'mount', 'thread', {});
		await step(id, 'mount', 'tighten', { done: true });
		expect(await current(id)).to.equal('run-in');
	});
	it('a quill that would whirl, a joint not prepared, a wheel glued again: each is stopped', async () => {
		const id = await ready();
		await step(id, 'mount', 'quill', { ...QUILL, overhangMm: 120, quillDiameterMm: 8 });
		expect((await line(id, 'mount', 'quill')).value).to.match(/whirl/);
		await step(id, 'mount', 'glue', { ...GLUE, done: { ...GLUE.done, degreased: false } });
		expect((await line(id, 'mount', 'glued')).state).to.equal('stop');
		await refusedWith('mount.glued', step(id, 'mount', 'cured', {}));
	});
});

describe('a tool pack', () => {
	const ready = async () => {
		const id = await on('tool-pack', 'TC-1', { operation: 'tool-cutter' });
		const number = await wheel(cutter);
		await step(id, 'select', 'take', { wheelNumber: number });
		await step(id, 'inspect', 'look', SEEN);
		await step(id, 'inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') });
		return { id, number };
	};
	const stack = (number: string, measured: object | null = null) => [
		{ kind: 'spacer', thicknessMm: 34, boreMm: 31.76 },
		{
			kind: 'wheel',
			name: number,
			thicknessMm: 20,
			boreMm: 31.75,
			diameterMm: 148,
			maxSpeedMps: 35,
			measured
		},
		{ kind: 'washer', thicknessMm: 6, boreMm: 31.8 }
	];
	const MEASURED = {
		rimBackMm: 34.01,
		rimFrontMm: 54.02,
		diameterMm: 148,
		radialRunoutUm: 5,
		axialRunoutUm: 6,
		revision: 1,
		confirmedRevision: 1
	};
	it('is built, tightened, measured and stood for; an edit takes that away', async () => {
		const { id, number } = await ready();
		await step(id, 'mount', 'pack', { arbor: ARBOR, stage: 'plan', items: stack(number) });
		expect((await line(id, 'mount', 'stack')).state).to.equal('ok');
		await step(id, 'mount', 'thread', {});
		await step(id, 'mount', 'tighten', { done: true });
		expect(await current(id)).to.equal('mount');
		await step(id, 'mount', 'pack', { arbor: ARBOR, stage: 'release', items: stack(number, MEASURED) });
		expect(await current(id)).to.equal('run-in');
		await step(id, 'mount', 'pack', {
			arbor: ARBOR,
			stage: 'assembled',
			items: stack(number, { ...MEASURED, revision: 2 })
		});
		expect((await line(id, 'mount', 'qualified')).state).to.equal('now');
		expect(await current(id)).to.equal('mount');
	});
	it('a 32 seat, five wheels, a stack without its own wheel: each has its word and is not stored as good', async () => {
		const { id, number } = await ready();
		await step(id, 'mount', 'pack', { arbor: { ...ARBOR, seatDiameterMm: 32 }, items: stack(number) });
		expect((await line(id, 'mount', 'stack')).value).to.match(/does not belong on a seat of 32/);
		await refusedWith('mount.stack', step(id, 'mount', 'tighten', { done: true }));
		await refusedWith(
			'too-many-wheels',
			step(id, 'mount', 'pack', { arbor: ARBOR, items: Array.from({ length: 5 }, () => stack(number)[1]) })
		);
		expect(
			(await refusedWith('inconsistent', step(id, 'mount', 'pack', { arbor: ARBOR, items: stack('0000') })))
				.message
		).to.contain(number);
	});
	it('two people at one mount: the second is told to look again', async () => {
		const { id, number } = await ready();
		const version = (await facts(id)).version;
		const send = async () =>
			record(
				id,
				{
					station: 'mount',
					step: 'pack',
					values: { arbor: ARBOR, items: stack(number) },
					version,
					key: key()
				},
				await machinist()
			);
		await send();
		await refusedWith('changed-meanwhile', send());
	});
});
