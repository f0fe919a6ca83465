import { expect } from 'chai';
import { releaseSheet } from '../../../src/core/route/stations/prove/sheet.js';
import { GOOD } from '../../shared/good-work.js';
import { did, recordOf, setup, worked } from '../../shared/setup-in-memory.js';

const row = (name: string, f = worked()) => releaseSheet(f)!.find((r) => r.name === name)!;
const RELEASE = GOOD.find(([station, step]) => station === 'prove' && step === 'release')![2];

describe('the release sheet, line by line', () => {
	it('says each value with its limit and the record it comes from', () => {
		const f = worked();
		expect(row('speedRpm')).to.deep.include({ title: 'Speed', value: '2300 rpm', state: 'pass' });
		expect(row('speedRpm').limit).to.match(/ rpm$/);
		expect(row('speedRpm').from!.recordId).to.equal(recordOf(f, 'run-in', 'speed')!.id);
		expect(row('runOutUm').from!.recordId).to.equal(recordOf(f, 'true', 'after')!.id);
		expect(row('dressSoundEven').from!.recordId).to.equal(recordOf(f, 'dress', 'done')!.id);
		expect(row('burnSeen').from!.recordId).to.equal(recordOf(f, 'prove', 'release')!.id);
		expect(row('crackSeen')).to.deep.include({ value: 'none seen', limit: '' });
	});
	it('what nobody looked at stands out, with no record to its name', () => {
		const f = did(worked('prove.release'), 'prove', 'release', {
			...RELEASE,
			raUm: null,
			overrideReason: 'the gauge is away for calibration'
		});
		expect(row('raUm', f)).to.deep.include({ value: 'not looked at', state: 'missing' });
	});
	it('size, flatness and taper only where they were asked', () => {
		expect(row('flatnessUm')).to.equal(undefined);
		const f = did(worked('prove.release'), 'prove', 'release', {
			...RELEASE,
			flatnessUm: 4,
			flatnessLimitUm: 5
		});
		expect(row('flatnessUm', f)).to.deep.include({ value: '4 µm', limit: '5 µm', state: 'pass' });
	});
	it('is told in inches where the setup is, and is none before the release', () => {
		expect(row('runOutUm', { ...worked(), units: 'inch' }).value).to.match(/thou$/);
		expect(releaseSheet(setup())).to.equal(null);
	});
});

describe('beside the release', () => {
	it('undressed against dressed, by the meter or by hand and eye', () => {
		const f = did(worked('prove.release'), 'prove', 'compare', {
			before: { raUm: 0.6, powerW: 1400 },
			after: { raUm: 0.57, powerW: 1120 }
		});
		expect(recordOf(f, 'prove', 'compare')!.output).to.include({ conclusion: 'better', basis: 'power' });
		const felt = did(worked('prove.release'), 'prove', 'compare', {
			before: { raUm: 0.6 },
			after: { raUm: 0.6 },
			feel: 'freer',
			patch: 'cleaner'
		});
		expect(recordOf(felt, 'prove', 'compare')!.output).to.include({ conclusion: 'better', basis: 'feel' });
	});
	it('the jet takes the rim as it turns today', () => {
		const { input, output } = recordOf(
			did(worked('prove.release'), 'prove', 'jet', { contactWidthMm: 20 }),
			'prove',
			'jet'
		)!;
		const w = worked('prove.release').wheel!;
		expect(input.wheelSpeedMps).to.be.closeTo((Math.PI * w.diameterMm * 2300) / 60000, 1e-9);
		expect(output.jetSpeedMps).to.equal(input.wheelSpeedMps);
	});
});
