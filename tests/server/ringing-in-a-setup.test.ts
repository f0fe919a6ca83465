import { expect } from 'chai';
import { keepPicture, picturesOfWheel } from '../../src/lib/server/wheels/pictures.js';
import { ringsOf } from '../../src/lib/server/recordings/recordings.js';
import { inspectAtRack } from '../../src/lib/server/wheels/inspections.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { decide } from '../../src/core/route/engine.js';
import { facts, key, lead, machinist, refusedWith, setup, step, wheel, workedUpTo } from './fixtures.js';
import { picture, SEEN, CLEAR, put } from './inspecting.js';

describe('ringing in a setup', () => {
	it('a dull recording ends it, whatever is sent of the ear', async () => {
		const { id, number } = await workedUpTo('inspect.ring');
		expect((await put(number, 'damped', id)).result.ring).to.equal('dull');
		await step(id, 'inspect', 'ring', CLEAR);
		expect((await wheelByNumber(number))!.state).to.equal('quarantined');
		await refusedWith(
			/wheel-quarantined|inspect\.ring/,
			step(id, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false })
		);
	});
	it('a second, clear recording does not lift a dull one', async () => {
		const { id, number } = await workedUpTo('inspect.ring');
		await put(number, 'damped', id);
		await put(number, 'clear', id);
		await step(id, 'inspect', 'ring', CLEAR);
		expect((await wheelByNumber(number))!.state).to.equal('quarantined');
	});
	it('a dull recording made after the wheel was found clear closes the gate again', async () => {
		const { id, number } = await workedUpTo('mount.fit');
		await put(number, 'damped', id);
		expect(
			decide(await facts(id))
				.stations.find((s) => s.id === 'inspect')!
				.lines.find((l) => l.key === 'ring')!.state
		).to.equal('stop');
		await refusedWith(
			'inspect.ring',
			step(id, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false })
		);
	});
	it('a doubtful ring is rung again: no reason lifts it', async () => {
		const { id } = await workedUpTo('inspect.ring');
		await step(
			id,
			'inspect',
			'ring',
			{ taps: ['clear', 'doubtful', ...CLEAR.taps.slice(2)] },
			'it was only the pin that rattled'
		);
		await refusedWith(
			'inspect.ring',
			step(id, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false })
		);
		await step(id, 'inspect', 'ring', CLEAR);
		await step(id, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false });
	});
	it('keeps decision, recording and stiffness as records of one step', async () => {
		const { id, number } = await workedUpTo('inspect.ring');
		const kept = await put(number, 'clear', id);
		await step(id, 'inspect', 'ring', CLEAR);
		const records = (await facts(id)).records.filter((r) => r.step === 'ring');
		expect(records.map((r) => r.calculation)).to.deep.equal([
			'inspect.ring-decision',
			'inspect.ring-analysis',
			'inspect.sonic-modulus'
		]);
		expect(records[1]!.input.recordingId).to.equal(kept.id);
	});
	it('a wheel that rang dull never comes back, whoever clears it', async () => {
		const { id, number } = await workedUpTo('inspect.ring');
		await put(number, 'damped', id);
		await step(id, 'inspect', 'ring', CLEAR);
		expect((await wheelByNumber(number))!.state).to.equal('quarantined');
		await inspectAtRack(number, 'look', SEEN, key(), await machinist());
		await refusedWith(
			'never-back',
			judgeWheel(number, 'clear', 'rung again by two people, the pin was loose', await lead())
		);
		expect((await ringsOf((await wheelByNumber(number))!)).pastRings.length).to.equal(1);
	});
	it('pictures taken at the look belong to its record', async () => {
		const id = await setup();
		const number = await wheel();
		await step(id, 'select', 'take', { wheelNumber: number });
		await keepPicture(`setup-${id}`, await picture(), await machinist());
		await step(id, 'inspect', 'look', SEEN);
		const pictures = await picturesOfWheel((await wheelByNumber(number))!.id);
		expect(pictures.length).to.equal(1);
		expect(pictures[0]!.recordId).to.be.a('number');
	});
});
