import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const BEFORE = { raUm: 0.6, powerW: 1400 };
const compared = (raUm: number, powerW: number | null, more: object = {}) => ({
	before: powerW === null ? { raUm: 0.6 } : BEFORE,
	after: powerW === null ? { raUm } : { raUm, powerW },
	...more
});
describe('prove.compare-dress', () => {
	it('freer and as fine', () =>
		example('prove.compare-dress', compared(0.57, 1120), {
			raChangePct: -5,
			powerChangePct: -20,
			conclusion: 'better'
		}));
	for (const [raUm, powerW, conclusion] of [
		[0.66, 1330, 'better'],
		[0.661, 1330, 'freer-but-rougher'],
		[0.539, 1400, 'finer'],
		[0.54, 1400, 'little-change'],
		[0.59, 1470, 'finer-but-duller'],
		[0.6, 1470, 'worse'],
		[0.67, 1400, 'worse'],
		[0.62, 1331, 'little-change']
	] as const)
		it(`Ra ${raUm} at ${powerW} W: ${conclusion}`, () =>
			example('prove.compare-dress', compared(raUm, powerW), { conclusion, basis: 'power' }));
	for (const [feel, patch, conclusion] of [
		['freer', null, 'better'],
		['freer', 'dirtier', 'little-change'],
		['duller', null, 'worse'],
		['same', 'dirtier', 'worse']
	] as const)
		it(`without a meter, ${feel} and ${patch ?? 'no patch'}: ${conclusion}`, () =>
			example('prove.compare-dress', compared(0.6, null, { feel, patch }), {
				conclusion,
				basis: 'feel',
				powerChangePct: null
			}));
	it('names the power that is missing', () => {
		refuses('prove.compare-dress', { before: BEFORE, after: { raUm: 0.5 } }, 'after.powerW', 'missing');
		refuses('prove.compare-dress', { before: { raUm: 0.5 }, after: BEFORE }, 'before.powerW', 'missing');
	});
});
limits('prove.compare-dress', compared(0.6, null), [
	{ code: 'ra-only', severity: 'caution', not: [{ feel: 'same' }, compared(0.6, 1400)], yes: [{}] },
	{
		code: 'signs-disagree',
		severity: 'caution',
		not: [
			{ feel: 'freer', patch: 'cleaner' },
			{ feel: 'same', patch: 'dirtier' }
		],
		yes: [
			{ feel: 'freer', patch: 'dirtier' },
			{ feel: 'duller', patch: 'cleaner' }
		]
	}
]);
