import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { inspectAtRack } from '../../src/lib/server/wheels/inspections.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { freeWheelsFor, wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { JOB, facts, key, machineId, machinist, refusedWith, step, wheel } from './fixtures.js';

const CUTTER = {
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
const CLEAR = { taps: Array.from({ length: 8 }, () => 'clear') };
const SEEN = {
	crack: false,
	dropped: false,
	markingLegible: true,
	boreClean: true,
	facesClean: true,
	moisture: 'none',
	blotterState: 'fitted',
	chips: []
};
const part = (name: string, more: object = {}) => ({
	kind: 'wheel',
	name,
	thicknessMm: 20,
	boreMm: 31.75,
	diameterMm: 148,
	maxSpeedMps: 35,
	...more
});
const stack = (...wheels: object[]) => ({
	arbor: ARBOR,
	stage: 'plan',
	items: [
		{ kind: 'spacer', thicknessMm: Math.max(1, 56 - 20 * wheels.length), boreMm: 31.76 },
		...wheels,
		{ kind: 'washer', thicknessMm: 6, boreMm: 31.8 }
	]
});

describe('the other wheels of a pack', () => {
	async function ready(): Promise<{ id: number; first: string; second: string }> {
		const id = await startSetup(
			checked(BRIEF_FIELDS, {
				...JOB,
				operation: 'tool-cutter',
				machineId: await machineId('TC-1'),
				route: 'tool-pack'
			}),
			await machinist(),
			key()
		);
		const [first, second] = [await wheel(CUTTER), await wheel(CUTTER)];
		await step(id, 'select', 'take', { wheelNumber: first });
		await step(id, 'inspect', 'look', SEEN);
		await step(id, 'inspect', 'ring', CLEAR);
		return { id, first, second };
	}
	const line = async (id: number, k: string) =>
		decide(await facts(id))
			.stations.find((s) => s.id === 'mount')!
			.lines.find((l) => l.key === k);

	it('are held by the setup and let go of when they leave the stack', async () => {
		const { id, first, second } = await ready();
		await step(id, 'mount', 'pack', stack(part(first), part(second)));
		expect(await wheelByNumber(second)).to.include({ heldBy: id, inPack: true });
		expect((await freeWheelsFor(31.75)).map((w) => w.number)).not.to.include(second);
		const other = await ready();
		await refusedWith('held', step(other.id, 'mount', 'pack', stack(part(other.first), part(second))));
		await refusedWith('held', step(other.id, 'select', 'take', { wheelNumber: second }));
		await step(id, 'mount', 'pack', stack(part(first)));
		expect((await wheelByNumber(second))!.heldBy).to.equal(null);
		await step(other.id, 'mount', 'pack', stack(part(other.first), part(second)));
		expect((await wheelByNumber(second))!.heldBy).to.equal(other.id);
	});
	it('two people building with the same wheel at once: one gets it', async () => {
		const [a, b] = [await ready(), await ready()];
		const tries = await Promise.allSettled([
			step(a.id, 'mount', 'pack', stack(part(a.first), part(a.second))),
			step(b.id, 'mount', 'pack', stack(part(b.first), part(a.second)))
		]);
		expect(tries.map((t) => t.status).sort()).to.deep.equal(['fulfilled', 'rejected']);
	});
	it('are looked over and rung at the rack before anything is tightened', async () => {
		const { id, first, second } = await ready();
		await step(id, 'mount', 'pack', stack(part(first), part(second)));
		await step(id, 'mount', 'thread', {});
		expect((await line(id, 'companions'))!.state).to.match(/open|now/);
		await refusedWith('mount.companions', step(id, 'mount', 'tighten', { done: true }));
		await inspectAtRack(second, 'look', SEEN, key(), await machinist());
		await refusedWith('mount.companions', step(id, 'mount', 'tighten', { done: true }));
		await inspectAtRack(second, 'ring', CLEAR, key(), await machinist());
		await step(id, 'mount', 'tighten', { done: true });
		expect((await wheelByNumber(second))!.state).to.equal('mounted');
	});
	it('one that is cracked stops the pack, whatever is requested', async () => {
		const { id, first, second } = await ready();
		await step(id, 'mount', 'pack', stack(part(first), part(second)));
		await inspectAtRack(second, 'look', { ...SEEN, crack: true }, key(), await machinist());
		await refusedWith(/wheel-|quarantined/, step(id, 'mount', 'thread', {}));
		expect(decide(await facts(id)).blocked.map((b) => b.code)).to.include('wheel-quarantined');
	});
	it('go the way of the leading wheel after a crash', async () => {
		const { id, first, second } = await ready();
		await step(id, 'mount', 'pack', stack(part(first), part(second)));
		const incident = await openIncident(
			id,
			{ event: 'dropped-wheel', injury: false, madeSafe: true, seen: 'the whole arbor fell' },
			key(),
			await machinist()
		);
		expect(incident).to.be.a('number');
		for (const n of [first, second]) expect((await wheelByNumber(n))!.state, n).to.equal('scrapped');
	});
	it('are named when they are not there, unmarked, twice, out of date or claimed to be faster than marked', async () => {
		const { id, first, second } = await ready();
		const pack = (...wheels: object[]) => step(id, 'mount', 'pack', stack(...wheels));
		expect((await refusedWith('unknown-choice', pack(part(first), part('9999')))).field).to.equal(
			'items.2.name'
		);
		expect((await refusedWith('missing', pack(part(first), part('')))).message).to.match(/from the rack/);
		await refusedWith(
			'inconsistent',
			pack(part(first), part(second, { thicknessMm: 10 }), part(second, { thicknessMm: 10 }))
		);
		expect(
			(await refusedWith('above-maximum', pack(part(first), part(second, { maxSpeedMps: 50 })))).field
		).to.equal('items.2.maxSpeedMps');
		expect((await refusedWith('above-maximum', pack(part(first, { maxSpeedMps: 36 })))).field).to.equal(
			'items.1.maxSpeedMps'
		);
		await refusedWith(
			'expired',
			pack(part(first), part(await wheel({ ...CUTTER, expiresOn: '2020-01-01' })))
		);
	});
	it('nothing of them is left behind when the leading wheel is given back', async () => {
		const { id, first, second } = await ready();
		await step(id, 'mount', 'pack', stack(part(first), part(second)));
		await step(id, 'select', 'take', { wheelNumber: await wheel(CUTTER) });
		expect((await wheelByNumber(second))!.heldBy).to.equal(null);
		expect((await facts(id)).companions).to.deep.equal([]);
	});
});
