import { expect } from 'chai';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { NO_SUMS, sumsOf } from '../../../src/core/route/sums.js';
import type { RecordFacts } from '../../../src/core/facts/records.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { lineOf } from '../../../src/core/route/decision.js';
import { checkDiameter, massNowKg, mountOf, wheelOf } from '../../../src/core/route/wheel-size.js';
import { computeStep } from '../../../src/core/route/compute-step.js';
import { flangeStep } from '../../../src/core/route/stations/mount/methods/flange.js';
import { FLANGE, GOOD } from '../../shared/good-work.js';
import { DIAMOND, WHEEL, did, faults, line, setup, took, worked } from '../../shared/setup-in-memory.js';

const of = (
	f: SetupFacts,
	...[station, key]: Parameters<typeof line> extends [unknown, ...infer R] ? R : never
) => {
	const found = line(f, station, key)!;
	return `${found.state}: ${found.value}`;
};
const sheet = GOOD.find(([station]) => station === 'prove')![2];
const proved = (more: object, reason: string | null = null) =>
	did(worked('prove.release'), 'prove', 'release', { ...sheet, ...more }, reason);

describe('lines of Prove', () => {
	it('each check has its own line, open until it is said', () => {
		const before = worked('prove.release');
		for (const key of ['ra', 'burn', 'chatter', 'released'])
			expect(of(before, 'prove', key)).to.match(/^open: /);
		const after = proved({});
		expect(of(after, 'prove', 'ra')).to.equal('ok: Ra 0.55 µm of 0.6 µm');
		expect([of(after, 'prove', 'burn'), of(after, 'prove', 'chatter')]).to.deep.equal([
			'ok: trial cut',
			'ok: trial cut'
		]);
		expect(of(after, 'prove', 'released')).to.equal('ok: every line holds');
	});
	it('what failed is a caution on its own line, and the release stays open without a reason', () => {
		const rough = proved({ raUm: 0.7, burnSeen: true });
		expect(of(rough, 'prove', 'ra')).to.match(/^caution: /);
		expect(of(rough, 'prove', 'burn')).to.match(/^caution: /);
		expect(of(rough, 'prove', 'chatter')).to.match(/^ok: /);
		expect(of(rough, 'prove', 'released')).to.match(/^open: /);
	});
	it('a reason releases what is only a caution, and is said; a stop it does not lift', () => {
		const why = 'checked on the second part';
		expect(of(proved({ raUm: 0.7, overrideReason: why }), 'prove', 'released')).to.equal(
			`ok: with a reason: ${why}`
		);
		expect(of(proved({ crackSeen: true, overrideReason: why }), 'prove', 'released')).to.match(/^stop: /);
	});
});

describe('lines of Machine', () => {
	const asks = (machineAsks: 'wake' | 'spindle') =>
		setup({
			stations: ['brief', 'machine', 'select', 'keep'],
			route: { ...setup().route, machineAsks }
		});
	it('asks what its route asks: the spindle under the dial, or whether it is safe to wake', () => {
		expect(of(asks('spindle'), 'machine', 'runout')).to.equal('open: dial indicator, no wheel on');
		expect(line(asks('spindle'), 'machine', 'awake')).to.equal(undefined);
		expect(of(asks('wake'), 'machine', 'awake')).to.equal('open: looked over dead first');
		expect(line(asks('wake'), 'machine', 'runout')).to.equal(undefined);
	});
	it('says the worse of taper and flange', () => {
		const read = (taperRunoutUm: number, flangeRunoutUm: number) =>
			did(did(asks('spindle'), 'brief', 'brief'), 'machine', 'runout', { taperRunoutUm, flangeRunoutUm });
		expect(of(read(2, 4), 'machine', 'runout')).to.equal('ok: 4 µm at the worse of taper and flange');
		expect(of(read(2, 9), 'machine', 'runout')).to.match(/^caution: .*flange/);
		expect(of(read(25, 9), 'machine', 'runout')).to.match(/^stop: .*taper/);
	});
});

describe('lines of Select and Dress', () => {
	const taken = took(worked('select.take'));
	it('the bore on the seat, and the speed under the limit', () => {
		expect(of(taken, 'select', 'bore')).to.equal('ok: bore 76.2 mm on 76.2 mm');
		expect(of(taken, 'select', 'speed')).to.equal('ok: 34.9 m/s of 40 m/s');
		const at = (spindleRpm: number, wheel = { ...taken.wheel!, ratedMps: null, ratedRpm: 2300 }) =>
			of({ ...taken, wheel, machine: { ...taken.machine, spindleRpm } }, 'select', 'speed');
		expect(at(2300)).to.equal('ok: 2300 rpm of 2300 rpm');
		expect(at(2301)).to.equal('stop: 2301 rpm of 2300 rpm');
		expect(at(100, { ...taken.wheel!, ratedMps: null as never, ratedRpm: null as never })).to.match(
			/^stop: /
		);
	});
	it('before a wheel is taken it says what has to fit', () => {
		const f = worked('select.take');
		expect(of(f, 'select', 'bore')).to.equal('open: bore 76.2 mm');
		expect(of(f, 'select', 'speed')).to.equal('open: spindle runs 2300 rpm');
		expect(of({ ...f, mount: null, machine: { ...f.machine, seatMm: 32 } }, 'select', 'bore')).to.equal(
			'open: bore 32 mm'
		);
	});
	it('the diamond wants turning from its number of dresses on', () => {
		const f = worked('dress.position');
		const since = (dressesSinceTurn: number) =>
			of({ ...f, dressers: [{ ...DIAMOND, dressesSinceTurn }] }, 'dress', 'turned');
		expect(since(19)).to.equal('ok: 19 dresses since, turn at 20');
		expect(since(20)).to.equal('caution: 20 dresses since, turn at 20');
		expect(of({ ...f, dressers: [] }, 'dress', 'turned')).to.equal('ok: no diamond on record');
	});
	it('a diamond on the entering side is said as such', () => {
		const at = (offsetMm: number) =>
			did(worked('dress.position'), 'dress', 'position', { offsetMm, dragAngleDeg: 12 });
		expect(of(at(-6), 'dress', 'position')).to.equal('ok: 6 mm on the leaving side');
		expect(of(at(6), 'dress', 'position')).to.match(/^stop: The diamond stands on the entering side/);
	});
});

