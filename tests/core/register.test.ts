import { readFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { expect } from 'chai';
import fc from 'fast-check';
import { ROOT } from '../../src/command/paths.js';
import { reference } from '../../src/core/calculation/reference.js';
import { type Field, labelOf } from '../../src/core/calculation/fields.js';
import { notFinite } from '../shared/finite.js';
import { answer } from '../../src/core/answer.js';
import { CALCULATIONS, CORE_VERSION } from '../../src/core/calculations.js';

const at = (output: unknown, path: string): unknown =>
	path.split('.').reduce<unknown>((v, k) => (v as Record<string, unknown> | null | undefined)?.[k], output);

describe('the register', () => {
	it('has every calculation once, with words for all of it', () => {
		expect(new Set(CALCULATIONS.map((c) => c.id)).size).to.equal(CALCULATIONS.length);
		for (const c of CALCULATIONS) {
			expect(c.id).to.match(/^[a-z-]+\.[a-z0-9-]+$/);
			for (const text of [c.title, c.about, c.source]) expect(text, c.id).to.have.length.above(3);
			expect(c.formulas.length, c.id).to.be.above(0);
			for (const f of c.fields) expect(labelOf(f), `${c.id} ${f.name}`).to.match(/^[A-Z]/);
		}
	});
	it('computes every example, with every output it names, without changing the input', () => {
		for (const c of CALCULATIONS) {
			const before = JSON.stringify(c.example);
			const output = c.run(c.example);
			for (const o of c.outputs) expect(at(output, o.name), `${c.id} ${o.name}`).not.to.equal(undefined);
			expect(JSON.stringify(c.example)).to.equal(before);
			expect(c.run(c.example), `${c.id} gives the same again`).to.deep.equal(output);
		}
	});
	it('has its reference in docs as it is now', () => {
		expect(
			readFileSync(`${ROOT}/docs/reference.md`, 'utf8'),
			'run ./uncinus calc --reference > docs/reference.md'
		).to.equal(reference(CALCULATIONS, CORE_VERSION));
	});
	it('answers bad input with field, code and words, whatever it is', () => {
		const junk = fc.oneof(
			fc.constant(null),
			fc.string(),
			fc.double(),
			fc.boolean(),
			fc.constant(Number.NaN),
			fc.constant(1e308),
			fc.constant(-1),
			fc.array(fc.anything(), { maxLength: 3 }),
			fc.dictionary(fc.string(), fc.anything(), { maxKeys: 3 })
		);
		fc.assert(
			fc.property(
				fc.constantFrom(...CALCULATIONS),
				fc.integer({ min: 0, max: 40 }),
				junk,
				(c, index, value) => {
					const field = c.fields[index % c.fields.length]!;
					const result = answer(c.id, { ...c.example, [field.name]: value });
					if ('error' in result) {
						expect(result.error.field, c.id).to.be.a('string');
						expect(result.error.code).to.match(/^[a-z-]+$/);
						expect(result.error.message).to.have.length.within(10, 300);
					} else expect(notFinite(result.output), c.id).to.deep.equal([]);
				}
			),
			{ numRuns: 2000 }
		);
	});
	it('refuses each required field when it is missing, by name', () => {
		const missing = (f: Field) => f.required === true;
		for (const c of CALCULATIONS)
			for (const f of c.fields.filter(missing)) {
				const given = { ...(c.example as Record<string, unknown>) };
				delete given[f.name];
				const result = answer(c.id, given);
				expect(result, `${c.id} ${f.name}`).to.have.property('error');
				expect((result as { error: { field: string } }).error.field.split('.')[0], c.id).to.equal(f.name);
			}
	});
	it('gives the same answers through the command, one by one and in a batch', function () {
		// Several processes are started one after the other; how long that takes says nothing about their answers.
		this.timeout(180_000);
		const lines = CALCULATIONS.map((c) => ({ id: c.id, input: c.example }));
		const batch = [
			...lines,
			{ id: 'no.such', input: {} },
			{ id: 'spec.surface-speed', input: { diameterMm: 'NaN' } }
		];
		const run = (args: string[], input: string) =>
			spawnSync(`${ROOT}/uncinus`, ['calc', ...args], { input, encoding: 'utf8' });
		const out = run(['--batch'], `${batch.map((b) => JSON.stringify(b)).join('\n')}\nnot json\n`)
			.stdout.trim()
			.split('\n')
			.map((l) => JSON.parse(l) as unknown);
		expect(out.slice(0, batch.length)).to.deep.equal(
			JSON.parse(JSON.stringify(batch.map((b) => answer(b.id, b.input))))
		);
		expect(out.at(-1)).to.have.property('error');
		const one = run(['spec.surface-speed'], '{"diameterMm": -4}');
		expect(one.status).to.equal(2);
		expect(JSON.parse(one.stdout).error).to.include({ field: 'diameterMm', code: 'below-minimum' });
		expect(run(['--list'], '').stdout.trim().split('\n')).to.deep.equal(CALCULATIONS.map((c) => c.id));
	});
});
