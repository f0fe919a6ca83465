import { expect } from 'chai';
import fc from 'fast-check';
import { refuse } from '../../../src/core/route/engine.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import type { Companion, SetupFacts, WheelFacts } from '../../../src/core/route/facts.js';
import { passes } from '../../../src/core/route/gate.js';
import { linesOf } from '../../../src/core/route/stations/index.js';
import { curing } from '../../../src/core/route/stations/mount/glue.js';
import type { Mounting } from '../../../src/core/route/templates.js';
import {
	MOUNT,
	WHEEL,
	did,
	faults,
	later,
	line,
	setup,
	took,
	worked,
	recordOf
} from '../../shared/setup-in-memory.js';
import { FLANGE, SEEN } from '../../shared/good-work.js';

const held = (mounting: Mounting, more: Partial<SetupFacts> = {}): SetupFacts =>
	setup({ route: { ...setup().route, mounting }, ...more });
/** Looked over and rung; small or glued wheels are not rung. */
function inspected(f: SetupFacts, wheel: WheelFacts = WHEEL, rung = true): SetupFacts {
	const looked = did(took(did(f, 'brief', 'brief'), wheel), 'inspect', 'look', SEEN);
	return did(
		looked,
		'inspect',
		'ring',
		{ taps: rung ? Array.from({ length: 8 }, () => 'clear') : [] },
		rung ? null : 'Too small to ring, looked at closely'
	);
}
const keys = (f: SetupFacts) => linesOf('mount', f, Evidence.of(f)).map((l) => l.key);
const open = (f: SetupFacts) =>
	linesOf('mount', f, Evidence.of(f))
		.filter((l) => !passes(l))
		.map((l) => l.key);
const out = (f: SetupFacts, step: string, calculation?: string) =>
	recordOf(f, 'mount', step, calculation)!.output as Record<string, number>;

describe('Mount: between flanges', () => {
	it('asks for fit, flanges, thread and tightening, and no more', () => {
		expect(keys(worked('mount.fit'))).to.deep.equal(['fit', 'flange', 'thread', 'tighten']);
		expect(open(worked('run-in.speed'))).to.deep.equal([]);
	});
	it('knows mass and clamping from the shop: only what is measured is asked', () => {
		const f = worked('run-in.speed');
		expect(recordOf(f, 'mount', 'fit')!.input.massKg as number).to.be.within(4, 4.6);
		expect(recordOf(f, 'mount', 'flange', 'mount.flange-check')!.input.clampForceN).to.be.closeTo(
			(6 * 12) / (0.2 * 0.008),
			1e-9
		);
	});
	it('a taper that runs out holds the nut back, and counts only with the flanges it was measured with', () => {
		const out = did(worked('mount.flange'), 'mount', 'flange', { ...FLANGE, taperRunoutUm: 60 });
		expect(line(out, 'mount', 'taper')!.state).to.not.equal('ok');
		expect(refuse(did(out, 'mount', 'thread'), 'mount', 'tighten')!.code).to.equal('mount.taper');
		const again = did(out, 'mount', 'flange', FLANGE);
		expect(line(again, 'mount', 'taper')).to.equal(undefined);
	});
	it('a wheel is never forced, whatever the play', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.005, max: 0.25, noNaN: true }), (play) => {
				const f = did(worked('mount.fit'), 'mount', 'fit', {
					boreMm: 76.2 + play,
					arborMm: 76.2,
					forced: true
				});
				expect(line(f, 'mount', 'fit')!.state).to.equal('stop');
			}),
			{ numRuns: 30 }
		));
	it('a thread that running would loosen is a stop', () => {
		const nut = {
			...worked('mount.thread'),
			mount: {
				...MOUNT,
				retention: 'single-nut' as const,
				screwCount: null,
				torqueNm: null,
				screwDiameterMm: null
			}
		};
		const states = (['left', 'right'] as const).map(
			(threadHand) =>
				line(did({ ...nut, mount: { ...nut.mount, threadHand } }, 'mount', 'thread'), 'mount', 'thread')!
					.state
		);
		expect(states).to.have.members(['ok', 'stop']);
		const turned = (['left', 'right'] as const).map(
			(threadHand) =>
				line(
					did(
						{ ...nut, machine: { ...nut.machine, rotation: 'ccw' }, mount: { ...nut.mount, threadHand } },
						'mount',
						'thread'
					),
					'mount',
					'thread'
				)!.state
		);
		expect(turned, 'the other way round, the other hand').to.deep.equal([...states].reverse());
	});
	it('is not tightened by saying no', () => {
		faults('inconsistent', 'done', () => did(worked('mount.tighten'), 'mount', 'tighten', { done: false }));
		expect(
			out(worked('run-in.speed'), 'tighten').screwCount ??
				recordOf(worked('run-in.speed'), 'mount', 'tighten')!.input.screwCount
		).to.equal(6);
	});
});