describe('what a step may lean on', () => {
	it('a wheel and a mount, or it is said which is missing', () => {
		faults('missing', 'wheel', () => wheelOf({ wheel: null }));
		faults('missing', 'mount', () => mountOf(setup({ mount: null })));
		expect(wheelOf({ wheel: WHEEL })).to.equal(WHEEL);
		expect(mountOf(setup()).code).to.equal('F1');
	});
	it('the mass today, by the ring that is left', () => {
		expect(massNowKg({ ...WHEEL, diameterMm: 300 })).to.equal(4.6);
		expect(massNowKg({ ...WHEEL, diameterMm: 200, newDiameterMm: 300, boreMm: 100, massKg: 8 })).to.equal(3);
	});
	it('a diameter that did not grow by more than measuring can err, and is above the bore', () => {
		const f = setup({ wheel: WHEEL });
		for (const mm of [290, 290.02, 76.3]) expect(checkDiameter(f, mm)).to.equal(mm);
		faults('above-maximum', 'diameterAfterMm', () => checkDiameter(f, 290.03));
		faults('below-minimum', 'diameterAfterMm', () => checkDiameter(f, 76.2));
	});
	it('a figure nobody typed is said to come from the shop, a typed one is not', () => {
		const mounted = worked('mount.flange');
		const words = (facts: SetupFacts, values: object): string => {
			try {
				computeStep(flangeStep, facts, { taperRunoutUm: null, ...FLANGE, ...values } as never);
			} catch (e) {
				return (e as InputFault).message;
			}
			throw new Error('it was taken');
		};
		expect(words(mounted, { backRecessDiameterMm: 115 })).not.to.match(/shop keeps/);
		expect(words({ ...mounted, wheel: { ...mounted.wheel!, boreMm: 290 } }, {})).to.match(
			/shop keeps of wheel/
		);
	});
});

describe('sums over the history of a setup', () => {
	const record = (more: Partial<RecordFacts>): RecordFacts =>
		({
			wheelId: 11,
			station: 'balance',
			step: 'swing',
			calculation: 'balance.tolerance',
			entered: {},
			input: {},
			output: {},
			...more
		}) as RecordFacts;
	it('counts the rolls of the wheel now taken, and nothing else for one', () => {
		const rolls = (...list: Partial<RecordFacts>[]) => sumsOf(list.map(record), 11).rolls;
		expect(rolls({}, {}, {})).to.equal(3);
		expect(
			rolls({ wheelId: 12 }, { station: 'true' }, { step: 'track' }, { calculation: 'balance.weights' })
		).to.equal(0);
	});
	it('counts bookings and parts since the release', () => {
		const entry = (partsGround: number | null) =>
			record({ station: 'keep', step: 'entry', entered: { partsGround } });
		const sums = sumsOf(
			[entry(4), entry(null), entry(3), record({ station: 'keep' }), record({ step: 'entry', wheelId: 12 })],
			11
		);
		expect(sums).to.deep.equal({ ...NO_SUMS, bookings: 3, partsGround: 7, partsSinceDress: 7 });
	});
});

describe('the words of a refusal', () => {
	it('names the station and the line that come first', () => {
		expect(refuse(setup({ stations: ['brief', 'select'] }), 'dress', 'position')).to.deep.equal({
			code: 'not-on-route',
			message: 'Dress is not on the route of this setup.'
		});
		const early = refuse(worked('mount.fit'), 'dress', 'position')!;
		expect(early.message).to.match(/^Mount comes first: [a-z]/);
		expect(refuse(worked('dress.position'), 'dress', 'done')!.message).to.match(
			/^Diamond past centre comes first \(/
		);
		const wrongSide = did(worked('dress.position'), 'dress', 'position', { offsetMm: 6, dragAngleDeg: 12 });
		expect(refuse(wrongSide, 'dress', 'done')!.message).to.match(/^Stopped: The diamond stands/);
		expect(refuse(wrongSide, 'prove', 'release')!.message).to.match(/^Stopped at Dress: The diamond stands/);
	});
	it('a finished setup says so and takes nothing', () => {
		const f: SetupFacts = { ...worked(), state: 'finished' };
		expect(decide(f).next).to.equal('Finished');
		expect(decide(worked()).next).not.to.equal('Finished');
		expect(refuse(f, 'keep', 'entry')?.code).to.equal('setup-finished');
		expect(decide(f).stations.every((s) => s.state !== 'blocked')).to.equal(true);
		expect(lineOf(decide(f), 'dress', 'no-such-line')).to.equal(null);
	});
});
