import { expect } from 'chai';
import fc from 'fast-check';
import {
	FACTS,
	SYMPTOMS,
	type ShopPoint,
	checkPoints,
	pointsHere,
	shippedPoints
} from '../../../src/core/prove/shop-points.js';
import { attempt } from '../../../src/core/calculation/attempt.js';
import type { Cause } from '../../../src/core/prove/trouble-points.js';
import type { Suspect } from '../../../src/core/prove/troubleshoot.js';
import { run } from '../judged.js';

const faultOf = (work: () => unknown) => attempt(work).fault!;
const point = (of: string, cause: string, points: number) => ({ of, cause, points }) as ShopPoint;
const scores = (shopPoints: ShopPoint[], symptoms: string[], facts: string[] = []) =>
	Object.fromEntries(
		run<{ causes: Suspect[] }>('prove.troubleshoot', { symptoms, facts, shopPoints }).causes.map((c) => [
			c.code,
			c.score
		])
	) as Partial<Record<Cause, number>>;

describe('points of the shop', () => {
	it('stand in place of the shipped ones, bring a cause in, or take one out', () => {
		expect(scores([], ['taper'])).to.include({ 'way-misaligned': 5, 'work-loose': 3 });
		expect(scores([], ['taper'])).to.not.have.property('coolant-poor');
		const own = [
			point('taper', 'way-misaligned', 1),
			point('taper', 'coolant-poor', 6),
			point('taper', 'work-loose', 0)
		];
		const here = scores(own, ['taper']);
		expect(here).to.include({ 'way-misaligned': 1, 'coolant-poor': 6 });
		expect(here).to.not.have.property('work-loose');
	});
	it('of a fact count beside those of what is seen', () =>
		expect(scores([point('thin-work', 'work-overheated', -1)], ['taper'], ['thin-work'])).to.include({
			'work-overheated': 1,
			'work-loose': 4
		}));
	it('a faulty mounting may weigh more, never less, and a sign is never against a cause', () => {
		expect(faultOf(() => checkPoints([point('vibration', 'mount-faulty', 3)]))).to.include({
			field: 'shopPoints.0.points',
			code: 'below-minimum'
		});
		expect(faultOf(() => checkPoints([point('balance-in-limit', 'mount-faulty', -1)])).code).to.equal(
			'below-minimum'
		);
		expect(faultOf(() => checkPoints([point('taper', 'run-out', -1)])).code).to.equal('below-minimum');
		expect(checkPoints([point('vibration', 'mount-faulty', 6)])).to.have.length(1);
	});
	it('the same pair twice is a slip, and what is as shipped is not kept', () => {
		const twice = [point('burr', 'work-loose', 2), point('burr', 'work-loose', 3)];
		expect(faultOf(() => checkPoints(twice))).to.include({
			field: 'shopPoints.1.cause',
			code: 'inconsistent'
		});
		expect(checkPoints([point('chatter', 'run-out', 4), point('taper', 'run-out', 0)])).to.deep.equal([]);
	});
	it('without any every sign says what it was shipped with', () =>
		fc.assert(
			fc.property(fc.constantFrom(...SYMPTOMS, ...FACTS), (of) => {
				for (const [cause, points] of pointsHere(of, [])) expect(shippedPoints(of, cause)).to.equal(points);
			})
		));
});
