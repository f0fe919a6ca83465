import { expect } from 'chai';
import fc from 'fast-check';
import { refuse } from '../../../src/core/route/engine.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { assumedWords, curing } from '../../../src/core/route/stations/mount/glue.js';
import { MOUNT, WHEEL, did, faults, later, line, recordOf, setup } from '../../shared/setup-in-memory.js';
import { held, inspected, keys, out } from './on-mount.js';

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
	it('without data sheet and without a measured force the cautious end of what is usual is taken, and said', () => {
		const { baseCureH: _c, potLifeMin: _p, tangentialForceN: _t, shearStrengthMPa: _s, ...rest } = GLUE;
		const { normalForceN: _n, ...quill } = QUILL;
		const f = did(did(start(), 'mount', 'quill', { ...quill, cut: 'ordinary' }), 'mount', 'glue', {
			...rest,
			adhesive: 'slow-epoxy',
			cut: 'light',
			bondLengthMm: 22
		});
		expect(recordOf(f, 'mount', 'quill')!.input.normalForceN).to.equal(60);
		const { input, entered } = recordOf(f, 'mount', 'glue')!;
		expect(input).to.include({ baseCureH: 24, potLifeMin: 30, tangentialForceN: 10, shearStrengthMPa: 12 });
		expect(assumedWords(entered)).to.match(/^two-part epoxy, slow: cures in 12 to 24 h.*; light/);
		expect(line(f, 'mount', 'glued')!.value).to.match(/by usual figures$/);
		// What is read or measured counts before what is usual.
		const read = did(f, 'mount', 'glue', { ...GLUE, adhesive: 'slow-epoxy', cut: 'heavy' });
		expect(recordOf(read, 'mount', 'glue')!.input).to.include({ baseCureH: 12, tangentialForceN: 15 });
		expect(line(read, 'mount', 'glued')!.value).to.not.match(/usual/);
	});
	it('neither read nor picked is asked for by name', () => {
		const f = did(start(), 'mount', 'quill', QUILL);
		const { baseCureH: _c, ...rest } = GLUE;
		expect(faults('missing', 'baseCureH', () => did(f, 'mount', 'glue', rest)).message).to.match(
			/kind of adhesive/
		);
		const { normalForceN: _n, ...quill } = QUILL;
		expect(faults('missing', 'normalForceN', () => did(start(), 'mount', 'quill', quill)).message).to.match(
			/how heavy the cut is/
		);
	});
});
