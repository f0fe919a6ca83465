import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import { refuseWithoutRoom } from '../../src/command/database/room.js';
import { inWords } from '../../src/command/system.js';

const MB = 1024 * 1024;
const said = (work: () => void): string => {
	try {
		work();
		return '';
	} catch (e) {
		return (e as Error).message;
	}
};

describe('a full disk at the first start', () => {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-room-'));
	after(() => rmSync(folder, { recursive: true, force: true }));

	it('is said before anything is laid out, with what is free and what is needed', () => {
		const words = said(() => refuseWithoutRoom(folder, 61.7 * MB));
		expect(words).to.contain(`The disk of ${folder} has 61 MB free, and a new shop needs 300.`);
		expect(words).to.contain('choose another folder (UNCINUS_DATA=');
		expect(readdirSync(folder)).to.deep.equal([]);
		expect(said(() => refuseWithoutRoom(folder, 300 * MB))).to.equal('');
	});
	it('is asked of the disk that the folder is on', () => {
		// What a system keeps about its processes takes no room and has none.
		expect(said(() => refuseWithoutRoom('/proc'))).to.contain('The disk of /proc has 0 MB free');
	});
	it('that fills up in the middle is said in words, whatever the database calls it', () => {
		for (const code of ['ER_RECORD_FILE_FULL', 'ER_DISK_FULL'])
			expect(inWords(Object.assign(new Error("The table 'records' is full"), { code }))).to.match(
				/^The disk is full, so the database cannot keep anything \(The table 'records' is full\)\..*start again\.$/
			);
		expect(inWords(Object.assign(new Error('write'), { code: 'ENOSPC', path: '/shop' }))).to.equal(
			'The disk is full: /shop. Nothing was changed there.'
		);
	});
});
