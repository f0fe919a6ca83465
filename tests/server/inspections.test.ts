import { expect } from 'chai';
import sharp from 'sharp';
import { writeWav } from '../../src/core/audio/wav.js';
import { type Condition, madeUpRing, soundOf } from '../../src/core/inspect/ring/conditions.js';
import {
	attachPictures,
	draftPictures,
	draftPlace,
	dropPicture,
	keepPicture,
	pictureBytes,
	picturesOfWheel
} from '../../src/lib/server/wheels/pictures.js';
import { inspectAtRack, receiveWheel } from '../../src/lib/server/wheels/inspections.js';
import { answerRound, scoreOf, scores } from '../../src/lib/server/people/practice.js';
import { keepRecording, recordingFile, ringsOf } from '../../src/lib/server/recordings/recordings.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { row, rows, transaction, write } from '../../src/lib/server/db/pool.js';
import { drawWheel } from '../../src/core/inspect/ring/trainer.js';
import { readWav } from '../../src/core/audio/wav.js';
import { decide } from '../../src/core/route/engine.js';
import { facts, key, lead, machinist, refusedWith, setup, step, wheel, workedUpTo } from './ground.js';

const picture = (width = 800, height = 600): Promise<Buffer> =>
	sharp({ create: { width, height, channels: 3, background: '#7a6a5a' } })
		.jpeg()
		.toBuffer();
const ANGLES = [45, 135, 225, 315, 0, 90, 180, 270];
const ring = (condition: Condition, seed = 3): Uint8Array =>
	writeWav(
		soundOf(
			madeUpRing({ condition, seed, frequencyHz: 1300, tapAnglesDeg: ANGLES, sampleRateHz: 8000, gapS: 0.6 })
		)
	);
const SEEN = { crack: false, markingLegible: true };
const CLEAR = { taps: Array.from({ length: 8 }, () => 'clear') };
const NEW = {
	marking: 'WA 60 K 8 V',
	newDiameterMm: 300,
	diameterMm: 300,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.66,
	ratedMps: 40,
	place: 'test'
};
let next = 0;
const fresh = () => `R${String(++next).padStart(3, '0')}`;
const put = async (number: string, condition: Condition, setupId: number | null = null, k = key()) =>
	keepRecording(number, { bytes: ring(condition), source: 'simulator', setupId, key: k }, await machinist());

