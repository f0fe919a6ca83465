import { expect } from 'chai';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const MORNING = {
	dry: true,
	notOnMachine: ['magnetHolds', 'hydraulicPressureBar', 'tableStops', 'lubePulls'],
	checks: {
		guardClosed: true,
		dresserReturned: true,
		chuckStoned: true,
		extractionOn: true,
		lubeLevelPct: 20,
		warmUpMin: 20,
		handwheelChecked: true
	}
};
const ALL = {
	checks: {
		...MORNING.checks,
		lubeLevelPct: 25,
		magnetHolds: true,
		lubePulls: 2,
		brixPct: 4,
		coolantLevelPct: 50,
		hydraulicPressureBar: 10,
		warmUpMin: 15,
		stopLeftMm: -25,
		stopRightMm: 175,
		workStartMm: 0,
		workEndMm: 150
	}
};
const checked = (more: object) => ({ checks: { ...ALL.checks, ...more } });
describe('set.daily-start', () => {
	it('oil too low on a dry machine without hydraulics', () =>
		example('set.daily-start', MORNING, {
			openCount: 1,
			open: ['lubeLevelPct'],
			mayStart: true,
			verdict: 'caution',
			codes: ['item-open']
		}));
	it('all of it as it should be, and nothing looked at', () => {
		example('set.daily-start', ALL, {
			openCount: 0,
			mayStart: true,
			stopLeftMm: -25,
			stopRightMm: 175,
			verdict: 'ok'
		});
		example('set.daily-start', {}, { openCount: 13, mayStart: false, stopLeftMm: null, verdict: 'stop' });
	});
	for (const [more, item, passes] of [
		[{ brixPct: 2.99 }, 'concentrationPct', false],
		[{ brixPct: 3 }, 'concentrationPct', true],
		[{ brixPct: 6 }, 'concentrationPct', true],
		[{ brixPct: 6.01 }, 'concentrationPct', false],
		[{ lubePulls: 1 }, 'lubePulls', false],
		[{ coolantLevelPct: 49 }, 'coolantLevelPct', false],
		[{ hydraulicPressureBar: 9.9 }, 'hydraulicPressureBar', false],
		[{ warmUpMin: 14 }, 'warmUpMin', false],
		[{ stopLeftMm: -20 }, 'tableStops', true],
		[{ stopLeftMm: -19.9 }, 'tableStops', false],
		[{ stopRightMm: 180.1 }, 'tableStops', false],
		[{ stopRightMm: null, tableLocked: true }, 'tableStops', true],
		[{ stopRightMm: null }, 'tableStops', false]
	] as const)
		it(`${item} with ${JSON.stringify(more)}: ${passes ? 'passes' : 'open'}`, () => {
			const { open } = run<{ open: string[] }>('set.daily-start', checked(more));
			expect(open).to.deep.equal(passes ? [] : [item]);
		});
	it('refuses what cannot be', () => {
		refuses(
			'set.daily-start',
			{ notOnMachine: ['guardClosed', 'wings'] },
			'notOnMachine.1',
			'unknown-choice'
		);
		refuses('set.daily-start', { concentrationMinPct: 7 }, 'concentrationMaxPct', 'inconsistent');
		refuses('set.daily-start', checked({ workEndMm: -1 }), 'checks.workEndMm', 'inconsistent');
	});
});
limits('set.daily-start', ALL, [
	{
		code: 'safety-item-open',
		severity: 'stop',
		not: [{}, checked({ extractionOn: false })],
		yes: [
			checked({ guardClosed: false }),
			checked({ dresserReturned: null }),
			checked({ magnetHolds: false }),
			{ ...checked({ extractionOn: false }), dry: true }
		]
	},
	{
		code: 'item-open',
		severity: 'caution',
		not: [{}, checked({ guardClosed: false })],
		yes: [checked({ chuckStoned: false }), checked({ handwheelChecked: null })]
	}
]);
