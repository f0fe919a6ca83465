import { expect } from 'chai';
import fc from 'fast-check';
import { mountPack } from '../../../src/core/mount/pack.js';
import { example, refuses } from '../examples.js';

const arbor = {
	seatDiameterMm: 31.74,
	seatLengthMm: 60,
	threadEndMm: 84,
	nutThicknessMm: 14,
	maxSpeedRpm: 6500
};
const wheel = (more: object = {}) => ({
	kind: 'wheel',
	name: 'flute',
	thicknessMm: 14,
	boreMm: 31.75,
	diameterMm: 150,
	maxSpeedRpm: 5000,
	...more
});
const spacer = (thicknessMm: number, more: object = {}) => ({
	kind: 'spacer',
	thicknessMm,
	boreMm: 31.76,
	...more
});
const washer = { kind: 'washer', thicknessMm: 6, boreMm: 31.8 };
const measured = (backMm: number, frontMm: number, more: object = {}) => ({
	rimBackMm: backMm,
	rimFrontMm: frontMm,
	diameterMm: 150,
	radialRunoutUm: 4,
	axialRunoutUm: 5,
	revision: 3,
	confirmedRevision: 3,
	...more
});
const good = [spacer(40), wheel(), washer];
const pack = (items: object[], more: object = {}) => mountPack.run({ arbor, items, ...more });
const codes = (items: object[], more: object = {}) => pack(items, more).reasons.map((r) => r.code);

describe('mount.pack: what can be wrong with a stack', () => {
	it('nothing, when it is right', () =>
		expect(pack(good)).to.include({
			verdict: 'ok',
			stackLengthMm: 60,
			nutEngagementMm: 14,
			maxSpeedRpm: 5000,
			limitedBy: 'flute',
			qualified: false
		}));
	it('a 31.75 bore on a 32 seat, and one of another size that would slide', () => {
		expect(codes(good, { arbor: { ...arbor, seatDiameterMm: 32 } })).to.deep.equal(['bore-mismatch']);
		expect(codes([spacer(40, { boreMm: 32.02 }), wheel(), washer])).to.deep.equal(['bore-mismatch']);
	});
	it('a wheel larger or wider than the machine takes, as planned or as measured', () => {
		const machine = { maxDiameterMm: 150, maxWidthMm: 14 };
		expect(codes(good, machine)).to.deep.equal([]);
		expect(codes(good, { ...machine, maxDiameterMm: 149.9 })).to.deep.equal(['wheel-too-large']);
		expect(codes(good, { ...machine, maxWidthMm: 13.9 })).to.deep.equal(['wheel-too-wide']);
		const grown = [spacer(40), wheel({ measured: measured(40, 54, { diameterMm: 150.4 }) }), washer];
		expect(codes(grown, machine)).to.deep.equal(['wheel-too-large']);
	});
	it('a worn wheel earns no more speed: its m/s count at the diameter it had when new', () => {
		const worn = (more: object) => [
			spacer(40),
			wheel({ maxSpeedRpm: null, maxSpeedMps: 35, diameterMm: 100, ...more }),
			washer
		];
		expect(pack(worn({ newDiameterMm: 200 })).maxSpeedRpm).to.be.closeTo(3342.25, 0.01);
		expect(pack(worn({})).maxSpeedRpm).to.equal(6500);
		refuses(
			'mount.pack',
			{ arbor, items: worn({ newDiameterMm: 99 }) },
			'items.1.newDiameterMm',
			'below-minimum'
		);
	});
	it('five wheels, or none', () => {
		refuses(
			'mount.pack',
			{ arbor, items: Array.from({ length: 5 }, () => wheel()) },
			'items',
			'too-many-wheels'
		);
		refuses('mount.pack', { arbor, items: [spacer(20)] }, 'items', 'no-wheel');
		refuses('mount.pack', { arbor, items: [] }, 'items', 'no-wheel');
	});
	it('a wheel on the thread, a stack too short, a nut that hardly holds', () => {
		expect(codes([spacer(50), wheel(), washer])).to.include('wheel-off-seat');
		expect(codes([spacer(20), wheel(), washer])).to.deep.equal(['stack-short']);
		expect(codes([spacer(40), wheel(), washer, spacer(15), washer])).to.deep.equal(['nut-engagement']);
	});
	it('wheels that run into each other: a cup reaching back over its neighbour', () => {
		expect(
			codes([
				spacer(10),
				wheel({ name: 'a' }),
				spacer(4),
				wheel({ name: 'cup', rimBackOffsetMm: -10 }),
				spacer(12),
				washer
			])
		).to.deep.equal(['wheels-collide']);
		expect(
			codes([
				spacer(10),
				wheel({ name: 'a' }),
				spacer(12),
				wheel({ name: 'cup', rimBackOffsetMm: -10 }),
				spacer(4),
				washer
			])
		).to.deep.equal([]);
	});
	it('no washer, or not the last', () => {
		expect(codes([spacer(46), wheel()])).to.deep.equal(['no-tanged-washer']);
		expect(codes([washer, spacer(40), wheel()])).to.deep.equal(['washer-not-last']);
	});
	it('the slowest part limits it, the arbor among them', () => {
		expect(pack([spacer(40), wheel({ maxSpeedRpm: 9000 }), washer])).to.include({
			maxSpeedRpm: 6500,
			limitedBy: 'arbor'
		});
		expect(pack([spacer(40), wheel({ name: null, maxSpeedRpm: 6000 }), washer])).to.include({
			limitedBy: 'item-2'
		});
		expect(codes(good, { requestedRpm: 5001 })).to.deep.equal(['pack-overspeed']);
	});
	it('a wheel without a speed or a diameter is refused by name', () => {
		refuses('mount.pack', { arbor, items: [wheel({ maxSpeedRpm: null })] }, 'items.0.maxSpeedRpm', 'missing');
		refuses(
			'mount.pack',
			{ arbor, items: [spacer(4), wheel({ diameterMm: null })] },
			'items.1.diameterMm',
			'missing'
		);
		refuses(
			'mount.pack',
			{ arbor: { ...arbor, threadEndMm: 60 }, items: good },
			'arbor.threadEndMm',
			'below-minimum'
		);
	});
});

