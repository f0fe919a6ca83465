import { expect } from 'chai';
import { abrasiveGroup, coarseBond, isOrganic } from '../../../src/core/spec/families.js';
import { finishGrit } from '../../../src/core/spec/finish-grit.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const SPEED = { diameterMm: 300, speedRpm: 2000, ratedSpeedMps: 40 };
const rim = (speedMps: number, more: object = {}) => ({ speedRpm: null, speedMps, ...more });

limits('spec.surface-speed', SPEED, [
	{ code: 'over-rated-speed', severity: 'stop', not: [{}, rim(40)], yes: [rim(40.1)] },
	{
		code: 'over-rated-rpm',
		severity: 'stop',
		not: [{}, { ratedSpeedRpm: 2000 }],
		yes: [{ ratedSpeedRpm: 1999 }, { ratedSpeedRpm: 1999, ratedSpeedMps: null }]
	},
	{
		code: 'rating-unknown',
		severity: 'stop',
		not: [{}, { purpose: 'run' }, { ratedSpeedMps: null, ratedSpeedRpm: 2500, purpose: 'run' }],
		yes: [{ ratedSpeedMps: null, purpose: 'run' }]
	},
	{
		code: 'above-machine-rpm',
		severity: 'caution',
		not: [{}, { machineMaxRpm: 2000 }],
		yes: [{ machineMaxRpm: 1999 }]
	},
	{
		code: 'target-speed-unreachable',
		severity: 'caution',
		not: [{}, { targetSpeedMps: 40 }, { targetSpeedMps: 41, ratedSpeedMps: null }],
		yes: [{ targetSpeedMps: 40.1 }, { targetSpeedMps: 32, machineMaxRpm: 2000 }]
	},
	{
		code: 'below-target-speed',
		severity: 'caution',
		not: [rim(24, { targetSpeedMps: 30 })],
		yes: [rim(23.99, { targetSpeedMps: 30 })]
	}
]);

const CUP = { type: 6, diameterMm: 125, thicknessMm: 50, boreMm: 32, rimWidthMm: 10, backThicknessMm: 13 };
const recessed = (more: object) => ({
	type: 7,
	diameterMm: 300,
	thicknessMm: 40,
	boreMm: 76.2,
	recessDiameterMm: 150,
	recessDepthMm: 10,
	secondRecessDepthMm: 10,
	...more
});

limits('spec.shape', CUP, [
	{
		code: 'impossible-dimensions',
		severity: 'stop',
		not: [{}, { rimWidthMm: 62.4 }, recessed({ recessDepthMm: 29.9 }), { boreMm: 124.9 }],
		yes: [
			{ rimWidthMm: 62.5 },
			{ boreMm: 125 },
			{ backThicknessMm: 50 },
			recessed({ recessDepthMm: 30 }),
			recessed({ type: 5, recessDepthMm: 40 }),
			recessed({ recessDiameterMm: 300 })
		]
	},
	{
		code: 'web-thin',
		severity: 'caution',
		not: [{}, recessed({}), recessed({ type: 5, recessDepthMm: 20 }), recessed({ recessDepthMm: 30 })],
		yes: [recessed({ recessDepthMm: 10.1 }), recessed({ type: 5, recessDepthMm: 20.1 })]
	},
	{
		code: 'dimension-missing',
		severity: 'caution',
		not: [{}],
		yes: [{ rimWidthMm: null }, recessed({ secondRecessDepthMm: null })]
	}
]);

describe('spec.shape: the web', () => {
	const web = (v: object, webThicknessMm: number | null) => example('spec.shape', v, { webThicknessMm });
	it('is what the recesses leave, the back of a cup, the thickness of a straight wheel', () => {
		web(recessed({}), 20);
		web(recessed({ type: 5 }), 30);
		web(CUP, 13);
		web({ type: 1, thicknessMm: 25 }, 25);
		web({ type: 41, thicknessMm: 2 }, 2);
		web({ type: 2, thicknessMm: 80 }, null);
		web({ type: 27 }, null);
	});
	it('is not known while a size of it is missing', () => {
		for (const size of ['thicknessMm', 'recessDepthMm', 'secondRecessDepthMm'])
			web(recessed({ [size]: null }), null);
		for (const size of ['thicknessMm', 'recessDepthMm']) web(recessed({ type: 5, [size]: null }), null);
	});
});

limits('spec.concentration', { family: 'diamond', notation: 'C', value: 75 }, [
	{ code: 'concentration-high', severity: 'caution', not: [{ value: 200 }], yes: [{ value: 200.1 }] }
]);

describe('spec.concentration: carats', () => {
	const RIM = {
		family: 'diamond',
		notation: 'C',
		value: 100,
		diameterMm: 150,
		rimWidthMm: 10,
		rimDepthMm: 5
	};
	it('in a cubic centimetre and in a rim', () => {
		example('spec.concentration', RIM, {
			volPercent: 25,
			concentrationV: 250,
			caratPerCm3: 4.4,
			rimVolumeCm3: (Math.PI * 145 * 5 * 10) / 1000,
			rimCarat: (4.4 * Math.PI * 145 * 5 * 10) / 1000
		});
		example(
			'spec.concentration',
			{ ...RIM, notation: 'V', value: 240 },
			{ volPercent: 24, concentrationC: 96 }
		);
	});
	it('are not known of a rim while one of its sizes is missing', () => {
		for (const size of ['diameterMm', 'rimWidthMm', 'rimDepthMm'])
			example('spec.concentration', { ...RIM, [size]: null }, { rimVolumeCm3: null, rimCarat: null });
	});
	it('a rim no deeper than the wheel is wide', () => {
		refuses('spec.concentration', { ...RIM, rimDepthMm: 75.1 }, 'rimDepthMm', 'above-maximum');
		example(
			'spec.concentration',
			{ ...RIM, rimDepthMm: 75 },
			{ rimVolumeCm3: (Math.PI * 75 * 75 * 10) / 1000 }
		);
	});
});

describe('families of grain and bond', () => {
	it('a bond and what it counts as', () => {
		const bonds = [
			'resin',
			'resin-reinforced',
			'plastic',
			'rubber',
			'rubber-reinforced',
			'vitrified',
			'shellac',
			'metal'
		];
		expect(bonds.map(coarseBond)).to.deep.equal([
			'resin',
			'resin',
			'resin',
			'rubber',
			'rubber',
			'vitrified',
			'shellac',
			'metal'
		]);
		expect(bonds.filter(isOrganic)).to.deep.equal([
			'resin',
			'resin-reinforced',
			'plastic',
			'rubber',
			'rubber-reinforced',
			'shellac'
		]);
	});
	it('a grain and its group', () => {
		expect(
			['alumina', 'alumina-pink', 'silicon-carbide-green', 'cbn', 'diamond'].map(abrasiveGroup)
		).to.deep.equal(['alumina', 'alumina', 'silicon-carbide', 'cbn', 'diamond']);
	});
	it('a stock of grits is taken once each, in order', () => {
		expect(finishGrit.run({ targetRaUm: 0.8, stockedGrits: [60, 54, 46, 60] }).gritsInBand).to.deep.equal([
			46, 54, 60
		]);
	});
});
