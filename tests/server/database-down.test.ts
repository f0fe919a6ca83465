import { expect } from 'chai';
import { handleApi } from '../../src/lib/server/http/answer.js';
import { DatabaseDown, meantBy } from '../../src/lib/server/storage/pool.js';

const answered = async (
	code: string
): Promise<{ status: number; error: { code: string; message: string } }> => {
	const r = await handleApi(() => Promise.reject(meantBy(Object.assign(new Error('x'), { code }))));
	return { status: r.status, ...((await r.json()) as { error: { code: string; message: string } }) };
};

describe('a database that does not keep anything', () => {
	for (const code of [
		'ECONNREFUSED',
		'PROTOCOL_CONNECTION_LOST',
		'ER_SERVER_SHUTDOWN',
		'ER_UNKNOWN_COM_ERROR',
		'ER_ERROR_DURING_COMMIT'
	])
		it(`${code}: it does not answer`, async () => {
			const { status, error } = await answered(code);
			expect(status).to.equal(503);
			expect(error.code).to.equal('database-down');
			expect(error.message).to.match(/does not answer.*kept/);
		});
	for (const code of [
		'ER_DISK_FULL',
		'ER_RECORD_FILE_FULL',
		'ER_OPTION_PREVENTS_STATEMENT',
		'ER_READ_ONLY_MODE'
	])
		it(`${code}: the disk is full or can only be read`, async () => {
			const { status, error } = await answered(code);
			expect(status).to.equal(503);
			expect(error.code).to.equal('cannot-keep');
			expect(error.message).to.match(/full or can only be read.*What you typed is kept/);
		});
	it('anything else stays what it is', () => {
		const e = Object.assign(new Error('x'), { code: 'ER_PARSE_ERROR' });
		expect(meantBy(e)).to.equal(e);
		expect(meantBy(e)).not.to.be.instanceOf(DatabaseDown);
	});
});
