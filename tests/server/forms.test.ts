import { expect } from 'chai';
import { couponTrend, formById, formsNow, versionsOf } from '../../src/lib/server/shop/forms.js';
import { dresserLog } from '../../src/lib/server/shop/dresser-log.js';
import { traysNow } from '../../src/lib/server/shop/trays.js';
import { facts, refusedWith, step, workedUpTo } from './fixtures.js';

const line = (z0Mm: number, x0Mm: number, z1Mm: number, x1Mm: number) => ({
	kind: 'line',
	z0Mm,
	x0Mm,
	z1Mm,
	x1Mm
});
/** A round corner at the left end of a flat. */
const corner = (radiusMm: number) => [
	{ kind: 'arc', z0Mm: 0, x0Mm: radiusMm, z1Mm: radiusMm, x1Mm: 0, radiusMm, side: 'convex' },
	line(radiusMm, 0, 20, 0)
];
const shape = (name: string, radiusMm: number) => ({
	name,
	segments: corner(radiusMm),
	toleranceUm: 10,
	way: 'radius',
	dresserCode: 'RF-1'
});
const set = (blocksMm: number[], blocksOut: boolean) => ({
	segmentIndex: 0,
	method: 'engraved-constant',
	constantMm: 40,
	trayCode: 'B-1',
	blocksMm,
	blocksOut,
	screwTight: true,
	turnedByHand: true
});
const atForm = () => workedUpTo('dress.method', undefined, 'toolroom-form');
const usedBy = async (id: number) =>
	(await traysNow())
		.find((t) => t.code === 'B-1')!
		.inUse.filter((u) => u.setupId === id)
		.map((u) => u.blockMm);

describe('the library of forms', () => {
	it('keeps a form under its name, a change as a new version, the same again not at all', async () => {
		const { id } = await atForm();
		await step(id, 'form', 'shape', shape('Tappet', 2));
		await step(id, 'form', 'shape', shape('Tappet', 2));
		await step(id, 'form', 'shape', shape('Tappet', 2.5));
		const versions = await versionsOf('Tappet');
		expect(versions.map((v) => v.version)).to.deep.equal([2, 1]);
		expect((await formById(versions[0]!.id)).segments[0]).to.include({ kind: 'arc', radiusMm: 2.5 });
		expect((await formById(versions[1]!.id)).segments[0]).to.include({ radiusMm: 2 });
		expect((await formsNow()).filter((f) => f.name === 'Tappet')).to.have.length(1);
		await refusedWith('not-found', formById(999_999));
		expect(await versionsOf("'; DROP TABLE form_profiles; --")).to.deep.equal([]);
	});
	it('a form that was refused is not kept', async () => {
		const { id } = await atForm();
		await refusedWith(
			/inconsistent/,
			step(id, 'form', 'shape', { ...shape('Never', 2), way: 'sine', dresserCode: 'SF-1' })
		);
		expect(await versionsOf('Never')).to.deep.equal([]);
	});
});

describe('blocks of a tray', () => {
	it('stand in a stack until they are out again, and nobody else takes them meanwhile', async () => {
		const [mine, theirs] = [(await atForm()).id, (await atForm()).id];
		for (const id of [mine, theirs]) await step(id, 'form', 'shape', shape('Two at once', 2.4));
		await step(mine, 'form', 'radius', set([30, 6.5, 1.1], false));
		expect(await usedBy(mine)).to.deep.equal([30, 6.5, 1.1]);
		const refused = await refusedWith(
			'not-available',
			step(theirs, 'form', 'radius', set([30, 6.5, 1.1], true))
		);
		expect(refused.message).to.equal(
			`The block of 30 mm stands in a stack of setup ${mine}. Take another one.`
		);
		// One's own stack is never in the way of itself.
		await step(mine, 'form', 'radius', set([30, 6.5, 1.1], true));
		expect(await usedBy(mine)).to.deep.equal([]);
		await step(theirs, 'form', 'radius', set([30, 6.5, 1.1], true));
	});
	it('are told only where a route has a form', async () => {
		expect((await facts((await atForm()).id)).trays.map((t) => t.code)).to.deep.equal(['B-1', 'B-2']);
		expect((await facts((await workedUpTo('inspect.look')).id)).trays).to.deep.equal([]);
	});
});

describe('coupons of a dresser', () => {
	it('are told the newest first, each with its tolerance', async () => {
		const before = await couponTrend('RF-1');
		const { id } = await atForm();
		await step(id, 'form', 'shape', shape('Trend', 2.4));
		await step(id, 'form', 'radius', set([30, 6.5, 1.1], true));
		await step(
			id,
			'form',
			'passes',
			{ roughDepthUm: 20, finishDepthUm: 5, feedMmPerMin: 100 },
			'slid at the stop'
		);
		await step(id, 'form', 'align', { readingUm: 1, overMm: 50, offsetMm: 0.2 });
		const { wheel } = await facts(id);
		await step(id, 'form', 'formed', { soundEven: true, diameterAfterMm: wheel!.diameterMm });
		// As a scanner gives them: so many are worked out in a thread.
		const points = Array.from({ length: 3000 }, (_, i) => [3 + (11 * i) / 2999, i % 2 ? 0.002 : 0]);
		await step(id, 'form', 'coupon', { points }, 'the flat alone');
		const [newest, ...rest] = await couponTrend('RF-1');
		expect(newest).to.include({ setupId: id, toleranceUm: 10 });
		expect(newest!.maxAbsUm).to.be.closeTo(1, 1e-6);
		expect(rest).to.have.length(before.length);
		// The page of the dresser knows where it was used.
		expect((await dresserLog('RF-1'))!.uses.map((u) => u.setupId)).to.include(id);
	});
});
