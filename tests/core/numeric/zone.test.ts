import { expect } from 'chai';
import { clockIn, dayIn, hourIn, isZone, timeIn } from '../../../src/core/numeric/zone.js';

describe('the day of a place', () => {
	const at = Date.UTC(2026, 0, 15, 3, 5);
	it('is not the same in three places at one moment', () => {
		expect(dayIn('America/New_York', at)).to.equal('2026-01-14');
		expect(dayIn('UTC', at)).to.equal('2026-01-15');
		expect(dayIn('Pacific/Kiritimati', Date.UTC(2026, 0, 15, 11))).to.equal('2026-01-16');
		expect(['America/New_York', 'UTC', 'Asia/Tokyo'].map((z) => hourIn(z, at))).to.deep.equal([22, 3, 12]);
	});
	it('turns at the midnight of the place, on the days the clocks change too', () => {
		// Berlin: 29 March 2026 has 23 hours, 25 October has 25.
		expect(dayIn('Europe/Berlin', Date.UTC(2026, 2, 28, 22, 59))).to.equal('2026-03-28');
		expect(dayIn('Europe/Berlin', Date.UTC(2026, 2, 28, 23, 0))).to.equal('2026-03-29');
		expect(dayIn('Europe/Berlin', Date.UTC(2026, 2, 29, 21, 59))).to.equal('2026-03-29');
		expect(dayIn('Europe/Berlin', Date.UTC(2026, 2, 29, 22, 0))).to.equal('2026-03-30');
		expect(dayIn('Europe/Berlin', Date.UTC(2026, 9, 25, 22, 59))).to.equal('2026-10-25');
		expect(dayIn('Europe/Berlin', Date.UTC(2026, 9, 25, 23, 0))).to.equal('2026-10-26');
		expect(clockIn('Europe/Berlin', Date.UTC(2026, 2, 29, 0, 59))).to.equal('01:59');
		expect(clockIn('Europe/Berlin', Date.UTC(2026, 2, 29, 1, 0))).to.equal('03:00');
	});
	it('is printed in full by the clock of the place', () => {
		expect(timeIn('UTC', at)).to.equal('15 Jan 2026, 03:05');
		expect(timeIn('America/New_York', at)).to.equal('14 Jan 2026, 22:05');
	});
	it('needs the name of a place', () => {
		expect(['Europe/Berlin', 'America/Chicago', 'UTC'].every(isZone)).to.equal(true);
		expect(['', 'Nowhere/Else', '+25:00', 'Berlin'].some(isZone)).to.equal(false);
	});
});
