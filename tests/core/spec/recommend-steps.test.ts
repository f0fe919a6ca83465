import { expect } from 'chai';
import { type StepFacts, recommendSteps } from '../../../src/core/spec/recommend-steps.js';

const PLAIN: StepFacts = {
	open: 0,
	gritNumber: 60,
	material: 'steel-hardened',
	hardnessHrc: 60,
	operation: 'surface',
	contactLengthMm: null,
	referenceMm: null,
	contactArea: null,
	interrupted: false,
	burnProne: false,
	coolant: true,
	wheelSpeedMps: null,
	workSpeedMps: null
};
const told = (f: Partial<StepFacts>) =>
	recommendSteps({ ...PLAIN, ...f }).map((s) => [s.code, s.gradeShift, s.structureShift]);
const arc = (ratio: number) => ({ contactLengthMm: ratio * 2, referenceMm: 2 });

describe('rules that move grade and structure', () => {
	it('nothing out of the ordinary moves nothing', () => {
		expect(told({})).to.deep.equal([]);
	});
	it('grit, openness and hardness, from their figures on', () => {
		expect(told({ open: 1 })).to.deep.equal([['material-open', 0, 1]]);
		expect(told({ gritNumber: 149 })).to.deep.equal([]);
		expect(told({ gritNumber: 150 })).to.deep.equal([['fine-grit-denser', 0, -1]]);
		expect(told({ hardnessHrc: 63.9 })).to.deep.equal([]);
		expect(told({ hardnessHrc: 64 })).to.deep.equal([['very-hard-work', -1, 0]]);
		expect(told({ hardnessHrc: 55 })).to.deep.equal([]);
		expect(told({ hardnessHrc: 54.9 })).to.deep.equal([['less-hard-work', 1, 0]]);
		for (const material of ['hss', 'stainless-martensitic'])
			expect(told({ hardnessHrc: 66, material })).to.have.length(1);
		expect(told({ hardnessHrc: 66, material: 'carbide' })).to.deep.equal([]);
	});
	it('a long arc softens and opens, a short one hardens', () => {
		expect(told(arc(4.01))).to.deep.equal([['very-long-contact', -2, 2]]);
		expect(told(arc(4))).to.deep.equal([['long-contact', -1, 1]]);
		expect(told(arc(2.01))).to.deep.equal([['long-contact', -1, 1]]);
		expect(told(arc(2))).to.deep.equal([]);
		expect(told(arc(0.34))).to.deep.equal([]);
		expect(told(arc(0.33))).to.deep.equal([['short-contact', 1, 0]]);
		expect(told({ contactLengthMm: 100 })).to.deep.equal([]);
	});
	it('how wide it touches, whether it knocks, burns or runs dry', () => {
		expect(told({ contactArea: 'narrow' })).to.deep.equal([['narrow-contact', 1, 0]]);
		expect(told({ contactArea: 'wide' })).to.deep.equal([['wide-contact', -1, 1]]);
		expect(told({ contactArea: 'normal' })).to.deep.equal([]);
		expect(told({ interrupted: true })).to.deep.equal([['interrupted-cut', 1, 0]]);
		expect(told({ burnProne: true })).to.deep.equal([['burn-prone', -1, 1]]);
		expect(told({ coolant: false })).to.deep.equal([['dry', -1, 1]]);
		expect(told({ coolant: false, operation: 'tool-post' })).to.deep.equal([]);
	});
	it('a fast wheel acts harder, a slow one softer', () => {
		expect(told({ wheelSpeedMps: 60 })).to.deep.equal([['very-fast-wheel', -2, 0]]);
		expect(told({ wheelSpeedMps: 59.9 })).to.deep.equal([['fast-wheel', -1, 0]]);
		expect(told({ wheelSpeedMps: 40 })).to.deep.equal([['fast-wheel', -1, 0]]);
		expect(told({ wheelSpeedMps: 39.9 })).to.deep.equal([]);
		expect(told({ wheelSpeedMps: 22 })).to.deep.equal([]);
		expect(told({ wheelSpeedMps: 21.9 })).to.deep.equal([['slow-wheel', 1, 0]]);
	});
	it('fast work acts softer, slow work harder, where the work moves', () => {
		const work = (q: number, operation: StepFacts['operation'] = 'surface') =>
			told({ wheelSpeedMps: 30, workSpeedMps: 30 / q, operation });
		expect(work(44.9)).to.deep.equal([['fast-work', 1, 0]]);
		expect(work(45.1)).to.deep.equal([]);
		expect(work(149.9)).to.deep.equal([]);
		expect(work(150.1)).to.deep.equal([['slow-work', -1, 0]]);
		expect(work(40, 'tool-post')).to.have.length(1);
		expect(work(40, 'tool-cutter')).to.deep.equal([]);
		expect(told({ workSpeedMps: 10 })).to.deep.equal([]);
	});
});
