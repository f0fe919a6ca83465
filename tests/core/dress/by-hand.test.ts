import { expect } from 'chai';
import { bareGrain } from '../../../src/core/dress/bare-grain.js';
import { HAND_TOOLS, byHand } from '../../../src/core/dress/by-hand.js';
import { handFace } from '../../../src/core/dress/hand-face.js';
import { faults } from '../../shared/setup-in-memory.js';

const HAND = { ...byHand.example };
const codes = (more: object): string[] => byHand.run({ ...HAND, ...more }).reasons.map((r) => r.code);

describe('dress.by-hand', () => {
	it('says how far the rest goes back for each tool, and how straight a face it leaves', () => {
		const of = (tool: string, guidance: string) => {
			const { restBackMm, straightnessUm } = byHand.run({ ...HAND, tool, guidance });
			return [restBackMm, straightnessUm];
		};
		expect(of('star', 'free-hand')).to.deep.equal([34, 200]);
		expect(of('hand-diamond', 'jig')).to.deep.equal([20, 15]);
		for (const tool of HAND_TOOLS)
			expect(of(tool, 'jig')[1], tool).to.be.below(of(tool, 'free-hand')[1] as number);
	});
	it('nothing is against the example', () => {
		expect(byHand.run(HAND)).to.include({ verdict: 'ok', restBackMm: 34, angleDeg: 0 });
		expect(byHand.run(HAND).surfaceSpeedMps).to.be.closeTo(29.845, 1e-3);
	});
	const LIMITS: readonly [string, string, object, object][] = [
		['rests-on-guard', 'on the guard', { restsOn: 'rest' }, { restsOn: 'guard' }],
		['no-support', 'on nothing', { restsOn: 'rest' }, { restsOn: 'nothing' }],
		['rest-moved-running', 'moved running', { rearrangedStanding: true }, { rearrangedStanding: false }],
		['tool-above-centre', 'above centre', { toolHeightMm: 0.5 }, { toolHeightMm: 0.51 }],
		['tool-far-below-centre', 'far below', { toolHeightMm: -5 }, { toolHeightMm: -5.01 }],
		['tool-off-the-wheel', 'off the wheel', { toolHeightMm: -99.9 }, { toolHeightMm: -100 }],
		['rest-not-back', 'no room', { restBackMm: 32 }, { restBackMm: 31.99 }],
		['rest-too-far', 'heel slips', { restBackMm: 38 }, { restBackMm: 38.01 }],
		['not-so-straight', 'asked too much', { straightnessWantedUm: 200 }, { straightnessWantedUm: 199 }],
		['over-rated-speed', 'too fast', { wheelSpeedRpm: 3342 }, { wheelSpeedRpm: 3343 }],
		['wrong-dresser-for-superabrasive', 'diamond', { abrasive: 'alumina' }, { abrasive: 'diamond' }]
	];
	for (const [code, what, good, bad] of LIMITS)
		it(`${code}: ${what}`, () => {
			expect(codes(good)).to.not.include(code);
			expect(codes(bad)).to.include(code);
		});
	it('stops are stops: guard, hand alone, rest moved running, above centre', () => {
		for (const bad of [
			{ restsOn: 'guard' },
			{ restsOn: 'nothing' },
			{ rearrangedStanding: false },
			{ toolHeightMm: 2 }
		])
			expect(byHand.run({ ...HAND, ...bad }).verdict).to.equal('stop');
		expect(byHand.run({ ...HAND, restBackMm: 50 }).verdict).to.equal('caution');
	});
	it('a bench grinder needs the rest, a lathe has none', () => {
		faults('missing', 'restBackMm', () => byHand.run({ ...HAND, restBackMm: null }));
		expect(byHand.run({ ...HAND, machine: 'lathe', restBackMm: null }).restBackMm).to.equal(null);
	});
});

describe('dress.hand-face', () => {
	const right = { machine: 'bench', straight: true, corners: true, grooves: false, restBack: true };
	const verdict = (more: object) => handFace.run({ ...right, ...more }).verdict;
	it('is right when everything is as it should be', () => {
		expect(handFace.run(right)).to.include({ right: true, verdict: 'ok' });
		expect(handFace.run({ ...right, machine: 'lathe', parallel: true }).right).to.equal(true);
	});
	it('one thing that is not holds it; a rest that still stands back stops it', () => {
		expect(verdict({ straight: false })).to.equal('caution');
		expect(verdict({ corners: false })).to.equal('caution');
		expect(verdict({ grooves: true })).to.equal('caution');
		expect(verdict({ machine: 'lathe', parallel: false })).to.equal('caution');
		expect(verdict({ parallel: false }), 'no axis to be parallel to').to.equal('ok');
		expect(verdict({ restBack: false })).to.equal('stop');
	});
	it('on a lathe it has to be said whether it is parallel', () => {
		faults('missing', 'parallel', () => handFace.run({ ...right, machine: 'lathe' }));
	});
});

describe('dress.bare-grain', () => {
	const at = (barePercent: number) => bareGrain.run({ barePercent, grainSizeUm: 64 });
	it('a fifth of the grain cuts', () => {
		expect(at(20)).to.include({ verdict: 'ok' });
		expect(at(20).protrusionUm).to.be.closeTo(12.8, 1e-12);
	});
	it('too little rubs, much holds badly, half of it falls out', () => {
		expect([at(14.9), at(15), at(30), at(30.1), at(49.9), at(50)].map((r) => r.verdict)).to.deep.equal([
			'caution',
			'ok',
			'ok',
			'caution',
			'caution',
			'stop'
		]);
	});
});