describe('pictures', () => {
	it('are turned upright, made smaller, stripped of what else they carried, and kept', async () => {
		const who = await machinist();
		const bytes = await sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#445' } })
			.withMetadata({ orientation: 6, exif: { IFD0: { Copyright: 'somewhere' } } })
			.jpeg()
			.toBuffer();
		const kept = await keepPicture('wheel-new', bytes, who);
		expect(kept).to.include({ width: 1350, height: 1800 });
		const back = await sharp(await pictureBytes(kept.id, false)).metadata();
		expect(back).to.include({ format: 'jpeg', width: 1350 });
		expect(back.exif).to.equal(undefined);
		expect((await sharp(await pictureBytes(kept.id, true)).metadata()).height).to.equal(240);
		await dropPicture(kept.id, who);
		expect(await draftPictures(who.id, 'wheel-new')).to.deep.equal([]);
	});
	it('one point, a broken file, a text, nothing: each has its word and nothing is stored', async () => {
		const who = await machinist();
		const count = async () => Number((await row<{ n: number }>('SELECT COUNT(*) AS n FROM pictures'))!.n);
		const before = await count();
		await refusedWith('below-minimum', keepPicture('wheel-new', await picture(1, 1), who));
		await refusedWith('not-a-picture', keepPicture('wheel-new', (await picture()).subarray(0, 400), who));
		await refusedWith(
			'not-a-picture',
			keepPicture('wheel-new', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script>'), who)
		);
		await refusedWith('missing', keepPicture('wheel-new', new Uint8Array(0), who));
		await refusedWith('above-maximum', keepPicture('wheel-new', new Uint8Array(21 * 1024 * 1024), who));
		expect(await count()).to.equal(before);
	});
	it('are taken for a wheel or a setup only, twelve at most', async () => {
		for (const place of [null, '', '../../etc', 'setup-x', 'wheel-<b>', 'people'])
			expect(() => draftPlace(place)).to.throw(/takes pictures/);
		const who = await machinist();
		const small = await picture(80, 80);
		for (let i = 0; i < 12; i++) await keepPicture('wheel-T900', small, who);
		await refusedWith('too-many', keepPicture('wheel-T900', small, who));
		await write("DELETE FROM pictures WHERE draft_of = 'wheel-T900'");
	});
	it('of somebody else, or of a record, are not taken back', async () => {
		const who = await machinist();
		const kept = await keepPicture('wheel-T901', await picture(), who);
		await refusedWith('kept', dropPicture(kept.id, await lead()));
		const number = await wheel();
		const w = (await wheelByNumber(number))!;
		await inspectAtRack(number, 'look', SEEN, key(), who);
		const record = (await row<{ id: number }>('SELECT MAX(id) AS id FROM records WHERE wheel_id = ?', [
			w.id
		]))!;
		await transaction((on) => attachPictures('wheel-T901', w.id, record.id, who, on));
		await refusedWith('kept', dropPicture(kept.id, who));
	});
});

describe('receiving a wheel', () => {
	it('puts it on the rack with its look and its pictures, once', async () => {
		const who = await machinist();
		const number = fresh();
		await keepPicture('wheel-new', await picture(), who);
		const k = key();
		const first = await receiveWheel({ ...NEW, number }, SEEN, k, who);
		expect(first).to.deep.equal({ number, state: 'available' });
		expect(await receiveWheel({ ...NEW, number }, SEEN, k, who)).to.deep.equal(first);
		const w = (await wheelByNumber(number))!;
		expect((await picturesOfWheel(w.id)).length).to.equal(1);
		expect((await ledger(w.id)).map((l) => l.kind)).to.deep.equal(['received', 'inspected']);
		const record = (
			await rows<{ setup_id: null; machine_id: null; calculation: string }>(
				'SELECT setup_id, machine_id, calculation FROM records WHERE wheel_id = ?',
				[w.id]
			)
		)[0]!;
		expect(record).to.deep.equal({ setup_id: null, machine_id: null, calculation: 'inspect.visual' });
	});
	it('sets it aside for what the look condemns', async () => {
		for (const [seen, reason] of [
			[{ ...SEEN, crack: true }, /crack/],
			[{ ...SEEN, dropped: true }, /fell/],
			[{ ...SEEN, chips: [{ sizeMm: 1, zone: 'bore', angleDeg: 30 }] }, /chip at the bore/],
			[{ ...SEEN, markingLegible: false }, /cannot be read/]
		] as const) {
			const number = fresh();
			expect((await receiveWheel({ ...NEW, number }, seen, key(), await machinist())).state).to.equal(
				'quarantined'
			);
			expect((await wheelByNumber(number))!.stateReason).to.match(reason);
		}
	});
	it('works out the date of an organic bond from the day it was made', async () => {
		const number = fresh();
		await receiveWheel(
			{ ...NEW, number, marking: 'A 60 N 6 B', madeOn: '2024-02-29' },
			SEEN,
			key(),
			await machinist()
		);
		expect((await wheelByNumber(number))!.expiresOn).to.equal('2027-02-28');
		const old = fresh();
		expect(
			(
				await receiveWheel(
					{ ...NEW, number: old, marking: 'A 60 N 6 B', madeOn: '2020-01-01' },
					SEEN,
					key(),
					await machinist()
				)
			).state
		).to.equal('quarantined');
		expect(
			(
				await refusedWith(
					'inconsistent',
					receiveWheel(
						{ ...NEW, number: fresh(), marking: 'A 60 N 6 B', madeOn: '2026-01-02', expiresOn: '2026-01-01' },
						SEEN,
						key(),
						await machinist()
					)
				)
			).field
		).to.equal('madeOn');
	});
	it('leaves nothing behind when something is wrong', async () => {
		const number = fresh();
		await refusedWith(
			'missing',
			receiveWheel({ ...NEW, number }, { markingLegible: true }, key(), await machinist())
		);
		await refusedWith(
			'inconsistent',
			receiveWheel({ ...NEW, number, boreMm: 400 }, SEEN, key(), await machinist())
		);
		expect(await wheelByNumber(number)).to.equal(undefined);
	});
});

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

describe('ringing at the rack', () => {
	const rung = async (condition: Condition | null, taps: object = CLEAR) => {
		const number = await wheel();
		const who = await machinist();
		await inspectAtRack(number, 'look', SEEN, key(), who);
		if (condition) await put(number, condition);
		await inspectAtRack(number, 'ring', taps, key(), who);
		return (await wheelByNumber(number))!;
	};
	it('wants a look first', async () => {
		await refusedWith('inspect.look', inspectAtRack(await wheel(), 'ring', CLEAR, key(), await machinist()));
	});
	it('keeps the first ring found clear by ear and recording as what later ones are compared with', async () => {
		const w = await rung('clear');
		expect(w.state).to.equal('available');
		const first = await ringsOf(w);
		expect(first.pastRings.map((p) => p.baseline)).to.deep.equal([true]);
		expect(first.pastRings[0]!.modulusGPa).to.be.above(5);
		const again = await put(w.number, 'clear');
		expect(again.result.frequencyShiftPct).to.be.closeTo(0, 0.5);
		expect((await ringsOf(w)).recordings.at(-1)!.settings.baseline!.frequencyHz).to.be.closeTo(
			first.pastRings[0]!.frequencyHz!,
			0.1
		);
	});
	it('tells a wheel from its batch', async () => {
		const alike = {
			marking: 'WA 46 L 6 V',
			newDiameterMm: 250,
			diameterMm: 250,
			widthMm: 25,
			boreMm: 76.2,
			massKg: 2.4,
			minDiameterMm: 150
		};
		for (let i = 0; i < 2; i++) {
			const number = await wheel(alike);
			await inspectAtRack(number, 'look', SEEN, key(), await machinist());
			await put(number, 'clear');
			await inspectAtRack(number, 'ring', CLEAR, key(), await machinist());
		}
		const number = await wheel(alike);
		expect((await ringsOf((await wheelByNumber(number))!)).batchGPa.length).to.equal(2);
		expect((await put(number, 'clear')).result.ring).to.equal('clear');
	});
	it('a dull recording sets the wheel aside however clear it sounded', async () => {
		expect(await rung('damped')).to.include({ state: 'quarantined' });
	});
	it('a dull ear sets it aside however clear the recording', async () => {
		expect(await rung('clear', { taps: ['clear', 'dull'] })).to.include({ state: 'quarantined' });
	});
	it('a clear recording without an ear is refused', async () => {
		const number = await wheel();
		await inspectAtRack(number, 'look', SEEN, key(), await machinist());
		await put(number, 'clear');
		await refusedWith('too-few', inspectAtRack(number, 'ring', { taps: [] }, key(), await machinist()));
	});
	it('a wheel in a setup is inspected there, a scrapped one never', async () => {
		const { number } = await workedUpTo('inspect.look');
		await refusedWith('held', inspectAtRack(number, 'look', SEEN, key(), await machinist()));
		const gone = await wheel();
		await judgeWheel(gone, 'scrap', 'broken up for this test', await lead());
		await refusedWith('scrapped', inspectAtRack(gone, 'look', SEEN, key(), await machinist()));
		await refusedWith('unknown-choice', inspectAtRack(gone, 'taste', SEEN, key(), await machinist()));
	});
});

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
	it('after a lead has cleared the wheel the old recording stands no more', async () => {
		const { id, number } = await workedUpTo('inspect.ring');
		await put(number, 'damped', id);
		await step(id, 'inspect', 'ring', CLEAR);
		await judgeWheel(number, 'clear', 'rung again by two people, the pin was loose', await lead());
		const w = (await wheelByNumber(number))!;
		expect((await ringsOf(w)).recordings).to.deep.equal([]);
		expect((await ringsOf(w)).pastRings.length).to.equal(1);
		await step(id, 'inspect', 'ring', CLEAR);
		expect((await wheelByNumber(number))!.state).to.equal('available');
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

describe('the ear trainer keeps score', () => {
	it('by what was really played, each wheel once', async () => {
		const who = await lead();
		const before = await scoreOf(who.id);
		const seed = 4242;
		const truth = drawWheel(seed).condition;
		const wrong = truth === 'clear' ? 'cracked' : 'clear';
		expect((await answerRound(seed, wrong, who)).drawn.condition).to.equal(truth);
		await answerRound(seed, truth, who);
		const after = await scoreOf(who.id);
		expect(after.rounds).to.equal(before.rounds + 1);
		expect(after.right).to.equal(before.right);
		expect((await answerRound(4243, drawWheel(4243).condition, who)).score.streak).to.equal(1);
		expect((await scores()).map((s) => s.name)).to.include('Mara Okonjo');
	});
	it('refuses what is no round and no answer', async () => {
		for (const seed of ['4', -1, 1.5, null, 2 ** 40])
			await refusedWith('not-an-integer', answerRound(seed, 'clear', await lead()));
		await refusedWith('unknown-choice', answerRound(5, 'loud', await lead()));
	});
});
