import { expect } from 'chai';
import fc from 'fast-check';
import {
	type Limits,
	checkLimits,
	guidelineFields,
	inShop,
	limitOf,
	withLimits
} from '../../../src/core/calculation/limits.js';
import { CALCULATIONS, calculation } from '../../../src/core/calculations.js';
import type { SetupFacts } from '../../../src/core/route/facts.js';
import { truePlanStep } from '../../../src/core/route/stations/true/steps.js';
import { current, did, faults, line, worked, recordOf } from '../../shared/setup-in-memory.js';
import { RIM_AFTER } from '../../shared/good-work.js';

const check = (body: unknown) => checkLimits(CALCULATIONS, body);
const shop = (f: SetupFacts, limits: SetupFacts['guidelines']['limits']): SetupFacts => ({
	...f,
	guidelines: { ...f.guidelines, limits }
});

describe('limits and usual values of a shop', () => {
	it('every flagged figure has a shipped value within its own range, and knows its calculation', () => {
		const all = CALCULATIONS.flatMap((c) => guidelineFields(c).map((f) => [c.id, f] as const));
		expect(all.length).to.be.above(60);
		for (const [id, f] of all) {
			expect(f.of).to.equal(id);
			expect(check({ [id]: { [f.name]: f.default } }), 'as shipped is not kept').to.deep.equal({});
		}
	});
	it('the shipped figures change no result', () => {
		for (const c of CALCULATIONS.filter((x) => guidelineFields(x).length && !x.heavy))
			expect(c.run(withLimits({}, c, c.example)), c.id).to.deep.equal(c.run(c.example));
	});
	it('keeps what differs and leaves the rest', () => {
		expect(
			check({ 'true.runout': { limitTirUm: 15, stopTirUm: 2000 }, 'mount.fit-check': {} })
		).to.deep.equal({ 'true.runout': { limitTirUm: 15 } });
		expect(check({})).to.deep.equal({});
	});
	it('refuses what nobody knows, what is out of range and what contradicts itself, by name', () => {
		faults('not-an-object', 'limits', () => check([]));
		faults('unknown-choice', 'true.nothing', () => check({ 'true.nothing': {} }));
		faults('unknown-choice', 'true.runout.readingsUm', () => check({ 'true.runout': { readingsUm: [1] } }));
		faults('above-maximum', 'true.runout.limitTirUm', () => check({ 'true.runout': { limitTirUm: 1e6 } }));
		faults('not-a-number', 'true.runout.limitTirUm', () => check({ 'true.runout': { limitTirUm: '15' } }));
		faults('not-an-object', 'true.runout', () => check({ 'true.runout': 15 }));
		faults('limits-out-of-order', /^true\.pre-balance-rule\./, () =>
			check({ 'true.pre-balance-rule': { smallDiameterMm: 400, smallWidthMm: 30 } })
		);
	});
	it("a figure given counts before the shop's, and that before the shipped one", () =>
		fc.assert(
			fc.property(
				fc.option(fc.integer({ min: 0, max: 500 })),
				fc.option(fc.integer({ min: 0, max: 500 })),
				(given, own) => {
					const limits: Limits = own === null ? {} : { 'true.runout': { limitTirUm: own } };
					const runout = calculation('true.runout');
					expect(
						(withLimits(limits, runout, { limitTirUm: given }) as { limitTirUm: number }).limitTirUm
					).to.equal(given ?? own ?? 25);
					expect(limitOf(limits, runout, 'limitTirUm')).to.equal(own ?? 25);
				}
			)
		));
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
