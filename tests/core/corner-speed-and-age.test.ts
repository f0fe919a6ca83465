import { expect } from 'chai';
import { calculation } from '../../src/core/calculations.js';
import { limitRpm, overLimit, shownLimit } from '../../src/core/spec/limit-rpm.js';
import { example, refuses } from './examples.js';

type Output = Record<string, unknown> & { reasons: { code: string }[]; verdict: string };
const run = (id: string, input: object) => calculation(id).run(input) as Output;
const codes = (id: string, input: object) => run(id, input).reasons.map((r) => r.code);

describe('corners: one speed limit', () => {
	it('is that of the new wheel, whatever is left of it', () => {
		const worn = { ratedMps: 35, ratedRpm: null, newDiameterMm: 250 };
		expect(limitRpm(worn)).to.be.closeTo(2673.8, 0.01);
		const surface = { diameterMm: 150, newDiameterMm: 250, ratedSpeedMps: 35 };
		example('spec.surface-speed', { ...surface, speedRpm: 2670 }, { maxAllowedRpm: 2673.803, verdict: 'ok' });
		expect(codes('spec.surface-speed', { ...surface, speedRpm: 4456 })).to.deep.equal(['over-rated-rpm']);
		expect(codes('spec.surface-speed', { ...surface, speedRpm: 4458 })).to.deep.equal(['over-rated-speed']);
		example(
			'spec.surface-speed',
			{ ...surface, speedRpm: 4456, aboveMarkedRpm: true },
			{ maxAllowedRpm: 4456.338, verdict: 'ok' }
		);
		example(
			'run-in.speed-check',
			{
				ratedSpeedMps: 35,
				originalDiameterMm: 250,
				currentDiameterMm: 150,
				measuredRpm: 4456,
				stage: 'after-wheel'
			},
			{ limitRpm: 2673.803, verdict: 'stop' }
		);
		const hold = { diameterMm: 150, minDiameterMm: 100, newDiameterMm: 250, targetMps: 35, ratedMps: 35 };
		example('keep.hold-speed', { ...hold, rpmMax: 9000 }, { speedRpm: 2673.803 });
		expect(codes('keep.hold-speed', { ...hold, rpmMax: 9000, rpmMin: 3000 })).to.include('over-marked-rpm');
		expect(codes('keep.hold-speed', { ...hold, rpmMax: 9000, rpmMin: 5000 })).to.include('over-rated-speed');
	});
	it('marks that differ by rounding only: the marked rpm counts', () => {
		expect(limitRpm({ ratedMps: 80, ratedRpm: 6650, newDiameterMm: 230 })).to.equal(6650);
		expect(limitRpm({ ratedMps: 80, ratedRpm: 7000, newDiameterMm: 230 })).to.be.closeTo(6643, 0.1);
		expect(
			codes('spec.surface-speed', {
				diameterMm: 230,
				newDiameterMm: 230,
				speedRpm: 6650,
				ratedSpeedMps: 80,
				ratedSpeedRpm: 6650
			})
		).to.deep.equal([]);
	});
	it('is shown rounded down, and what is shown may be set', () => {
		const limit = limitRpm({ ratedMps: 33.02, ratedRpm: null, newDiameterMm: 177.8 })!;
		expect(shownLimit(limit)).to.equal(3546);
		expect(overLimit(3546, limit)).to.equal(false);
		expect(overLimit(3548, limit)).to.equal(true);
	});
	it('a tachometer that shows nothing proves nothing', () => {
		const read = { ratedRpm: 2000, stage: 'after-wheel' };
		expect(run('run-in.speed-check', { ...read, measuredRpm: 0 }).verdict).to.equal('stop');
		expect(codes('run-in.speed-check', { ...read, measuredRpm: 399 })).to.deep.equal(['far-below']);
		expect(codes('run-in.speed-check', { ...read, measuredRpm: 399, commandedRpm: 399 })).to.deep.equal([]);
	});
});

describe('corners: age', () => {
	const look = {
		crack: false,
		markingLegible: true,
		ratedSpeedMps: 50,
		todayDate: '2030-06-01'
	};
	const aged = (bond: string, other: object) => codes('inspect.visual', { ...look, bond, ...other });
	it('magnesia ends after twelve months, and without a date it is not used', () => {
		expect(aged('magnesia', { manufactureDate: '2029-05-31' })).to.deep.equal(['expired']);
		expect(aged('magnesia', { manufactureDate: '2029-05-31', expiryDate: '2031-01-01' })).to.deep.equal([
			'expired'
		]);
		expect(run('inspect.visual', { ...look, bond: 'magnesia' }).verdict).to.equal('stop');
	});
	it('an organic bond is judged by where it runs', () => {
		const old = { manufactureDate: '2027-05-31' };
		expect(aged('resin', old)).to.deep.equal(['past-its-date']);
		expect(aged('resin', { ...old, expiryDate: '2031-01-01' })).to.deep.equal([]);
		expect(aged('resin', { expiryDate: '2030-05-31' })).to.deep.equal(['expired']);
		expect(aged('resin', { ...old, handHeld: true })).to.deep.equal(['expired']);
		expect(aged('plastic', {})).to.deep.equal(['no-date']);
		expect(run('inspect.visual', { ...look, bond: 'resin', handHeld: true }).verdict).to.equal('stop');
		expect(aged('vitrified', {})).to.deep.equal([]);
		expect(aged('vitrified', { expiryDate: '2030-05-31' })).to.deep.equal(['expired']);
	});
	it('nobody gives a bond more than it keeps', () => {
		refuses(
			'inspect.visual',
			{ ...look, bond: 'resin', shelfLifeMonths: 37 },
			'shelfLifeMonths',
			'above-maximum'
		);
		refuses(
			'keep.storage',
			{
				bond: 'MG',
				shape: 'straight',
				diameterMm: 100,
				thicknessMm: 20,
				today: '2030-06-01',
				shelfLifeMonths: 13
			},
			'shelfLifeMonths',
			'above-maximum'
		);
	});
});
