import fc from 'fast-check';
import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { mountGlue } from '../../../src/core/mount/glue.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const DONE = { scuffed: true, degreased: true, mixed: true, coated: true, spread: true };
const GLUE = {
	done: DONE,
	temperatureC: 23,
	baseCureH: 16,
	potLifeMin: 20,
	mixToBondMin: 5,
	elapsedH: 200,
	wheelHoleMm: 6.2,
	studMm: 6,
	bondLengthMm: 12,
	wheelDiameterMm: 20,
	tangentialForceN: 45
};
const AREA = Math.PI * 6 * 12;
/** The pull at the rim that leaves the joint this many times stronger than it (10 MPa adhesive). */
const factor = (times: number) => ({ tangentialForceN: (10 / times) * AREA * (3 / 10) });
const film = (aSideMm: number) => ({ wheelHoleMm: 6 + 2 * aSideMm });
const without = (key: keyof typeof DONE) => ({ done: { ...DONE, [key]: false } });

limits('mount.glue', GLUE, [
	{
		code: 'preparation-missing',
		severity: 'stop',
		not: [{}, without('spread')],
		yes: [without('scuffed'), without('degreased'), without('mixed'), without('coated')]
	},
	{ code: 'not-spread', severity: 'caution', not: [{}, without('mixed')], yes: [without('spread')] },
	{
		code: 'too-cold',
		severity: 'stop',
		not: [{ temperatureC: 15 }, { temperatureC: 10, minTemperatureC: 10 }],
		yes: [{ temperatureC: 14.9 }]
	},
	{
		code: 'too-hot',
		severity: 'stop',
		not: [{ temperatureC: 60 }, { temperatureC: 70, maxTemperatureC: 70 }],
		yes: [{ temperatureC: 60.1 }]
	},
	{ code: 'pot-life-exceeded', severity: 'stop', not: [{ mixToBondMin: 20 }], yes: [{ mixToBondMin: 20.1 }] },
	{
		code: 'not-cured',
		severity: 'stop',
		not: [{ elapsedH: 16 }, { elapsedH: 8, temperatureC: 33 }, { elapsedH: 8, baseTemperatureC: 13 }],
		yes: [
			{ elapsedH: 15.99 },
			{ elapsedH: 7.99, temperatureC: 33 },
			{ elapsedH: 16, doublingK: 5, temperatureC: 22 }
		]
	},
	{
		code: 'bond-gap',
		severity: 'caution',
		not: [film(0.03), film(0.2), { ...film(0.3), gapMaxMm: 0.3 }],
		yes: [film(0.029), film(0.201)]
	},
	{
		code: 'bond-overloaded',
		severity: 'stop',
		not: [factor(2.001), factor(9), { tangentialForceN: 0 }],
		yes: [factor(1.999)]
	},
	{
		code: 'bond-margin',
		severity: 'caution',
		not: [factor(4.001), factor(1.999), { tangentialForceN: 0 }],
		yes: [factor(3.999), factor(2.001)]
	}
]);

describe('mount.glue: what it works out', () => {
	it('twice as fast for every ten degrees, and never less than nothing to wait', () => {
		example(
			'mount.glue',
			{ ...GLUE, elapsedH: 3, temperatureC: 33 },
			{ requiredCureH: 8, remainingCureH: 5 }
		);
		example(
			'mount.glue',
			{ ...GLUE, elapsedH: 3, temperatureC: 13, minTemperatureC: 5 },
			{ requiredCureH: 32 }
		);
		example('mount.glue', GLUE, { remainingCureH: 0, bondGapMm: 0.1, bondAreaMm2: AREA });
	});
	it('pull round and along add as sides of a right angle', () => {
		const round = (300 * 10) / (AREA * 3);
		const along = 400 / AREA;
		example(
			'mount.glue',
			{ ...GLUE, tangentialForceN: 300, axialForceN: 400 },
			{ bondShearMPa: Math.hypot(round, along), bondSafetyFactor: 10 / Math.hypot(round, along) }
		);
		example('mount.glue', { ...GLUE, tangentialForceN: 0 }, { bondSafetyFactor: null, verdict: 'ok' });
	});
	it('refuses a stud that leaves no room for glue, and a wheel no larger than its hole', () => {
		refuses('mount.glue', { ...GLUE, studMm: 6.2 }, 'studMm', 'above-maximum');
		refuses('mount.glue', { ...GLUE, wheelDiameterMm: 6.2 }, 'wheelDiameterMm', 'below-minimum');
	});
});

const SHIPPED = calculation('mount.glue').example as Record<string, unknown>;
const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);

describe('mount.glue: how it behaves', () => {
	const run = (more: object) => mountGlue.run({ ...SHIPPED, ...more });
	it('ten degrees colder takes twice as long', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 15, max: 50, noNaN: true }),
				fc.double({ min: 1, max: 100, noNaN: true }),
				(temperatureC, baseCureH) => {
					expect(
						run({ temperatureC, baseCureH }).requiredCureH /
							run({ temperatureC: temperatureC + 10, baseCureH }).requiredCureH
					).to.be.closeTo(2, 1e-9);
				}
			)
		));
	it('each fault has its word', () => {
		const done = SHIPPED.done as object;
		for (const [more, code] of [
			[{ done: { ...done, degreased: false } }, 'preparation-missing'],
			[{ done: { ...done, spread: false } }, 'not-spread'],
			[{ temperatureC: 10, elapsedH: 1000 }, 'too-cold'],
			[{ temperatureC: 70 }, 'too-hot'],
			[{ mixToBondMin: 21 }, 'pot-life-exceeded'],
			[{ elapsedH: 11 }, 'not-cured'],
			[{ wheelHoleMm: 6.02 }, 'bond-gap'],
			[{ wheelHoleMm: 6.5 }, 'bond-gap'],
			[{ tangentialForceN: 400 }, 'bond-overloaded'],
			[{ tangentialForceN: 250 }, 'bond-margin']
		] as const)
			expect(codes(run(more)), code).to.deep.equal([code]);
	});
	it('without a load there is no factor, and nothing to stop it', () =>
		expect(run({ tangentialForceN: 0 })).to.include({ bondSafetyFactor: null, verdict: 'ok' }));
	it('refuses a stud too thick and a wheel smaller than its hole', () => {
		refuses('mount.glue', { ...SHIPPED, studMm: 6.2 }, 'studMm', 'above-maximum');
		refuses('mount.glue', { ...SHIPPED, wheelDiameterMm: 6 }, 'wheelDiameterMm', 'below-minimum');
		refuses('mount.glue', { ...SHIPPED, done: { scuffed: true } }, 'done.degreased', 'missing');
	});
});
