import { expect } from 'chai';
import { decide, refuse } from '../../../src/core/route/engine.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { hardStops } from '../../../src/core/route/hard-stops.js';
import { MOUNT, WHEEL, setup, worked } from '../../shared/setup-in-memory.js';

const codes = (more: Partial<SetupFacts>) => hardStops(setup(more)).map((s) => s.code);
const wheel = (more: Partial<WheelFacts>, rest: Partial<SetupFacts> = {}) =>
	codes({ ...rest, wheel: { ...WHEEL, ...more } });
const spindle = (spindleRpm: number) => ({ machine: { ...setup().machine, spindleRpm } });
/** 40 m/s on 300 mm when new. */
const LIMIT = (60_000 * 40) / (Math.PI * 300);

describe('what stops a setup whatever was recorded', () => {
	it('nothing, without a wheel or with one that fits', () => {
		expect(codes({})).to.deep.equal([]);
		expect(wheel({})).to.deep.equal([]);
	});
	it('a setup that was stopped, a machine that is locked out', () => {
		expect(codes({ state: 'stopped' })).to.deep.equal(['setup-stopped']);
		expect(codes({ machine: { ...setup().machine, lockedOut: true } })).to.deep.equal(['machine-locked-out']);
	});
	it('a wheel set aside, of the setup or of its pack, with the reason', () => {
		for (const state of ['quarantined', 'scrapped'] as const) {
			expect(wheel({ state })).to.deep.equal([`wheel-${state}`]);
			const pack = (stateReason: string | null) =>
				hardStops(
					setup({ companions: [{ wheel: { ...WHEEL, number: '0412', state, stateReason } }] as never })
				);
			expect(pack(null)).to.deep.equal([
				{ code: `wheel-${state}`, message: `Wheel 0412 of the pack is ${state}.` }
			]);
			expect(pack('rang dull')[0]!.message).to.equal(`Wheel 0412 of the pack is ${state}: rang dull`);
		}
		expect(codes({ companions: [{ wheel: WHEEL }] as never })).to.deep.equal([]);
	});
	it('a wheel somebody else holds', () => {
		expect(wheel({ heldBy: 8 })).to.deep.equal(['wheel-held']);
		expect(wheel({ heldBy: 7 }), 'held by this setup').to.deep.equal([]);
	});
	it('a spindle that outruns its wheel, by more than a tachometer tells', () => {
		expect(wheel({}, spindle(LIMIT))).to.deep.equal([]);
		expect(wheel({}, spindle(LIMIT + 0.51))).to.deep.equal(['rated-speed-too-low']);
		expect(wheel({ ratedMps: null, ratedRpm: 2300 })).to.deep.equal([]);
		expect(wheel({ ratedMps: null, ratedRpm: 2299 })).to.deep.equal(['rated-speed-too-low']);
		expect(wheel({ ratedMps: null, ratedRpm: null })).to.deep.equal(['rating-unknown']);
	});
	it('names a wheel as it is written', () => {
		const said = hardStops(setup({ wheel: { ...WHEEL, number: 'T-4B' }, ...spindle(2700) }));
		expect(said[0]!.message).to.match(/wheel T-4B allows/);
	});
	it('a bore smaller than the seat, or more than 0.2 mm larger; the seat of the mount counts before that of the machine', () => {
		expect([76.2, 76.4].map((boreMm) => wheel({ boreMm }))).to.deep.equal([[], []]);
		expect(wheel({ boreMm: 76.19 })).to.deep.equal(['bore-mismatch']);
		expect(wheel({ boreMm: 76.41 })).to.deep.equal(['bore-mismatch']);
		expect(wheel({}, { mount: null }), "the machine's own seat").to.deep.equal([]);
		const other = { mount: { ...MOUNT, seatMm: 32 } };
		expect(wheel({}, other)).to.deep.equal(['bore-mismatch']);
		expect(hardStops(setup({ ...other, wheel: WHEEL }))[0]!.message).to.equal(
			'Bore 76.2 mm does not belong on 32 mm.'
		);
		expect(wheel({ boreMm: 32 }, other)).to.deep.equal([]);
	});
	it('a wheel larger or wider than the machine takes', () => {
		expect(wheel({ diameterMm: 300, newDiameterMm: 300 })).to.deep.equal([]);
		expect(wheel({ diameterMm: 300.1, newDiameterMm: 300.1 }, spindle(2000))).to.deep.equal([
			'wheel-too-large'
		]);
		expect(wheel({ widthMm: 50.1 })).to.deep.equal(['wheel-too-wide']);
	});
	it('a bore of another size in use, though it would slide on', () => {
		const seat = (seatMm: number) => ({ mount: { ...MOUNT, seatMm } });
		expect(wheel({ boreMm: 32 }, seat(31.75))).to.deep.equal(['bore-mismatch']);
		expect(wheel({ boreMm: 31.85 }, seat(31.75))).to.deep.equal([]);
		expect(wheel({ boreMm: 51 }, seat(50.8))).to.deep.equal(['bore-mismatch']);
	});
	it('every wheel of a pack by the same: too fast for it, too large, too wide, out of date, of another bore', () => {
		const other = (more: Partial<WheelFacts>) =>
			codes({ companions: [{ wheel: { ...WHEEL, id: 12, number: '0412', ...more } }] as never });
		expect(other({ ratedMps: 30 })).to.deep.equal(['rated-speed-too-low']);
		expect(other({ diameterMm: 320, newDiameterMm: 320 })).to.include('wheel-too-large');
		expect(other({ widthMm: 60 })).to.deep.equal(['wheel-too-wide']);
		expect(other({ expiresOn: '2026-05-31' })).to.deep.equal(['expired']);
		expect(other({ boreMm: 80 })).to.deep.equal(['bore-mismatch']);
		expect(other({ heldBy: 9 })).to.deep.equal(['wheel-held']);
	});
	it('a wheel out of date from the day after its date, worn out below its scrap diameter', () => {
		expect(wheel({ expiresOn: '2026-06-01' })).to.deep.equal([]);
		expect(wheel({ expiresOn: '2026-05-31' })).to.deep.equal(['expired']);
		expect(wheel({ diameterMm: 180 })).to.deep.equal([]);
		expect(wheel({ diameterMm: 179.99 })).to.deep.equal(['worn-out']);
	});
	it('a plated wheel where it would be trued or dressed, with whatever', () => {
		const plated = { bondFamily: 'plated' };
		expect(wheel(plated)).to.deep.equal(['superabrasive-single-layer']);
		expect(wheel(plated, { dressers: [] })).to.deep.equal(['superabrasive-single-layer']);
		for (const station of ['true', 'form', 'dress'] as const)
			expect(wheel(plated, { stations: ['brief', 'select', station, 'keep'] })).to.deep.equal([
				'superabrasive-single-layer'
			]);
		expect(wheel(plated, { stations: ['brief', 'select', 'prove', 'keep'] })).to.deep.equal([]);
		expect(wheel({ bondFamily: null })).to.deep.equal([]);
	});
});

