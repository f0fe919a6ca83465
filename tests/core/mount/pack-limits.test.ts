import { mountPack } from '../../../src/core/mount/pack.js';
import { expect } from 'chai';
import { refuses } from '../examples.js';
import { limits } from '../limits.js';

const ARBOR = {
	seatDiameterMm: 31.74,
	seatLengthMm: 60,
	threadEndMm: 84,
	nutThicknessMm: 14,
	maxSpeedRpm: 6500
};
const seat = (more: object) => ({ arbor: { ...ARBOR, ...more } });
const MEASURED = {
	rimBackMm: 40.1,
	rimFrontMm: 54.1,
	diameterMm: 150,
	radialRunoutUm: 4,
	axialRunoutUm: 5,
	revision: 3,
	confirmedRevision: 3
};
const wheel = (more: object = {}) => ({
	kind: 'wheel',
	name: 'flute',
	thicknessMm: 14,
	boreMm: 31.75,
	diameterMm: 150,
	maxSpeedRpm: 5000,
	measured: MEASURED,
	...more
});
const spacer = (thicknessMm: number, boreMm = 31.76) => ({ kind: 'spacer', thicknessMm, boreMm });
const washer = (thicknessMm = 6) => ({ kind: 'washer', thicknessMm, boreMm: 31.8 });
const GOOD = { arbor: ARBOR, items: [spacer(40.1), wheel(), washer(5.9)] };
const measured = (more: object) => ({
	items: [spacer(40.1), wheel({ measured: { ...MEASURED, ...more } }), washer(5.9)]
});
/** The first of two wheels as it should be, the second measured otherwise. */
const second = (more: object) => ({
	items: [
		spacer(20),
		wheel({ measured: null }),
		spacer(6.1),
		wheel({ measured: { ...MEASURED, ...more } }),
		washer(5.9)
	]
});

limits('mount.pack', GOOD, [
	{
		code: 'bore-mismatch',
		severity: 'stop',
		not: [{}, { items: [spacer(40.1), wheel({ boreMm: 31.85 }), washer()] }, seat({ seatDiameterMm: 31.7 })],
		yes: [
			seat({ seatDiameterMm: 31.75 }),
			{ items: [spacer(40.1, 31.74), wheel(), washer()] },
			{ items: [spacer(40.1, 32), wheel(), washer()] }
		]
	},
	{
		code: 'wheel-off-seat',
		severity: 'stop',
		not: [{}, seat({ seatLengthMm: 54.1, threadStartMm: 60 })],
		yes: [seat({ seatLengthMm: 54, threadStartMm: 60 })]
	},
	{
		code: 'stack-short',
		severity: 'stop',
		not: [{}, seat({ threadStartMm: 60 })],
		yes: [seat({ threadStartMm: 60.1 }), { items: [spacer(40), wheel(), washer(5.9)] }]
	},
	{
		code: 'nut-engagement',
		severity: 'stop',
		not: [
			seat({ threadEndMm: 71.2 }),
			seat({ minEngagementMm: 14 }),
			seat({ threadStartMm: 60.1, minEngagementMm: 20 })
		],
		yes: [seat({ threadEndMm: 71.1 }), seat({ minEngagementMm: 14.1 })]
	},
	{
		code: 'wheels-collide',
		severity: 'stop',
		not: [{ items: [spacer(20), wheel(), wheel(), washer(12)] }],
		yes: [{ items: [spacer(20), wheel(), wheel({ rimBackOffsetMm: -0.1 }), washer(12)] }]
	},
	{
		code: 'no-tanged-washer',
		severity: 'caution',
		not: [{}, { items: [washer(), spacer(34.1), wheel(), spacer(5.9)] }],
		yes: [{ items: [spacer(40.1), wheel(), spacer(5.9)] }]
	},
	{
		code: 'washer-not-last',
		severity: 'caution',
		not: [{}, { items: [spacer(40.1), wheel(), spacer(5.9)] }],
		yes: [{ items: [washer(), spacer(34.1), wheel(), spacer(5.9)] }]
	},
	{
		code: 'pack-overspeed',
		severity: 'stop',
		not: [{}, { requestedRpm: 5000 }],
		yes: [{ requestedRpm: 5001 }]
	},
	{
		code: 'position-off',
		severity: 'caution',
		not: [
			{},
			measured({ rimBackMm: 40.05, rimFrontMm: 54.15 }),
			{ ...measured({ rimFrontMm: 54.2 }), positionToleranceMm: 0.1 }
		],
		yes: [measured({ rimBackMm: 40.049 }), measured({ rimFrontMm: 54.151 }), second({ rimBackMm: 40.2 })]
	},
	{
		code: 'runout-excessive',
		severity: 'stop',
		not: [measured({ radialRunoutUm: 50, axialRunoutUm: 50 })],
		yes: [
			measured({ radialRunoutUm: 50.1 }),
			measured({ axialRunoutUm: 50.1 }),
			second({ axialRunoutUm: 50.1 })
		]
	},
	{
		code: 'runout-high',
		severity: 'caution',
		not: [
			{},
			measured({ radialRunoutUm: 10, axialRunoutUm: 10 }),
			measured({ radialRunoutUm: 11, axialRunoutUm: 51 })
		],
		yes: [measured({ radialRunoutUm: 10.1 }), measured({ axialRunoutUm: 10.1 })]
	},
	{
		code: 'pack-unqualified',
		severity: 'stop',
		not: [{ stage: 'release' }, measured({ confirmedRevision: 2 })],
		yes: [
			{ ...measured({ confirmedRevision: 2 }), stage: 'release' },
			{ ...second({}), stage: 'release' }
		]
	}
]);

