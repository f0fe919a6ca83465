import { expect } from 'chai';
import sharp from 'sharp';
import {
	attachPictures,
	draftPictures,
	draftPlace,
	dropPicture,
	keepPicture,
	pictureBytes
} from '../../src/lib/server/wheels/pictures.js';
import { inspectAtRack } from '../../src/lib/server/wheels/inspections.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { row, transaction, write } from '../../src/lib/server/storage/pool.js';
import { key, lead, machinist, refusedWith, wheel } from './fixtures.js';
import { picture, SEEN } from './inspecting.js';

describe('pictures', () => {
	it('are turned upright, made smaller, stripped of what else they carried, and kept', async () => {
		const who = await machinist();
		const bytes = await sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#445' } })
			.withMetadata({ orientation: 6, exif: { IFD0: { Copyright: 'somewhere' } } })
			.jpeg()
			.toBuffer();
		const kept = await keepPicture('wheel-new', bytes, who);
		expect(kept).to.include({ width: 1350, height: 1800 });
		const back = await sharp(await pictureBytes(kept.id, false, who.id)).metadata();
		expect(back).to.include({ format: 'jpeg', width: 1350 });
		expect(back.exif).to.equal(undefined);
		expect((await sharp(await pictureBytes(kept.id, true, who.id)).metadata()).height).to.equal(240);
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
	it('twelve stay twelve when twenty come at once', async () => {
		const who = await machinist();
		const small = await picture(80, 80);
		const done = await Promise.allSettled(
			Array.from({ length: 20 }, () => keepPicture('wheel-T902', small, who))
		);
		const n = Number(
			(await row<{ n: number }>("SELECT COUNT(*) AS n FROM pictures WHERE draft_of = 'wheel-T902'"))!.n
		);
		expect(n).to.be.at.most(12);
		expect(n).to.equal(done.filter((d) => d.status === 'fulfilled').length);
		await write("DELETE FROM pictures WHERE draft_of = 'wheel-T902'");
	});
	it('a drawing that can carry a script is refused by what it really is', async () => {
		const svg = Buffer.from(
			'<svg xmlns="http://www.w3.org/2000/svg" width="200" height="200"><rect width="200" height="200"/></svg>'
		);
		await refusedWith('not-a-picture', keepPicture('wheel-new', svg, await machinist()));
	});
	it("are their owner's alone before anything is recorded with them", async () => {
		const who = await machinist();
		const kept = await keepPicture('wheel-T903', await picture(), who);
		await refusedWith('not-found', pictureBytes(kept.id, false, (await lead()).id));
		expect(await pictureBytes(kept.id, true, who.id)).to.have.length.above(100);
		await dropPicture(kept.id, who);
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