describe('what a hard stop does', () => {
	const out: SetupFacts = { ...worked('dress.position'), today: '2027-01-01' };
	const expired: SetupFacts = { ...out, wheel: { ...out.wheel!, expiresOn: '2026-12-31' } };
	it('stands first, blocks the station that is due, and is what comes next', () => {
		const d = decide(expired);
		expect(d.next).to.match(/out of date since 2026-12-31/);
		const due = d.stations.find((s) => s.id === d.current)!;
		expect([due.state, due.lines[0]!.key, due.lines[0]!.state]).to.deep.equal(['blocked', 'expired', 'stop']);
		expect(d.stations.filter((s) => s.state === 'blocked')).to.have.length(1);
		expect(decide(out).stations.some((s) => s.state === 'blocked')).to.equal(false);
	});
	it('lets nothing be recorded but another choice of wheel', () => {
		expect(refuse(expired, 'dress', 'position')?.code).to.equal('expired');
		expect(refuse(expired, 'select', 'take')).to.equal(null);
		const locked = { ...expired, machine: { ...expired.machine, lockedOut: true } };
		expect(refuse(locked, 'select', 'take')?.code).to.equal('machine-locked-out');
		expect(refuse({ ...expired, state: 'stopped' }, 'select', 'take')?.code).to.equal('setup-stopped');
	});
});
