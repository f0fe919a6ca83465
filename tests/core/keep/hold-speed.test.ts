import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';
import { rpmForSpeed } from '../../../src/core/spec/speed.js';

const BASE = { diameterMm: 300, minDiameterMm: 200, targetMps: 30, rpmMax: 5000, ratedMps: 40 };
const NOW = rpmForSpeed(30, 300);

limits('keep.hold-speed', BASE, [
	{
		code: 'target-over-rated-speed',
		severity: 'stop',
		not: [{ targetMps: 40 }],
		yes: [{ targetMps: 40.01 }]
	},
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [{ rpmMin: rpmForSpeed(40, 300) }],
		yes: [{ rpmMin: rpmForSpeed(40, 300) + 1 }]
	},
	{
		code: 'over-marked-rpm',
		severity: 'stop',
		not: [
			{ markedRpm: 1000, rpmMin: 1000 },
			{ markedRpm: 1000, rpmMin: 1001, allowAboveMarkedRpm: true }
		],
		yes: [{ markedRpm: 1000, rpmMin: 1001 }]
	},
	{
		code: 'speed-not-held',
		severity: 'caution',
		not: [{ rpmMax: 0.991 * NOW }, { targetMps: 41 }],
		yes: [{ rpmMax: 0.989 * NOW }, { rpmMin: 1.011 * NOW }]
	},
	{
		code: 'speed-not-held-to-the-end',
		severity: 'caution',
		not: [
			{ rpmMax: rpmForSpeed(30, 200) + 0.1, allowAboveMarkedRpm: true },
			{ rpmMax: 0.9 * NOW },
			{ minDiameterMm: 225 }
		],
		yes: [
			{ rpmMax: rpmForSpeed(30, 201), allowAboveMarkedRpm: true },
			{ rpmMax: rpmForSpeed(30, 200) + 0.1 },
			{ minDiameterMm: 224.9 }
		]
	}
]);

describe('keep.hold-speed: which rpm', () => {
	it('the marked rpm caps it unless a lead recorded that it may not', () => {
		example('keep.hold-speed', { ...BASE, markedRpm: 1500 }, { speedRpm: 1500, wantedRpm: NOW });
		example('keep.hold-speed', { ...BASE, markedRpm: 1500, allowAboveMarkedRpm: true }, { speedRpm: NOW });
	});
	it('steps of the drive are taken downwards, an exact step is kept', () => {
		example('keep.hold-speed', { ...BASE, rpmStep: 100 }, { speedRpm: 1900 });
		example('keep.hold-speed', { ...BASE, rpmMax: 1900, rpmStep: 100 }, { speedRpm: 1900 });
	});
	it('the table runs from today to the scrap diameter', () => {
		example(
			'keep.hold-speed',
			{ ...BASE, rows: 2, rpmMax: 2000 },
			{
				'rows.length': 3,
				'rows.0.diameterMm': 300,
				'rows.1.diameterMm': 250,
				'rows.2.diameterMm': 200,
				'rows.2.speedRpm': 2000,
				speedAtMinDiameterMps: (Math.PI * 200 * 2000) / 60000,
				heldToDiameterMm: (60000 * 30) / (Math.PI * 2000)
			}
		);
	});
	it('refuses figures the wrong way round, equal ones are none', () => {
		refuses('keep.hold-speed', { ...BASE, minDiameterMm: 300.1 }, 'minDiameterMm', 'above-maximum');
		refuses('keep.hold-speed', { ...BASE, rpmMin: 5000.1 }, 'rpmMin', 'above-maximum');
		example('keep.hold-speed', { ...BASE, minDiameterMm: 300 }, { speedRpm: NOW });
	});
});