describe('mount.pack: its words and refusals', () => {
	const run = (v: object) => mountPack.run({ ...GOOD, ...v });
	it('names what limits the speed: the arbor, a wheel by its name, or the part by its number', () => {
		expect(run(seat({ maxSpeedRpm: 4000 }))).to.include({ maxSpeedRpm: 4000, limitedBy: 'arbor' });
		expect(run({ items: [spacer(40.1), wheel({ name: ' flute ' }), washer()] }).limitedBy).to.equal('flute');
		expect(run({ items: [spacer(40.1), wheel({ name: '  ' }), washer()] }).limitedBy).to.equal('item-2');
		expect(run(seat({ maxSpeedRpm: 5000 })).limitedBy, 'as fast as its wheel').to.equal('arbor');
	});
	it('numbers the parts as they are counted, from one', () => {
		expect(run({ items: [spacer(40.1), wheel({ boreMm: 32 }), washer()] }).reasons[0]!.message).to.match(
			/^Part 2:/
		);
		const says = (items: object[]) => expect(() => run({ items }));
		says([spacer(40.1), wheel({ diameterMm: null })]).to.throw(/part 2 is missing/);
		says([spacer(40.1), wheel({ maxSpeedRpm: null })]).to.throw(/^Part 2 has no marked speed/);
	});
	it('takes four wheels and no more', () => {
		const wheels = (n: number) => Array.from({ length: n }, () => wheel({ measured: null }));
		expect(run({ items: [...wheels(4), washer()] }).positions).to.have.length(5);
		refuses('mount.pack', { ...GOOD, items: wheels(5) }, 'items', 'too-many-wheels');
	});
	it('two corner radii fit on the rim they were measured on, or are refused', () => {
		const corners = (cornerRadiusBackMm: number | null, cornerRadiusFrontMm: number | null) =>
			measured({ rimBackMm: 40, rimFrontMm: 44, cornerRadiusBackMm, cornerRadiusFrontMm });
		for (const [back, front] of [
			[4, 0],
			[2, 2],
			[4, null],
			[null, 4],
			[null, null]
		] as const)
			run(corners(back, front));
		const no = (back: number | null, front: number | null, side: 'Back' | 'Front') =>
			refuses(
				'mount.pack',
				{ ...GOOD, ...corners(back, front) },
				`items.1.measured.cornerRadius${side}Mm`,
				'inconsistent'
			);
		no(4.1, null, 'Back');
		no(null, 4.1, 'Front');
		no(2.1, 2, 'Front');
	});
});
