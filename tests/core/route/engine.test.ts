import { expect } from 'chai';
import fc from 'fast-check';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { hardStops } from '../../../src/core/route/hard-stops.js';
import { STATIONS, type StationId } from '../../../src/core/route/station-names.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { passes } from '../../../src/core/route/gate.js';
import { WHEEL, WORK, current, did, later, line, setup, took, worked } from '../../shared/setup-in-memory.js';
import { FLANGE } from '../../shared/good-work.js';

describe('route: from brief to release', () => {
	it('moves on one station after the other and ends at Keep', () => {
		const seen: StationId[] = [];
		let f = setup();
		for (const [, work] of WORK) {
			f = work(f);
			if (seen.at(-1) !== current(f)) seen.push(current(f));
		}
		expect(seen).to.deep.equal([
			'select',
			'inspect',
			'mount',
			'run-in',
			'true',
			'balance',
			'dress',
			'prove',
			'keep'
		]);
		expect(f.state).to.equal('released');
		expect(decide(f)).to.include({ next: 'Booked in the ledger' });
		f = did(f, 'keep', 'entry', { what: 'redressed', diameterAfterMm: 289, partsGround: 40, targetMps: 30 });
		expect(decide(f).next).to.equal('Ready to grind');
		expect(f.wheel!.diameterMm).to.equal(289);
	});
	it('refuses every step of a station while one before it is open', () => {
		for (const [name] of WORK.slice(2)) {
			const f = worked(name);
			const at = f.stations.indexOf(current(f));
			for (const station of f.stations.slice(at + 1)) {
				const refused = refuse(f, station, 'check');
				expect(refused, `${station} while at ${current(f)}`).to.not.equal(null);
				expect(refused!.message).to.match(/comes first|Stopped/);
			}
		}
	});
	it('names the line that is open, and only that one is to be done now', () => {
		for (const [name] of WORK) {
			const d = decide(worked(name));
			const here = d.stations.find((s) => s.id === d.current)!;
			const open = here.lines.find((l) => !passes(l))!;
			expect(d.next).to.equal(open.title);
			// Far too much unbalance is a stop until the weights have been moved; anything else is simply next.
			expect(open.state, name).to.equal(name === 'balance.move' ? 'stop' : 'now');
			expect(here.lines.filter((l) => l.state === 'now')).to.have.length(name === 'balance.move' ? 0 : 1);
			expect(d.stations.filter((s) => s.state === 'current' || s.state === 'blocked')).to.have.length(1);
		}
	});
	it('keeps a station that is not on the route out, and everything once the setup is finished', () => {
		expect(refuse(setup(), 'machine', 'runout')!.code).to.equal('not-on-route');
		for (const s of setup().stations)
			expect(refuse({ ...worked(), state: 'finished' }, s, 'entry')!.code).to.equal('setup-finished');
	});
	it('leaves only Keep and dressing again open after the release', () => {
		const f = worked();
		expect(refuse(f, 'keep', 'entry')).to.equal(null);
		expect(refuse(f, 'dress', 'again')).to.equal(null);
		expect(refuse(f, 'dress', 'done')!.code).to.equal('released');
		for (const s of f.stations.filter((x) => x !== 'keep' && x !== 'dress'))
			expect(refuse(f, s, 'check')!.code).to.equal('released');
	});
	it('asks for the steps of a station in their order', () => {
		expect(refuse(worked('inspect.look'), 'inspect', 'ring')!.code).to.equal('inspect.look');
		expect(refuse(worked('mount.fit'), 'mount', 'tighten')!.code).to.equal('mount.fit');
		expect(refuse(worked('mount.thread'), 'mount', 'tighten')!.code).to.equal('mount.thread');
		expect(refuse(worked('run-in.start'), 'run-in', 'outcome')!.code).to.equal('run-in.start');
		expect(refuse(worked('true.runout'), 'true', 'after')!.code).to.equal('true.read');
		expect(refuse(worked('dress.position'), 'dress', 'done')!.code).to.equal('dress.position');
		expect(refuse(worked('dress.settings'), 'dress', 'done')!.code).to.equal('dress.settings');
	});
});

const STOPPING: Record<string, (f: SetupFacts) => SetupFacts> = {
	'machine-locked-out': (f) => ({ ...f, machine: { ...f.machine, lockedOut: true } }),
	'setup-stopped': (f) => ({ ...f, state: 'stopped' }),
	...Object.fromEntries(
		Object.entries({
			'wheel-quarantined': { state: 'quarantined' },
			'wheel-scrapped': { state: 'scrapped' },
			'wheel-held': { heldBy: 99 },
			'rating-unknown': { ratedMps: null, ratedRpm: null },
			'rated-speed-too-low': { ratedMps: null, ratedRpm: 2299 },
			'bore-mismatch': { boreMm: 76 },
			expired: { expiresOn: '2026-05-31' },
			'worn-out': { diameterMm: 179 },
			'superabrasive-single-layer': { bondFamily: 'plated' }
		} satisfies Record<string, Partial<WheelFacts>>).map(([code, more]) => [
			code,
			(f: SetupFacts): SetupFacts => ({ ...f, wheel: f.wheel && { ...f.wheel, ...more } })
		])
	)
};

