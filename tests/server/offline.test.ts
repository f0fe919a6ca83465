import { expect } from 'chai';
import { classifyRequest } from '../../src/lib/offline/classify-request.js';
import { NOTHING_KEPT, answerFrom, mergePageData } from '../../src/lib/offline/page-data.js';

const asked = (url: string, mode = 'navigate', method = 'GET') =>
	classifyRequest({ method, mode, url: `https://shop.example${url}` }, [
		'/_app/immutable/a.js',
		'/favicon.svg'
	]);

describe('what the worker for a bad network is asked for', () => {
	it('parts, pages and data of a setup, other pages, and everything else', () => {
		expect(asked('/_app/immutable/a.js', 'no-cors')).to.deep.equal({ kind: 'part' });
		expect(asked('/setups/12')).to.deep.equal({ kind: 'setup', id: 12, path: '/setups/12' });
		expect(asked('/setups/12/run-in?x=1')).to.deep.equal({
			kind: 'setup',
			id: 12,
			path: '/setups/12/run-in'
		});
		expect(asked('/setups/12/true/__data.json?x-sveltekit-invalidated=0001', 'cors')).to.deep.equal({
			kind: 'data',
			id: 12,
			path: '/setups/12/true',
			levels: '0001'
		});
		expect(asked('/rack')).to.deep.equal({ kind: 'page' });
		for (const other of ['/rack/__data.json', '/api/setups/12/card', '/health', '/_app/immutable/b.js'])
			expect(asked(other, 'cors'), other).to.deep.equal({ kind: 'other' });
	});
	it('nothing that is sent is its business, and who leaves leaves nothing', () => {
		expect(asked('/api/setups/12/records', 'cors', 'POST')).to.deep.equal({ kind: 'other' });
		expect(asked('/setups/12', 'navigate', 'POST')).to.deep.equal({ kind: 'other' });
		for (const way of ['/sign-in', '/sign-in?to=%2F', '/sign-out'])
			expect(asked(way), way).to.deep.equal({ kind: 'leave' });
		expect(asked('/sign-out', 'navigate', 'POST')).to.deep.equal({ kind: 'leave' });
	});
});

describe('data kept of an open setup', () => {
	const level = (of: string) => ({ type: 'data', data: [of] });
	const said = (...nodes: unknown[]) => `${JSON.stringify({ type: 'data', nodes })}\n`;
	const first = mergePageData(
		NOTHING_KEPT,
		'/setups/7/true',
		said(null, level('who'), level('facts 1'), level('true'))
	)!;

	it('a page is answered from its own and from the newest of what all share', () => {
		const then = mergePageData(
			first,
			'/setups/7/dress',
			said(null, { type: 'skip' }, level('facts 2'), level('dress'))
		)!;
		expect(answerFrom(then, '/setups/7/true', null)).to.equal(
			said(null, level('who'), level('facts 2'), level('true'))
		);
		expect(answerFrom(then, '/setups/7/dress', '0001')).to.equal(
			said({ type: 'skip' }, { type: 'skip' }, { type: 'skip' }, level('dress'))
		);
	});
	it('a page that was never asked for is not made up', () => {
		expect(answerFrom(first, '/setups/7/prove', null)).to.equal(null);
		expect(answerFrom(NOTHING_KEPT, '/setups/7/true', '1111')).to.equal(null);
	});
	it('an answer that sends elsewhere or is a fault changes nothing', () => {
		expect(mergePageData(first, '/setups/7', '{"type":"redirect","location":"/setups/7/true"}')).to.equal(
			null
		);
		expect(mergePageData(first, '/setups/7/true', '{"type":"error","status":500}')).to.equal(null);
		const faulty = mergePageData(
			first,
			'/setups/7/true',
			said(null, level('who'), level('facts 3'), { type: 'error' })
		)!;
		expect(faulty.own['/setups/7/true']).to.deep.equal(level('true'));
	});
});