describe('Mount: a tool pack', () => {
	const ARBOR = {
		seatDiameterMm: 76.19,
		seatLengthMm: 40,
		threadEndMm: 80,
		nutThicknessMm: 20,
		maxSpeedRpm: 4000
	};
	const part = (kind: string, more: object) => ({
		kind,
		name: null,
		thicknessMm: 10,
		boreMm: 76.2,
		diameterMm: null,
		maxSpeedRpm: null,
		maxSpeedMps: null,
		rimBackOffsetMm: 0,
		rimWidthMm: null,
		cornerRadiusBackMm: null,
		cornerRadiusFrontMm: null,
		fingerRadialUm: null,
		fingerAxialUm: null,
		measured: null,
		...more
	});
	const lead = (more: object = {}) =>
		part('wheel', { name: '0411', thicknessMm: 32, diameterMm: 290, maxSpeedMps: 40, ...more });
	const WHOLE = [lead(), part('washer', {})];
	const start = () => inspected(held('pack'));
	const stack = (f: SetupFacts, items: object[], stage = 'plan') =>
		did(f, 'mount', 'pack', { arbor: ARBOR, stage, items });
	const companion = (more: Partial<Companion> = {}): Companion => ({
		wheel: { ...WHEEL, id: 12, number: '0412' },
		look: { id: 900, verdict: 'ok', mayProceed: true },
		ring: { id: 901, verdict: 'ok', mayProceed: true },
		...more
	});

	it('asks for the stack, thread and tightening, measuring and standing for it', () => {
		expect(keys(start())).to.deep.equal(['stack', 'thread', 'tighten', 'measured', 'qualified']);
		expect(keys({ ...start(), companions: [companion()] })).to.include('companions');
	});
	it('belongs to this setup: its wheel is in it, at a speed it is marked with', () => {
		faults('inconsistent', 'items', () => stack(start(), [lead({ name: '0999' })]));
		faults('above-maximum', 'items.0.maxSpeedMps', () => stack(start(), [lead({ maxSpeedMps: 45 })]));
	});
	it('runs no faster than its slowest part allows', () => {
		const second = { ...WHEEL, id: 12, number: '0412' };
		const f = stack({ ...start(), named: [WHEEL, second] }, [
			lead(),
			part('spacer', { thicknessMm: 20 }),
			part('wheel', { name: '0412', thicknessMm: 20, diameterMm: 290, maxSpeedRpm: 2400 })
		]);
		expect(out(f, 'pack').maxSpeedRpm).to.equal(2400);
		const slow = stack({ ...start(), named: [WHEEL, second] }, [
			lead(),
			part('wheel', { name: '0412', thicknessMm: 20, diameterMm: 290, maxSpeedRpm: 2200 })
		]);
		expect(line(slow, 'mount', 'stack')!.state, 'the spindle runs 2300').to.equal('stop');
	});
	it('a bore that does not belong on the arbor is a stop', () => {
		const state = (boreMm: number) =>
			line(stack(start(), [lead(), part('washer', { boreMm })]), 'mount', 'stack')!.state;
		expect([76.2, 76.18, 75].map(state)).to.deep.equal(['ok', 'stop', 'stop']);
	});
	it('waits for the look and the ring of the wheels beside the first, and says which', () => {
		const f = {
			...stack(start(), WHOLE),
			companions: [companion(), companion({ wheel: { ...WHEEL, id: 13, number: '0413' }, ring: null })]
		};
		expect(line(f, 'mount', 'companions')).to.include({ state: 'open', value: '0413: at the rack' });
		const dull = { ...f, companions: [companion({ ring: { id: 901, verdict: 'stop', mayProceed: false } })] };
		expect(line(dull, 'mount', 'companions')).to.include({
			state: 'stop',
			value: '0412 did not pass. Take another one.'
		});
		expect(refuse(did(dull, 'mount', 'thread'), 'mount', 'tighten')!.code).to.equal('mount.companions');
	});
	it('is stood for as it is; measured again it has to be stood for again', () => {
		const measured = {
			rimBackMm: 0,
			rimFrontMm: 32,
			diameterMm: 290,
			radialRunoutUm: 8,
			axialRunoutUm: 6,
			revision: 1,
			confirmedRevision: 1,
			cornerRadiusBackMm: null,
			cornerRadiusFrontMm: null
		};
		let f = stack(start(), [lead({ measured }), part('washer', {})], 'release');
		expect(line(f, 'mount', 'qualified')!.state).to.equal('ok');
		f = stack(
			f,
			[lead({ measured: { ...measured, radialRunoutUm: 9, revision: 2 } }), part('washer', {})],
			'release'
		);
		expect(line(f, 'mount', 'qualified')!.state).to.not.equal('ok');
	});
});

