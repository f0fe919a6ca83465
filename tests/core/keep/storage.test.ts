import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const KEPT = {
	bond: 'B',
	shape: 'straight',
	diameterMm: 125,
	thicknessMm: 1.6,
	handHeld: true,
	madeOn: '2023-11-30',
	today: '2026-10-01'
};
describe('keep.storage', () => {
	it('a thin resin wheel for hand-held use', () =>
		example('keep.storage', KEPT, {
			ageMonths: 34,
			expiresOn: '2026-11-30',
			daysToExpiry: 60,
			organic: true,
			position: 'flat-on-steel-plate',
			verdict: 'caution',
			codes: ['expires-soon']
		}));
	it('where each kind lies', () => {
		for (const [more, position] of [
			[{ diameterMm: 80 }, 'drawer-or-box'],
			[{ shape: 'segment' }, 'drawer-or-box'],
			[{ shape: 'cup' }, 'flat-on-large-face'],
			[{ thicknessMm: 6 }, 'flat-on-steel-plate'],
			[{ thicknessMm: 6.1 }, 'on-edge-in-rack'],
			[{ bond: 'V' }, 'on-edge-in-rack']
		] as const)
			example('keep.storage', { ...KEPT, ...more }, { position });
	});
	it('the earlier of the two dates counts; clay does not age', () => {
		example(
			'keep.storage',
			{ ...KEPT, markedExpiry: '2026-09-30' },
			{ expiresOn: '2026-09-30', daysToExpiry: -1 }
		);
		example('keep.storage', { ...KEPT, bond: 'V' }, { expiresOn: null, verdict: 'ok' });
		example('keep.storage', { ...KEPT, bond: 'MG', madeOn: '2026-01-31' }, { expiresOn: '2027-01-31' });
		refuses('keep.storage', { ...KEPT, madeOn: '2027-01-01' }, 'madeOn', 'inconsistent');
	});
});
const due = (markedExpiry: string, more: object = {}) => ({ markedExpiry, madeOn: null, ...more });
limits('keep.storage', { ...KEPT, madeOn: '2026-09-01' }, [
	{ code: 'dropped', severity: 'stop', not: [{}], yes: [{ dropped: true }] },
	{ code: 'frozen-wet', severity: 'stop', not: [{}], yes: [{ frozenWet: true }] },
	{
		code: 'expired',
		severity: 'stop',
		not: [due('2026-10-01'), { madeOn: '2023-09-30', handHeld: false }],
		yes: [
			due('2026-09-30'),
			due('2026-09-30', { handHeld: false }),
			{ madeOn: '2023-09-30' },
			{ madeOn: '2025-09-30', bond: 'MG', handHeld: false }
		]
	},
	{
		code: 'past-its-date',
		severity: 'caution',
		not: [{ madeOn: '2023-10-01', handHeld: false }, { madeOn: '2023-09-30' }],
		yes: [{ madeOn: '2023-09-30', handHeld: false }]
	},
	{
		code: 'expires-soon',
		severity: 'caution',
		not: [due('2026-12-31'), due('2026-09-30')],
		yes: [due('2026-12-30'), due('2026-10-01')]
	},
	{ code: 'no-date', severity: 'stop', not: [{}, { madeOn: null, bond: 'V' }], yes: [{ madeOn: null }] },
	{ code: 'stored-wet', severity: 'caution', not: [{}], yes: [{ storedWet: true }] },
	{ code: 'too-damp', severity: 'caution', not: [{ humidityPct: 70 }], yes: [{ humidityPct: 70.1 }] },
	{
		code: 'temperature',
		severity: 'caution',
		not: [{ temperatureC: 5 }, { temperatureC: 40 }],
		yes: [{ temperatureC: 4.9 }, { temperatureC: 40.1 }]
	}
]);
