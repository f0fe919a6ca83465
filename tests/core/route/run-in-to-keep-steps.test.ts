import { redressDue } from '../../../src/core/route/stations/keep/due.js';
import { setupStatus } from '../../../src/core/route/setup-status.js';
import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { StationId } from '../../../src/core/route/station-names.js';
import { passes } from '../../../src/core/route/gate.js';
import { runningSince } from '../../../src/core/route/stations/run-in/outcome.js';
import { prerequisites } from '../../../src/core/route/stations/run-in/start.js';
import { provenSoFar } from '../../../src/core/route/stations/prove/steps.js';
import { stepOf } from '../../../src/core/route/steps.js';
import type { ExtraCheck } from '../../../src/core/route/templates.js';
import { current, did, faults, later, line, setup, worked, recordOf } from '../../shared/setup-in-memory.js';
import { FLANGE } from '../../shared/good-work.js';

const out = (f: SetupFacts, station: StationId, step: string) =>
	recordOf(f, station, step)!.output as Record<string, unknown>;

describe('Run in: nothing turns before everything was shown', () => {
	it('names what was shown, what is missing and what was accepted with a reason', () => {
		expect(prerequisites(worked('mount.tighten')).filter((p) => p.verdict !== 'ok')).to.deep.equal([
			{ id: 'mount.tighten', verdict: 'missing' }
		]);
		expect(prerequisites(worked('run-in.start')).every((p) => p.verdict === 'ok')).to.equal(true);
		const dirty = (reason: string | null) =>
			did(worked('mount.flange'), 'mount', 'flange', { ...FLANGE, clean: false }, reason);
		expect(prerequisites(dirty(null)).find((p) => p.id === 'mount.flange')!.verdict).to.equal('caution');
		expect(
			prerequisites(dirty('Wiped and looked at again')).find((p) => p.id === 'mount.flange')!.verdict
		).to.equal('ok');
	});
	it('an open guard or somebody in line is a stop, and its clock does not run', () => {
		for (const more of [{ guardClosed: false }, { peopleClear: false }]) {
			const f = did(worked('run-in.start'), 'run-in', 'start', {
				guardClosed: true,
				peopleClear: true,
				firstRun: true,
				...more
			});
			expect(line(f, 'run-in', 'start')!.state).to.equal('stop');
			expect(runningSince(f)).to.equal(null);
			expect(refuse(f, 'run-in', 'outcome')!.message).to.match(/^Stopped/);
		}
	});
	it('a first run is longer than one after it, and a worn wheel is not allowed more', () => {
		const run = (firstRun: boolean) =>
			runningSince(
				did(worked('run-in.start'), 'run-in', 'start', { guardClosed: true, peopleClear: true, firstRun })
			)!.requiredS;
		expect(run(true)).to.equal(2 * run(false));
		expect(out(worked('run-in.outcome'), 'run-in', 'speed').limitRpm as number).to.be.closeTo(
			(40 * 60000) / (Math.PI * 300),
			1e-6
		);
	});
	it('guard first: with the wheel on, the tachometer is read after a guarded start; the bare spindle at any time', () => {
		const read = (stage: string) =>
			did(worked('run-in.start'), 'run-in', 'speed', { measuredRpm: 2300, stage });
		faults('guard-first', 'stage', () => read('after-wheel'));
		expect(line(read('before-wheel'), 'run-in', 'speed')!.state).to.equal('ok');
		const open = did(worked('run-in.start'), 'run-in', 'start', {
			guardClosed: false,
			peopleClear: true,
			firstRun: true
		});
		faults('guard-first', 'stage', () =>
			did(open, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' })
		);
	});
	it('a wheel that ran faster than it may is set aside; a bare spindle hurts none', () => {
		const started = worked('run-in.speed');
		const fast = (f: SetupFacts, stage: string) => did(f, 'run-in', 'speed', { measuredRpm: 2600, stage });
		const ran = fast(started, 'after-wheel');
		expect(ran.wheel!.state).to.equal('quarantined');
		expect(ran.state).to.equal('stopped');
		expect(fast(worked('run-in.start'), 'before-wheel').wheel!.state).to.equal('mounted');
		// It is judged already: giving the setup up asks nothing of it and takes nothing back.
		const given = did(ran, 'keep', 'give-up', { reason: 'ran too fast, set aside' });
		expect([given.state, given.wheel!.state]).to.deep.equal(['finished', 'quarantined']);
	});
	it('a knock is booked the moment it is heard, before the tachometer and before the time is up', () => {
		const f = did(later(worked('run-in.speed'), 4), 'run-in', 'outcome', { heard: 'knock' });
		expect(line(f, 'run-in', 'outcome')).to.include({ state: 'stop' });
		expect(line(f, 'run-in', 'outcome')!.value).to.match(/not a healthy sound/);
	});
	it('what was heard decides: a knock or a smell stops it', () => {
		const f = worked('run-in.outcome');
		for (const more of [
			{ heard: 'knock' },
			{ heard: 'normal', smokeOrSmell: true },
			{ heard: 'normal', vibrationMmPerS: 5 }
		])
			expect(line(did(later(f, 900), 'run-in', 'outcome', more), 'run-in', 'outcome')!.state).to.equal(
				'stop'
			);
	});
});

describe('Dress: what the shop knows goes in', () => {
	it('the tip from the diamond on record, the speed from the machine, the grain from the wheel', () => {
		const input = recordOf(worked('dress.done'), 'dress', 'settings', 'dress.single-point')!.input;
		expect(input).to.include({
			tipRadiusUm: 250,
			wheelSpeedRpm: 2300,
			grainSizeUm: 185,
			abrasive: 'alumina',
			ratedSpeedMps: 40
		});
	});
	it('a diamond on the ingoing side is a stop, the other way round when the spindle turns the other way', () => {
		const at = (offsetMm: number, rotation: 'cw' | 'ccw') =>
			line(
				did({ ...worked('dress.position'), machine: { ...setup().machine, rotation } }, 'dress', 'position', {
					offsetMm,
					dragAngleDeg: 12
				}),
				'dress',
				'position'
			)!.state;
		expect(at(-6, 'cw')).to.not.equal('stop');
		expect(at(6, 'cw')).to.equal('stop');
		expect([at(-6, 'ccw'), at(6, 'ccw') === 'stop']).to.deep.equal(['stop', false]);
	});
	it('not even across the face: dress again', () => {
		const f = did(worked('dress.done'), 'dress', 'done', { soundEven: false, diameterAfterMm: 289.6 });
		expect(line(f, 'dress', 'sound')).to.include({ state: 'open', value: 'not even: dress again' });
		expect(current(f)).to.equal('dress');
	});
	it('says what is missing by its name', () => {
		faults('missing', 'traverseMmPerMin', () =>
			did(worked('dress.settings'), 'dress', 'settings', { depthUm: 20, coolant: 'continuous', passes: 3 })
		);
		faults('missing', 'dresser', () =>
			did({ ...worked('dress.settings'), dressers: [] }, 'dress', 'settings', {
				depthUm: 20,
				traverseMmPerMin: 200,
				coolant: 'continuous',
				passes: 3
			})
		);
		faults('unknown-choice', 'step', () => stepOf('dress', 'polish'));
	});
});

describe('Prove: the release sheet fills itself from the records', () => {
	const CUT = {
		raUm: 0.55,
		burnSeen: false,
		chatterSeen: false,
		crackSeen: false,
		guardClosed: true,
		soundNormal: true
	};
	const proved = (more: object, f = worked('prove.release')) =>
		did(f, 'prove', 'release', { ...CUT, ...more });
	it('with speed, balance, run-out and dress as they were measured', () => {
		const known = provenSoFar(worked('prove.release'));
		expect(known).to.include({ runInDone: true, speedRpm: 2300, runOutUm: 5, dressSoundEven: true });
		expect(known.balanceResidualGmm as number).to.be.below(known.balanceLimitGmm as number);
	});
	it('everything holds: released', () => {
		expect(proved({}).state).to.equal('released');
	});
	it('too rough, burnt or chattering: only with a written reason', () => {
		for (const more of [{ raUm: 0.9 }, { burnSeen: true }, { chatterSeen: true }, { soundNormal: false }]) {
			expect(proved(more).state, JSON.stringify(more)).to.equal('under-way');
			expect(proved({ ...more, overrideReason: 'short one' }).state, 'nine characters are none').to.equal(
				'under-way'
			);
			expect(proved({ ...more, overrideReason: 'Agreed with the lead for this lot' }).state).to.equal(
				'released'
			);
		}
	});
	it('a crack or an open guard is never released, whatever is written', () => {
		for (const [more, state] of [
			// A cracked wheel is set aside, and the setup stops with it.
			[{ crackSeen: true }, 'stopped'],
			[{ guardClosed: false }, 'under-way']
		] as const) {
			const f = proved({ ...more, overrideReason: 'Agreed with the lead for this lot' });
			expect(f.state).to.equal(state);
			expect(line(f, 'prove', 'released')!.state).to.equal('stop');
		}
	});
	it('what the route leaves out is left out of the sheet, except what protects people', () => {
		const short: SetupFacts = {
			...worked('true.runout'),
			stations: ['brief', 'select', 'inspect', 'mount', 'run-in', 'prove', 'keep']
		};
		const f = proved({}, short);
		expect(f.state).to.equal('released');
		expect((out(f, 'prove', 'release').checks as { name: string }[]).map((c) => c.name))
			.to.include.members(['crackSeen', 'guardClosed', 'runInDone', 'speedRpm'])
			.and.not.include('balanceResidualGmm');
	});
});

describe('checks a shop has added', () => {
	const COOLANT: ExtraCheck = {
		id: 'coolant',
		station: 'run-in',
		text: 'Coolant concentration',
		kind: 'number',
		unit: '%',
		atMost: 8
	};
	const GLASSES: ExtraCheck = {
		id: 'glasses',
		station: 'run-in',
		text: 'Safety glasses on',
		kind: 'yes',
		unit: '',
		atMost: null
	};
	const f = (): SetupFacts => ({
		...worked('true.runout'),
		route: { ...setup().route, checks: [COOLANT, GLASSES] }
	});
	it('hold their station until they are answered, each by itself', () => {
		expect(current(f())).to.equal('run-in');
		const one = did(f(), 'run-in', 'check', { checkId: 'coolant', value: 6 });
		expect(line(one, 'run-in', 'check-coolant')).to.include({ state: 'ok', value: '6 %, at most 8' });
		expect(passes(line(one, 'run-in', 'check-glasses')!)).to.equal(false);
		expect(current(did(one, 'run-in', 'check', { checkId: 'glasses', yes: true }))).to.equal('true');
	});
	it('over the limit or answered no is a stop, until it is answered again', () => {
		const bad = did(did(f(), 'run-in', 'check', { checkId: 'coolant', value: 9 }), 'run-in', 'check', {
			checkId: 'glasses',
			yes: false
		});
		expect(line(bad, 'run-in', 'check-coolant')!.state).to.equal('stop');
		expect(line(bad, 'run-in', 'check-glasses')!.state).to.equal('stop');
		expect(
			line(did(bad, 'run-in', 'check', { checkId: 'coolant', value: 8 }), 'run-in', 'check-coolant')!.state
		).to.equal('ok');
	});
	it('belong to their station and want their answer', () => {
		faults('unknown-choice', 'checkId', () => did(f(), 'mount', 'check', { checkId: 'coolant', value: 6 }));
		faults('missing', 'value', () => did(f(), 'run-in', 'check', { checkId: 'coolant' }));
		faults('missing', 'yes', () => did(f(), 'run-in', 'check', { checkId: 'glasses' }));
	});
});

describe('Keep: a dress that falls due', () => {
	const released = worked();
	const book = (f: SetupFacts, more: object) =>
		did(f, 'keep', 'entry', {
			what: 'ground-on',
			diameterAfterMm: 289.5,
			partsGround: 10,
			targetMps: 30,
			...more
		});
	it('by the parts since the last one, and starts anew with it', () => {
		const ten = book(released, { redressAfterParts: 20 });
		expect(redressDue(ten)).to.equal(null);
		expect(setupStatus(ten)).to.include({ word: 'Ready to grind' });
		const twenty = book(ten, {});
		expect(redressDue(twenty)).to.deep.equal({ ground: '20 parts ground', after: 'after 20' });
		expect(setupStatus(twenty)).to.include({ state: 'caution', word: 'Redress due' });
		expect(redressDue(book(twenty, { what: 'redressed', diameterAfterMm: 289.3 }))).to.equal(null);
	});
	it('a figure that is probably a slip is asked about, and taken when it is said to be right', () => {
		faults('really', 'diameterAfterMm', () => book(released, { diameterAfterMm: 170 }));
		faults('really', 'diameterAfterMm', () => book(released, { diameterAfterMm: 240 }));
		expect(book(released, { diameterAfterMm: 240, sure: true }).wheel!.diameterMm).to.equal(240);
	});
});