describe('Mount: glued to a quill', () => {
	const SMALL: WheelFacts = {
		...WHEEL,
		diameterMm: 30,
		newDiameterMm: 32,
		widthMm: 20,
		boreMm: 10,
		minDiameterMm: 18,
		massKg: 0.04,
		ratedMps: 50
	};
	const GRINDER = {
		...setup().machine,
		seatMm: 10,
		spindleRpm: 20000,
		spindleRpmMin: 5000,
		spindleRpmMax: 30000,
		maxDiameterMm: 50,
		maxWidthMm: 30,
		balanceClass: 'internal'
	};
	const start = () =>
		inspected(
			held('quill', { machine: GRINDER, mount: { ...MOUNT, seatMm: 10, retention: 'flange-screws' } }),
			SMALL,
			false
		);
	const QUILL = {
		material: 'steel',
		overhangMm: 50,
		quillDiameterMm: 14,
		normalForceN: 12,
		quillMaxRpm: 30000,
		minimumWidthMm: 8,
		nextDressDepthUm: 10,
		workBoreMm: 45
	};
	const GLUE = {
		done: { scuffed: true, degreased: true, mixed: true, coated: true, spread: true },
		temperatureC: 22,
		baseCureH: 12,
		baseTemperatureC: 20,
		potLifeMin: 20,
		mixToBondMin: 8,
		wheelHoleMm: 10,
		studMm: 9.85,
		bondLengthMm: 18,
		tangentialForceN: 15,
		axialForceN: 5,
		shearStrengthMPa: 10
	};

	it('a small wheel is not rung; somebody says why that will do', () => {
		expect(line(start(), 'inspect', 'ring')).to.include({
			state: 'caution',
			reason: 'Too small to ring, looked at closely'
		});
		expect(keys(start())).to.deep.equal(['quill', 'glued', 'cured', 'thread', 'tighten']);
	});
	it('a longer quill never whirls later', () =>
		fc.assert(
			fc.property(fc.integer({ min: 20, max: 120 }), fc.integer({ min: 1, max: 60 }), (overhangMm, more) => {
				const ratio = (mm: number) =>
					out(did(start(), 'mount', 'quill', { ...QUILL, overhangMm: mm }), 'quill').criticalRatio!;
				expect(ratio(overhangMm + more)).to.be.above(ratio(overhangMm));
			}),
			{ numRuns: 30 }
		));
	it('above its critical speed it is a stop that no reason lifts', () => {
		const f = did(
			start(),
			'mount',
			'quill',
			{ ...QUILL, overhangMm: 200, quillDiameterMm: 6 },
			'It has always run like that here'
		);
		expect(line(f, 'mount', 'quill')!.state).to.equal('stop');
		expect(refuse(f, 'run-in', 'speed')!.message).to.match(/^Stopped at Mount/);
	});
	it('the joint counts its hours by the clock and from the last time it was made', () => {
		const plain = did(start(), 'mount', 'quill', QUILL);
		expect(refuse(plain, 'mount', 'cured')!.code).to.equal('mount.glued');
		const glued = did(plain, 'mount', 'glue', GLUE);
		const needS = curing(glued)!.requiredS;
		expect(needS).to.be.above(3600);
		expect(line(glued, 'mount', 'cured')!.value).to.match(/h to stand/);
		expect(line(later(glued, needS - 600), 'mount', 'cured')!.value).to.equal('10 min to stand');
		expect(line(later(glued, needS), 'mount', 'cured')!.value).to.equal('stood long enough: record it');
		const early = did(later(glued, needS / 2), 'mount', 'cured');
		expect(line(early, 'mount', 'cured')!.state).to.not.equal('ok');
		const cured = did(later(glued, needS + 1), 'mount', 'cured');
		expect(line(cured, 'mount', 'cured')!.state).to.equal('ok');
		expect(
			line(did(cured, 'mount', 'glue', GLUE), 'mount', 'cured')!.state,
			'made again, it cures again'
		).to.equal('open');
	});
});

