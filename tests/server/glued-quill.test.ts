import { expect } from 'chai';
import { setClock } from '../../src/lib/server/storage/pool.js';
import { refusedWith, step, wheel } from './fixtures.js';
import { on, current, line } from './on-a-route.js';

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
