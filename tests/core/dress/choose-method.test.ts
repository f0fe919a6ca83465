import { expect } from 'chai';
import { chooseMethod } from '../../../src/core/dress/choose-method.js';
import { METHODS } from '../../../src/core/dress/methods.js';
import { refuses } from '../examples.js';

describe('dress.choose-method: every wheel, purpose, form and machine', () => {
	const bonds = ['vitrified', 'resin', 'rubber', 'metal', 'crushable-metal', 'hybrid', 'plated'];
	const abrasives = ['alumina', 'silicon-carbide', 'cbn', 'diamond'];
	const all = { machine: 'surface', devices: [...METHODS] };
	const run = (v: object) => chooseMethod.run({ ...all, ...v });
	it('never offers what must not be', () => {
		for (const bond of bonds)
			for (const abrasive of abrasives)
				for (const purpose of ['true', 'open', 'form', 'clean'])
					for (const form of ['flat', 'radius', 'profile'])
						for (const machine of ['surface', 'bench']) {
							const o = run({ bond, abrasive, purpose, form, machine });
							const offered = o.ranked.map((r) => r.method);
							const what = `${bond} ${abrasive} ${purpose} ${form} ${machine}`;
							expect([...offered, ...o.excluded.map((e) => e.method)].sort(), what).to.deep.equal(
								[...METHODS].sort()
							);
							if (abrasive === 'diamond')
								expect(offered, what).not.to.include.oneOf([
									'single-point',
									'cluster',
									'rotary-form-roll',
									'hand-cutter'
								]);
							if (bond === 'plated')
								expect(
									offered.every((m) => m === 'stick' && purpose === 'clean'),
									what
								).to.equal(true);
							if (!['vitrified', 'crushable-metal'].includes(bond))
								expect(offered, what).not.to.include('crush-roll');
							if (!['metal', 'crushable-metal'].includes(bond))
								expect(offered, what).not.to.include('wire-edm');
							if (machine !== 'bench') expect(offered, what).not.to.include('hand-cutter');
							expect(o.ranked.map((r) => r.score)).to.deep.equal(
								o.ranked.map((r) => r.score).sort((a, b) => b - a)
							);
							expect(o.best).to.equal(offered[0] ?? null);
						}
	});
	it('what is not in the shop is out for that reason first', () => {
		const o = run({ bond: 'plated', abrasive: 'diamond', purpose: 'true', devices: ['stick'] });
		expect(o.excluded.filter((e) => e.code === 'device-not-available')).to.have.length(METHODS.length - 1);
		expect(o).to.include({ best: null, then: null, verdict: 'stop' });
	});
	it('what must follow: stick on a superabrasive, an opening dress after truing, protrusion after the wire', () => {
		const then = (v: object) => run(v).then;
		expect(then({ bond: 'vitrified', abrasive: 'alumina', purpose: 'true' })).to.equal('opening-dress');
		expect(then({ bond: 'vitrified', abrasive: 'alumina', purpose: 'form' })).to.equal(null);
		expect(then({ bond: 'resin', abrasive: 'diamond', purpose: 'true' })).to.equal('stick');
		expect(then({ bond: 'metal', abrasive: 'diamond', purpose: 'true' })).to.equal('check-protrusion');
		expect(then({ bond: 'resin', abrasive: 'diamond', purpose: 'open' })).to.equal(null);
	});
	it('a large batch speaks for a form roll, a small one against', () => {
		const score = (batchSize: number) =>
			run({
				bond: 'vitrified',
				abrasive: 'alumina',
				purpose: 'form',
				form: 'profile',
				batchSize
			}).ranked.find((r) => r.method === 'rotary-form-roll')!.score;
		expect([9, 10, 49, 50].map(score)).to.deep.equal([75, 90, 90, 105]);
	});
	it('a radius wants a fixture or driven axes, a profile driven axes', () => {
		const offered = (form: string, more: object = {}) =>
			run({ bond: 'vitrified', abrasive: 'cbn', purpose: 'form', form, ...more }).ranked.map((r) => r.method);
		expect(offered('radius')).to.deep.equal(['rotary-form-roll', 'crush-roll']);
		expect(offered('radius', { radiusFixture: true })).to.include.members(['single-point', 'truing-wheel']);
		expect(offered('radius', { axisControl: 'cnc' })).to.include.members(['rotary-disc', 'single-point']);
		expect(offered('profile', { axisControl: 'cnc' }))
			.to.include.members(['rotary-disc', 'single-point'])
			.and.not.include('truing-wheel');
		expect(offered('profile', { radiusFixture: true })).to.deep.equal(['rotary-form-roll', 'crush-roll']);
	});
	it('names an entry of the list it does not know', () =>
		refuses(
			'dress.choose-method',
			{ ...all, bond: 'resin', abrasive: 'cbn', purpose: 'true', devices: ['stick', 'file'] },
			'devices.1',
			'unknown-choice'
		));
});
