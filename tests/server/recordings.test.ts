import { expect } from 'chai';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { keepRecording, recordingFile, ringsOf } from '../../src/lib/server/recordings/recordings.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { write } from '../../src/lib/server/storage/pool.js';
import { readWav } from '../../src/core/audio/wav.js';
import { key, lead, machinist, refusedWith, step, wheel, workedUpTo } from './fixtures.js';
import { picture, ring, put } from './inspecting.js';

describe('recordings', () => {
	it('are judged by the server, kept once, and given back as WAV', async () => {
		const number = await wheel();
		const k = key();
		const kept = await put(number, 'clear', null, k);
		expect(kept.result.ring).to.equal('clear');
		expect((await put(number, 'clear', null, k)).id).to.equal(kept.id);
		const file = await recordingFile(kept.id);
		expect(file.name).to.match(new RegExp(`^ring-${number}-\\d{4}-\\d\\d-\\d\\d-\\d+\\.wav$`));
		expect(readWav(file.wav).samples.length).to.equal(readWav(ring('clear')).samples.length);
		await refusedWith('not-found', recordingFile(999_999));
	});
	it('at the same moment with one key are kept once', async () => {
		const number = await wheel();
		const k = key();
		const both = await Promise.all([put(number, 'clear', null, k), put(number, 'clear', null, k)]);
		expect(both[0].id).to.equal(both[1].id);
	});
	it('are refused in words: what is none, whose wheel is elsewhere or gone', async () => {
		const who = await machinist();
		const number = await wheel();
		const send = (bytes: Uint8Array, more: object = {}, n = number) =>
			keepRecording(n, { bytes, source: 'file', setupId: null, key: key(), ...more }, who);
		await refusedWith('not-a-recording', send(await picture()));
		await refusedWith('truncated', send(ring('clear').subarray(0, 9000)));
		await refusedWith('unknown-choice', send(ring('clear'), { source: 'rumour' }));
		await refusedWith('no-wheel', send(ring('clear'), {}, 'nothing'));
		await refusedWith('held', send(ring('clear'), { setupId: 142 }));
		await judgeWheel(number, 'scrap', 'broken up for this test', await lead());
		await refusedWith('scrapped', send(ring('clear')));
	});
	it('made up ones are kept in the demo shop, marked as such, and nowhere else', async () => {
		const who = await machinist();
		const number = await wheel();
		const made = () =>
			keepRecording(number, { bytes: ring('clear'), source: 'simulator', setupId: null, key: key() }, who);
		await made();
		const w = (await wheelByNumber(number))!;
		expect((await ringsOf(w)).pastRings.map((p) => p.simulated)).to.deep.equal([true]);
		const before = process.env.UNCINUS_DEMO;
		process.env.UNCINUS_DEMO = '';
		try {
			expect((await refusedWith('simulated', made())).message).to.match(/made-up ring/);
			const { id } = await workedUpTo('balance.off');
			await refusedWith('simulated', step(id, 'balance', 'auto', { standIn: true }));
		} finally {
			process.env.UNCINUS_DEMO = before;
		}
	});
	it('are never deleted', async () => {
		await put(await wheel(), 'clear');
		let said = '';
		try {
			await write('DELETE FROM recordings');
		} catch (e) {
			said = (e as Error).message;
		}
		expect(said).to.match(/never deleted/);
	});
});
