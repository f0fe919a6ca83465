import { expect } from 'chai';
import { intake } from '../../../src/core/shop/wheel-intake.js';
import type { NewWheel } from '../../../src/core/shop/wheel.js';
import { faults } from '../../shared/setup-in-memory.js';

const WHEEL: NewWheel = {
	number: '0500',
	marking: 'WA 60 K 8 V',
	newDiameterMm: 300,
	diameterMm: 290,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.6,
	ratedMps: 40,
	ratedRpm: null,
	shape: '1',
	expiresOn: null,
	place: 'bay 1'
};
const taken = (more: Partial<NewWheel> = {}) => intake({ ...WHEEL, ...more });
const refused = (field: string, more: Partial<NewWheel>) => faults('inconsistent', field, () => taken(more));

describe('a wheel as it goes on the rack', () => {
	it('has what its marking says beside what was entered', () => {
		expect(taken()).to.deep.include({
			canonical: 'WA 60 K 8 V',
			family: 'alumina-white',
			gritNumber: 60,
			grade: 'K',
			structure: 8,
			bond: 'V',
			bondFamily: 'vitrified',
			shape: '1',
			ratedMps: 40,
			ratedRpm: null,
			state: 'available',
			reason: null
		});
	});
	it('is refused where its sizes cannot be', () => {
		refused('diameterMm', { diameterMm: 300.1 });
		refused('boreMm', { boreMm: 290 });
		refused('minDiameterMm', { minDiameterMm: 300 });
		expect(taken({ diameterMm: 300, boreMm: 299.9, minDiameterMm: 299.9, massKg: null }).state).to.equal(
			'available'
		);
	});
	it('is refused where it is not what is marked on it', () => {
		const inches = 'ISO 603-1 1 N-2-1/2 x 1/4 x 1/4 A60K5V';
		// Millimetres taken for inches, all of them.
		refused('newDiameterMm', { marking: '2-1/2 x 1/4 x 1/4 A60K5V', newDiameterMm: 1612.9 });
		refused('newDiameterMm', { marking: inches, newDiameterMm: 300 });
		refused('widthMm', { marking: '300x25x76.2 WA 60 K 8 V' });
		refused('boreMm', { marking: '300x32x32 WA 60 K 8 V' });
		expect(taken({ marking: '300x32x76.2 WA 60 K 8 V' }).state).to.equal('available');
	});
	it('is refused where no wheel of its size weighs so much, or so little', () => {
		refused('massKg', { massKg: 46 });
		refused('massKg', { massKg: 0.46 });
	});
	it('is refused when its marking cannot be read at all', () => {
		refused('marking', { marking: '???' });
	});
	it('is set aside without a speed; one printed in the marking counts where none was entered', () => {
		expect(taken({ ratedMps: null })).to.include({ state: 'quarantined', reason: 'no readable speed' });
		expect(taken({ ratedMps: null, ratedRpm: 2000 })).to.include({ state: 'available', ratedRpm: 2000 });
		expect(taken({ ratedMps: null, marking: 'WA 60 K 8 V 35 m/s' })).to.include({
			state: 'available',
			ratedMps: 35
		});
		expect(
			taken({ ratedMps: 40, marking: 'WA 60 K 8 V 35 m/s' }).ratedMps,
			'what was entered counts'
		).to.equal(40);
	});
	it('is set aside while its marking can be read as two kinds of wheel', () => {
		expect(taken({ marking: 'B54 J 7 V' })).to.include({
			state: 'quarantined',
			reason: 'its marking can be read two ways'
		});
	});
	it('of an organic bond is good for three years from the day it was made, unless a date is printed', () => {
		const organic = { marking: 'A 46 M 5 B' };
		expect(taken({ ...organic, madeOn: '2026-01-31' }).wheel.expiresOn).to.equal('2029-01-31');
		expect(taken({ ...organic, madeOn: '2026-01-31', expiresOn: '2028-06-01' }).wheel.expiresOn).to.equal(
			'2028-06-01'
		);
		expect(taken(organic).wheel.expiresOn).to.equal(null);
		expect(taken({ madeOn: '2026-01-31' }).wheel.expiresOn, 'vitrified does not age').to.equal(null);
	});
	it('cannot be made on or after its date', () => {
		refused('madeOn', { madeOn: '2026-01-31', expiresOn: '2026-01-31' });
		expect(taken({ madeOn: '2026-01-30', expiresOn: '2026-01-31' }).state).to.equal('available');
	});
	it('has the type entered, or the one printed where only straight was entered', () => {
		const cup = '1V1 300-32-76.2-5 B181 N V V200';
		expect(taken({ shape: '6' }).shape).to.equal('6');
		expect(taken({ marking: '5-300x40x76.2 WA 80 J 7 V' }).shape).to.equal('5');
		expect(taken({ marking: cup }).shape, 'a superabrasive shape is no ISO type').to.equal('1');
	});
});
