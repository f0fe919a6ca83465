import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const NUT = { rotation: 'cw', viewedFrom: 'nut-side', threadHand: 'left' };

limits('mount.thread-hand', NUT, [
	{
		code: 'thread-hand-loosens',
		severity: 'stop',
		not: [
			{},
			{ rotation: 'ccw', threadHand: 'right' },
			{ rotation: 'ccw', viewedFrom: 'back-side' },
			{ viewedFrom: 'back-side', threadHand: 'right' },
			{ threadHand: 'right', retention: 'flange-screws' }
		],
		yes: [
			{ threadHand: 'right' },
			{ rotation: 'ccw' },
			{ viewedFrom: 'back-side' },
			{ rotation: 'ccw', viewedFrom: 'back-side', threadHand: 'right' }
		]
	},
	{
		code: 'reversible-without-lock',
		severity: 'stop',
		not: [{}, { reversible: true, positiveLock: true }, { reversible: true, retention: 'flange-screws' }],
		yes: [{ reversible: true }]
	},
	{
		code: 'brake-may-loosen',
		severity: 'caution',
		not: [{}, { hardBrake: true, positiveLock: true }, { hardBrake: true, retention: 'flange-screws' }],
		yes: [{ hardBrake: true }]
	}
]);

describe('mount.thread-hand: what it says', () => {
	it('drag on the nut is against the rotation, seen facing it', () => {
		example('mount.thread-hand', NUT, {
			rotationFacingNut: 'cw',
			dragOnNut: 'ccw',
			requiredThreadHand: 'left',
			tightens: true,
			checked: true
		});
		example(
			'mount.thread-hand',
			{ ...NUT, viewedFrom: 'back-side', retention: 'flange-screws' },
			{
				rotationFacingNut: 'ccw',
				dragOnNut: 'cw',
				requiredThreadHand: 'right',
				tightens: false,
				checked: false
			}
		);
	});
});

const screws = (screwCount: number) => ({ screwCount, finalTorqueNm: 12 });
const order = (screwCount: number) =>
	(calculation('mount.tightening-order').run(screws(screwCount)) as { sequence: number[] }).sequence;

describe('mount.tightening-order: crosswise', () => {
	it('every screw once, whatever their number', () => {
		for (let n = 2; n <= 24; n++)
			expect([...order(n)].sort((a, b) => a - b)).to.deep.equal(Array.from({ length: n }, (_, i) => i + 1));
	});
	it('an even number in opposite pairs, each pair as far from the last as it can be', () => {
		expect(order(4)).to.deep.equal([1, 3, 2, 4]);
		expect(order(6)).to.deep.equal([1, 4, 2, 5, 3, 6]);
		expect(order(8)).to.deep.equal([1, 5, 3, 7, 2, 6, 4, 8]);
		expect(order(12)).to.deep.equal([1, 7, 4, 10, 2, 8, 3, 9, 5, 11, 6, 12]);
	});
	it('an odd number by steps of nearly half a turn', () => {
		expect(order(3)).to.deep.equal([1, 2, 3]);
		expect(order(5)).to.deep.equal([1, 3, 5, 2, 4]);
		expect(order(7)).to.deep.equal([1, 4, 7, 3, 6, 2, 5]);
	});
	it('by hand, in rising steps, and once round', () => {
		example(
			'mount.tightening-order',
			{ ...screws(4), stepPercents: [50, 100], screwDiameterMm: 6 },
			{
				anglesDeg: [0, 180, 90, 270],
				passes: [
					{ kind: 'hand-tight', percent: 0, torqueNm: 0, sequence: [1, 3, 2, 4] },
					{ kind: 'step', percent: 50, torqueNm: 6, sequence: [1, 3, 2, 4] },
					{ kind: 'step', percent: 100, torqueNm: 12, sequence: [1, 3, 2, 4] },
					{ kind: 'round-check', percent: 100, torqueNm: 12, sequence: [1, 2, 3, 4] }
				],
				operationCount: 16,
				screwForceN: 10000,
				clampForceN: 40000
			}
		);
		example('mount.tightening-order', screws(3), { screwForceN: null, clampForceN: null });
	});
	it('refuses steps that do not rise to the full torque', () => {
		const no = (stepPercents: number[], field: string) =>
			refuses('mount.tightening-order', { ...screws(4), stepPercents }, field, 'inconsistent');
		no([60, 60, 100], 'stepPercents.1');
		no([60, 30, 100], 'stepPercents.1');
		no([30, 60, 90], 'stepPercents');
	});
});