describe('mount.pack: measured against planned', () => {
	const at = (m: object) => [
		spacer(40),
		wheel({ cornerRadiusBackMm: 0.5, cornerRadiusFrontMm: 0.5, measured: m }),
		washer
	];
	it('is released only measured, and confirmed as it is now', () => {
		expect(codes(good, { stage: 'release' })).to.deep.equal(['pack-unqualified']);
		expect(codes(at(measured(40, 54)), { stage: 'release' })).to.deep.equal([]);
		expect(codes(at(measured(40, 54, { revision: 4 })), { stage: 'release' })).to.deep.equal([
			'pack-unqualified'
		]);
		expect(codes(at(measured(40, 54, { confirmedRevision: null })), { stage: 'release' })).to.deep.equal([
			'pack-unqualified'
		]);
	});
	it('says how far a rim and its corners are off', () => {
		example(
			'mount.pack',
			{
				arbor,
				items: at(
					measured(40.02, 54.08, { diameterMm: 149.9, cornerRadiusBackMm: 0.55, cornerRadiusFrontMm: 0.5 })
				)
			},
			{
				codes: ['corner-off', 'position-off'],
				'differences.0.item': 1,
				'differences.0.backDiffMm': 0.02,
				'differences.0.frontDiffMm': 0.08,
				'differences.0.diameterDiffMm': -0.1,
				'differences.0.cornerBackDiffMm': 0.05,
				'differences.0.cornerFrontDiffMm': 0
			},
			1e-6
		);
	});
	it('judges run-out of rim and face by the worse', () => {
		expect(codes(at(measured(40, 54, { axialRunoutUm: 11 })))).to.deep.equal(['runout-high']);
		expect(codes(at(measured(40, 54, { radialRunoutUm: 51, axialRunoutUm: 12 })))).to.deep.equal([
			'runout-excessive'
		]);
	});
	it('refuses corner radii that do not fit on the rim', () => {
		refuses(
			'mount.pack',
			{ arbor, items: at(measured(40, 40.8, { cornerRadiusBackMm: 0.5, cornerRadiusFrontMm: 0.5 })) },
			'items.1.measured.cornerRadiusFrontMm',
			'inconsistent'
		);
		refuses(
			'mount.pack',
			{ arbor, items: at(measured(40, 40.3, { cornerRadiusBackMm: 0.5 })) },
			'items.1.measured.cornerRadiusBackMm',
			'inconsistent'
		);
	});
	it('puts every part where the ones before it end, whatever the stack', () =>
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 1, max: 40, noNaN: true }), { minLength: 1, maxLength: 8 }),
				(list) => {
					const items = [...list.map((t) => spacer(t)), wheel()];
					const p = mountPack.run({ arbor, items });
					let end = 0;
					p.positions.forEach((x, i) => {
						expect(x.backMm).to.be.closeTo(end, 1e-9);
						end = x.frontMm;
						expect(x.frontMm - x.backMm).to.be.closeTo(items[i]!.thicknessMm, 1e-9);
					});
					expect(p.stackLengthMm).to.be.closeTo(end, 1e-9);
					expect(p.nutEngagementMm).to.be.within(0, 14 + 1e-9);
				}
			)
		));
});
