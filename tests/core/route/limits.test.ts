import { expect } from 'chai';
import { guidelineFields, inShop } from '../../../src/core/calculation/limits.js';
import { CALCULATIONS, calculation } from '../../../src/core/calculations.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { truePlanStep } from '../../../src/core/route/stations/true/steps.js';
import { current, did, line, worked, recordOf } from '../../shared/setup-in-memory.js';
import { RIM_AFTER } from '../../shared/good-work.js';

const shop = (f: SetupFacts, limits: SetupFacts['guidelines']['limits']): SetupFacts => ({
	...f,
	guidelines: { ...f.guidelines, limits }
});

describe('limits and usual values of a shop', () => {
	it('a stricter run-out keeps the station open, and the record says with which', () => {
		const strict = shop(worked('true.runout'), { 'true.runout': { limitTirUm: 4 } });
		const f = did(strict, 'true', 'runout', { readingsUm: RIM_AFTER });
		expect(recordOf(f, 'true', 'runout')!.input.limitTirUm).to.equal(4);
		expect(line(f, 'true', 'runs-true')).to.include({ state: 'open', value: '5 µm now, limit 4 µm' });
		expect(current(f)).to.equal('true');
		// What was judged before the change stands as it was judged.
		expect(
			current(
				shop(did(worked('true.runout'), 'true', 'runout', { readingsUm: RIM_AFTER }), {
					'true.runout': { limitTirUm: 4 }
				})
			)
		).to.equal('balance');
	});
	it('every record says the figures it was made with', () => {
		for (const r of worked().records) {
			const fields = CALCULATIONS.some((c) => c.id === r.calculation)
				? guidelineFields(calculation(r.calculation))
				: [];
			for (const f of fields) expect(r.input[f.name], `${r.calculation} ${f.name}`).to.not.equal(undefined);
		}
	});
	it("a form begins with the shop's figures", () => {
		const limits = { 'true.plan': { roughInfeedUm: 15 } };
		const fields = inShop(truePlanStep.fields, limits);
		expect(fields.find((f) => f.name === 'roughInfeedUm')).to.include({ default: 15 });
		expect(fields.find((f) => f.name === 'finishInfeedUm')).to.include({ default: 10 });
		expect(
			truePlanStep.fields.find((f) => f.name === 'roughInfeedUm'),
			'the shipped one stays'
		).to.include({ default: 25 });
	});
	it('where the code forbids it no dimple is recorded, with or without consent', () => {
		const light = did(
			shop(worked('balance.swing'), { 'balance.dimples': { codeForbids: true } }),
			'balance',
			'swing',
			{ timeS: 45, restAngleDeg: 190 }
		);
		expect(() =>
			did({ ...light, machine: { ...light.machine, spindleRpm: 1800 } }, 'balance', 'dimples', {
				drillDiameterMm: 10,
				pointAngleDeg: 118,
				depthMm: 3,
				radiusMm: 100,
				makerConsent: true
			})
		).to.throw('forbidden-here');
	});
});