describe('route: stops', () => {
	for (const [code, make] of Object.entries(STOPPING))
		it(`${code}: nothing but another choice is recorded, wherever the setup is`, () => {
			for (const [name] of WORK.slice(2)) {
				const f = make(worked(name));
				expect(hardStops(f).map((s) => s.code)).to.deep.equal([code]);
				for (const station of f.stations) {
					const refused = refuse(f, station, 'check');
					if (station !== 'select') {
						expect(refused?.code, `${station} at ${name}`).to.equal(code);
						continue;
					}
					// Another wheel may be chosen, except where it is not the wheel that is wrong.
					expect(refused?.code).to.equal(
						code === 'machine-locked-out' || code === 'setup-stopped' ? code : undefined
					);
				}
				const d = decide(f);
				expect(d.next).to.equal(d.blocked[0]!.message);
				expect(d.stations.find((s) => s.id === d.current)!.state).to.equal('blocked');
			}
		});
	it('one of them is enough, whatever else holds or not', () =>
		fc.assert(
			fc.property(
				fc.subarray(Object.keys(STOPPING), { minLength: 1 }),
				fc.constantFrom(...WORK.slice(2).map(([n]) => n)),
				fc.constantFrom(...STATIONS.filter((s) => s !== 'select' && s !== 'machine')),
				(codes, name, station) => {
					const f = codes.reduce((x, c) => STOPPING[c]!(x), worked(name));
					expect(refuse(f, station, 'check')).to.not.equal(null);
					expect(decide(f).blocked.length).to.be.at.least(1);
				}
			),
			{ numRuns: 60 }
		));
	it('a wheel of the pack that is set aside stops all of it', () => {
		const f = {
			...worked('mount.fit'),
			companions: [
				{
					wheel: { ...WHEEL, number: '0412', state: 'quarantined' as const, stateReason: 'chip' },
					look: null,
					ring: null
				}
			]
		};
		expect(refuse(f, 'mount', 'fit')).to.deep.equal({
			code: 'wheel-quarantined',
			message: 'Wheel 0412 of the pack is quarantined: chip'
		});
	});
	it('a printed speed counts at the size the wheel had when new: wear does not make it faster', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 180, max: 300, noNaN: true }),
				fc.integer({ min: 500, max: 6000 }),
				(diameterMm, rpm) => {
					const f = took(did(setup(), 'brief', 'brief'));
					const stopped = hardStops({
						...f,
						wheel: { ...f.wheel!, diameterMm },
						machine: { ...f.machine, spindleRpm: rpm }
					}).some((s) => s.code === 'rated-speed-too-low');
					expect(stopped).to.equal(rpm > (40 * 60000) / (Math.PI * 300));
				}
			)
		));
	it('a record that says stop holds its station, and no written reason lifts it', () => {
		const reason = 'We are in a hurry and have always done it so';
		const hung = did(
			worked('mount.fit'),
			'mount',
			'fit',
			{ boreMm: 76.1, arborMm: 76.2, forced: true },
			reason
		);
		expect(line(hung, 'mount', 'fit')).to.include({ state: 'stop', needsReason: false });
		expect(refuse(hung, 'run-in', 'speed')!.message).to.match(/^Stopped at Mount/);
		const fast = did(
			worked('run-in.start'),
			'run-in',
			'speed',
			{ measuredRpm: 2600, stage: 'before-wheel' },
			reason
		);
		expect(refuse(fast, 'run-in', 'start')!.message).to.match(/^Stopped/);
	});
	it('a caution holds until a reason is written', () => {
		const dirty = (reason: string | null) =>
			did(worked('mount.flange'), 'mount', 'flange', { ...FLANGE, clean: false }, reason);
		expect(line(dirty(null), 'mount', 'flange')).to.include({ state: 'caution', needsReason: true });
		expect(refuse(did(dirty(null), 'mount', 'thread'), 'mount', 'tighten')!.code).to.equal('mount.flange');
		expect(passes(line(dirty('Wiped right after it was looked at'), 'mount', 'flange')!)).to.equal(true);
	});
});

describe('route: the clock', () => {
	it('a free run counts from its start, by the clock of the server', () => {
		const f = worked('run-in.outcome');
		const early = did(later(f, 5), 'run-in', 'outcome', { heard: 'normal' });
		expect(passes(line(early, 'run-in', 'outcome')!)).to.equal(false);
		expect(
			passes(line(did(later(f, 900), 'run-in', 'outcome', { heard: 'normal' }), 'run-in', 'outcome')!)
		).to.equal(true);
	});
	it('a start made again takes the outcome of the one before away', () => {
		const again = did(worked('true.runout'), 'run-in', 'start', {
			guardClosed: true,
			peopleClear: true,
			firstRun: true
		});
		expect(line(again, 'run-in', 'outcome')!.state).to.equal('open');
		expect(current(again)).to.equal('run-in');
	});
});