describe('Mount: bench grinder and tool post', () => {
	const gap = (restGapMm: number, tongueGapMm = 5) =>
		did(inspected(held('bench')), 'mount', 'bench', {
			restGapMm,
			tongueGapMm,
			restAtCentre: true,
			guardsOn: true,
			shieldClear: true,
			boltedDown: true
		});
	it('a rest too far off, a tongue too far off or a guard left off never passes', () => {
		expect(passes(line(gap(2.5), 'mount', 'bench')!)).to.equal(true);
		expect(passes(line(gap(3.5), 'mount', 'bench')!)).to.equal(false);
		expect(passes(line(gap(2.5, 6.5), 'mount', 'bench')!)).to.equal(false);
		const bare = did(inspected(held('bench')), 'mount', 'bench', {
			restGapMm: 2,
			tongueGapMm: 5,
			restAtCentre: true,
			guardsOn: false,
			shieldClear: true,
			boltedDown: true
		});
		expect(line(bare, 'mount', 'bench')!.state).to.equal('stop');
	});
	it('a tool post comes to height before the wheel is fitted, with the ways covered', () => {
		const f = inspected(held('tool-post'));
		expect(keys(f)[0]).to.equal('tool-post');
		expect(
			refuse(
				did(
					did(
						did(f, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false }),
						'mount',
						'flange',
						FLANGE
					),
					'mount',
					'thread'
				),
				'mount',
				'tighten'
			)!.code
		).to.equal('mount.tool-post');
		const set = (more: object) =>
			line(
				did(f, 'mount', 'tool-post', {
					centreOffsetMm: 0.1,
					workDiameterMm: 40,
					grinding: 'external',
					waysCovered: true,
					wheelClearOfChuck: true,
					sizeToleranceUm: 20,
					...more
				}),
				'mount',
				'tool-post'
			)!;
		expect(set({}).state).to.equal('ok');
		expect(passes(set({ waysCovered: false }))).to.equal(false);
		expect(set({ wheelClearOfChuck: false }).state).to.equal('stop');
	});
});
