import fc from 'fast-check';
import { faults } from '../../shared/setup-in-memory.js';
import { expect } from 'chai';
import { CALCULATIONS, calculation } from '../../../src/core/calculations.js';
import {
	type Limits,
	beyondEnds,
	checkLimits,
	guidelineFields,
	inShop,
	limitOf,
	withLimits
} from '../../../src/core/calculation/limits.js';
import { fieldIn } from '../../../src/core/calculation/in-system.js';
import { InputFault } from '../../../src/core/calculation/fault.js';

const runout = calculation('mount.spindle-runout');
const ID = runout.id;
const SHOP = { [ID]: { runoutAimUm: 8 } };

/** Field and code a body is refused with. */
const refused = (body: unknown): string => {
	try {
		checkLimits(CALCULATIONS, body);
	} catch (e) {
		if (!(e instanceof InputFault)) throw e;
		return `${e.field} ${e.code}`;
	}
	throw new Error('it was accepted');
};

describe("the shop's own figures", () => {
	it('are the guideline figures of a calculation, and no others', () => {
		expect(guidelineFields(runout).map((f) => f.name)).to.deep.equal(['runoutAimUm', 'runoutLimitUm']);
		for (const c of CALCULATIONS)
			for (const f of guidelineFields(c))
				expect(f, `${c.id} ${f.name}`).to.include({ guideline: true, of: c.id });
	});
	it('count where nothing else was said; the shipped figure counts where the shop has none', () => {
		expect(withLimits(SHOP, runout, { taperRunoutUm: 3 })).to.deep.equal({
			taperRunoutUm: 3,
			runoutAimUm: 8,
			runoutLimitUm: 25
		});
		expect(withLimits(SHOP, runout, { runoutAimUm: 2 })).to.include({ runoutAimUm: 2 });
		expect(withLimits({}, runout, {})).to.include({ runoutAimUm: 5 });
		expect([limitOf(SHOP, runout, 'runoutAimUm'), limitOf({}, runout, 'runoutAimUm')]).to.deep.equal([8, 5]);
	});
	it('stand in the field list as what one begins with', () => {
		const begin = (limits: object) =>
			inShop(runout.fields, limits as typeof SHOP).map((f) => ('default' in f ? f.default : undefined));
		expect(begin(SHOP)).to.deep.equal([undefined, undefined, 8, 25, undefined]);
		expect(begin({})).to.deep.equal([undefined, undefined, 5, 25, undefined]);
		expect(begin({ 'mount.flange-check': { runoutAimUm: 9 } })).to.deep.equal(begin({}));
		expect(inShop(runout.fields, {}), 'nothing to change, nothing copied').to.equal(runout.fields);
	});
	it('are kept where they differ from the shipped ones', () => {
		expect(checkLimits(CALCULATIONS, { [ID]: { runoutAimUm: 8, runoutLimitUm: 25 } })).to.deep.equal(SHOP);
		expect(checkLimits(CALCULATIONS, { [ID]: { runoutAimUm: 5 } })).to.deep.equal({});
		expect(checkLimits(CALCULATIONS, {})).to.deep.equal({});
	});
	it('are refused by calculation and field when they are not known, out of range or contradict each other', () => {
		for (const body of [null, [], 'x', 3]) expect(refused(body)).to.equal('limits not-an-object');
		expect(refused({ 'no.such': {} })).to.equal('no.such unknown-choice');
		expect(refused({ ['x'.repeat(99)]: {} })).to.equal(`${'x'.repeat(60)} unknown-choice`);
		expect(refused({ 'mount.thread-hand': {} }), 'it has no guideline').to.equal(
			'mount.thread-hand unknown-choice'
		);
		for (const values of [null, [], 3]) expect(refused({ [ID]: values })).to.equal(`${ID} not-an-object`);
		expect(refused({ [ID]: { taperRunoutUm: 1 } })).to.equal(`${ID}.taperRunoutUm unknown-choice`);
		expect(refused({ [ID]: { runoutAimUm: 0 } })).to.equal(`${ID}.runoutAimUm below-minimum`);
		expect(refused({ [ID]: { runoutAimUm: '8' } })).to.equal(`${ID}.runoutAimUm not-a-number`);
	});
});

const check = (body: unknown) => checkLimits(CALCULATIONS, body);

describe('limits and usual values of every calculation', () => {
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
		expect(check({ 'true.runout': { limitTirUm: 15, stopTirUm: 500 }, 'mount.fit-check': {} })).to.deep.equal(
			{ 'true.runout': { limitTirUm: 15 } }
		);
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
});

describe('hard ends of the figures of a shop', () => {
	it('are round in the system they are typed in', () => {
		const twoThou = { [ID]: { runoutLimitUm: 50.8 } };
		expect(checkLimits(CALCULATIONS, twoThou, 'inch')).to.deep.equal(twoThou);
		expect(refused(twoThou)).to.equal(`${ID}.runoutLimitUm above-maximum`);
		expect(limitOf(twoThou, runout, 'runoutLimitUm', 'inch')).to.equal(50.8);
		expect(limitOf(twoThou, runout, 'runoutLimitUm')).to.equal(50);
	});
	it('hold a figure kept before there was an end, and say which counts', () => {
		const old = { [ID]: { runoutLimitUm: 400 } };
		expect(limitOf(old, runout, 'runoutLimitUm')).to.equal(50);
		expect(withLimits(old, runout, {})).to.include({ runoutLimitUm: 50 });
		expect(beyondEnds(CALCULATIONS, old).map((b) => [b.field.name, b.own, b.counts])).to.deep.equal([
			['runoutLimitUm', 400, 50]
		]);
		expect(beyondEnds(CALCULATIONS, SHOP)).to.deep.equal([]);
	});
	it('hold in every calculation and in both systems, whatever the shop says', () => {
		fc.assert(
			fc.property(fc.constantFrom(...CALCULATIONS), fc.double({ noNaN: true }), (c, own) => {
				for (const f of guidelineFields(c)) {
					if (f.kind !== 'number') continue;
					for (const system of ['mm', 'inch'] as const) {
						const end = fieldIn(f, system) as typeof f;
						const counts = limitOf({ [c.id]: { [f.name]: own } }, c, f.name, system);
						expect(counts, `${c.id} ${f.name}`).to.be.within(end.min ?? -Infinity, end.max ?? Infinity);
					}
				}
			})
		);
	});
});
