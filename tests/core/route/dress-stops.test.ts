import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import type { DresserFacts } from '../../../src/core/facts/shop.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { linesOf } from '../../../src/core/route/stations/index.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import { did, faults, recordOf } from '../../shared/setup-in-memory.js';
import { DRAWER, METAL, atDress, chose, settled } from './on-dress.js';

describe('stops of dressing that nobody gets past', () => {
	const refused = (work: () => SetupFacts): string => {
		try {
			const f = work();
			const l = linesOf('dress', f, Evidence.of(f)).find((x) => x.state === 'stop');
			if (!l) throw new Error('It went through.');
			expect(refuse(f, 'dress', 'done')?.message).to.match(/^Stopped/);
			return 'stop';
		} catch (e) {
			return String((e as Error).message).split(':')[0]!;
		}
	};
	const roll = (more: object) => () =>
		did(chose(atDress(), 'rotary-form-roll'), 'dress', 'roll', {
			rollSpeedRpm: 3920,
			contactDirection: 'with',
			feedUmPerRev: 0.5,
			totalDepthUm: 30,
			...more
		});
	it('the roll stands, or turns faster than it may, or bites too deep', () => {
		expect(refused(roll({ rollSpeedRpm: 0 }))).to.equal('stop');
		expect(refused(roll({ rollSpeedRpm: 6001 }))).to.equal('stop');
		expect(refused(roll({ feedUmPerRev: 5.2 }))).to.equal('stop');
	});
	it('a bite over the limit, whatever bites', () => {
		const f = settled(chose(atDress(), 'cluster'), 'cluster');
		expect(refused(() => did(f, 'dress', 'cluster', { depthUm: 102.1, passes: 1 }))).to.equal('stop');
	});
	it('crushing on a spindle that cannot turn so slowly', () => {
		expect(
			refused(() =>
				did(chose(atDress(), 'crush-roll'), 'dress', 'crush', { feedUmPerRev: 5, totalDepthUm: 100 })
			)
		).to.equal('stop');
	});
	const truing = (more: object) => () =>
		did(
			chose(atDress({ ...METAL, bondFamily: 'resin' }), 'truing-wheel', { seen: 'runs-out' }),
			'dress',
			'truer',
			{
				sound: true,
				ringsClear: true,
				truingWheelSpeedRpm: 5000,
				...more
			}
		);
	it('a truing wheel that is damaged, dull, over its rating, or not rated at all', () => {
		faults('inconsistent', 'sound', truing({ sound: false }));
		faults('inconsistent', 'ringsClear', truing({ ringsClear: false }));
		expect(refused(truing({ truingWheelSpeedRpm: 9000 }))).to.equal('over-rated-speed');
		const unrated = DRAWER.map((d) => (d.kind === 'truing-wheel' ? { ...d, ratedMps: null } : d));
		const f = chose(atDress({ ...METAL, bondFamily: 'resin' }, {}, unrated), 'truing-wheel', {
			seen: 'runs-out'
		});
		expect(
			refused(() => did(f, 'dress', 'truer', { sound: true, ringsClear: true, truingWheelSpeedRpm: 5000 }))
		).to.equal('rating-unknown');
	});
	it('a radius on a pivoted head is as wide as its arc, and asks for it', () => {
		const chosen = (form: string) => {
			const plate: DresserFacts = { ...DRAWER[0]!, id: 99, code: 'RF-9', kind: 'radius-fixture' };
			const at = atDress({ ...METAL, bondFamily: 'resin' }, {}, [...DRAWER, plate]);
			const f = chose(at, 'truing-wheel', { seen: 'runs-out', form });
			return did(f, 'dress', 'truer', { sound: true, ringsClear: true, truingWheelSpeedRpm: 5000 });
		};
		const with_ = (form: string, more: object) =>
			recordOf(
				did(chosen(form), 'dress', 'truing', { runoutTirUm: 20, traverseMmPerMin: 600, ...more }),
				'dress',
				'truing'
			)!.input.wheelWidthMm;
		expect(with_('radius', { swingRadiusMm: 5, swingDeg: 90 })).to.be.closeTo((5 * Math.PI) / 2, 1e-12);
		expect(with_('flat', { swingRadiusMm: 5, swingDeg: 90 })).to.equal(METAL.widthMm);
		faults('missing', 'swingRadiusMm', () => with_('radius', {}));
		faults('missing', 'swingDeg', () => with_('radius', { swingRadiusMm: 5 }));
	});
	it('the layer would be lost', () => {
		const f = settled(
			chose(atDress({ ...METAL, bondFamily: 'resin' }), 'truing-wheel', { seen: 'runs-out' }),
			'truing-wheel'
		);
		expect(refused(() => did(f, 'dress', 'truing', { runoutTirUm: 3200, traverseMmPerMin: 600 }))).to.equal(
			'stop'
		);
	});
	it('a wire without flood, or with the mist not drawn off', () => {
		const wire = (more: object) => () => {
			const f = settled(chose(atDress(METAL), 'wire-edm', { seen: 'runs-out' }), 'wire-edm');
			const last = f.records.findLast((r) => r.step === 'wire')!.entered;
			return did(f, 'dress', 'wire', { ...last, ...more }, 'as this shop does it');
		};
		expect(refused(wire({ flooded: false }))).to.equal('no-flood');
		expect(refused(wire({ mistDrawnOff: false }))).to.equal('stop');
		expect(refused(wire({ dielectric: 'oil' }))).to.equal('stop');
	});
	it('a hand tool on the guard, held by nothing, above centre, or the rest moved while it runs', () => {
		const f = chose(atDress({}, { kind: 'bench' }), 'hand-cutter');
		const hand = (more: object) => () =>
			did(f, 'dress', 'hand', {
				guidance: 'jig',
				restsOn: 'rest',
				rearrangedStanding: true,
				restBackMm: 34,
				...more
			});
		expect(refused(hand({ restsOn: 'guard' }))).to.equal('rests-on-guard');
		expect(refused(hand({ restsOn: 'nothing' }))).to.equal('no-support');
		expect(refused(hand({ rearrangedStanding: false }))).to.equal('rest-moved-running');
		expect(refused(hand({ toolHeightMm: 3 }))).to.equal('tool-above-centre');
	});
});
