import { expect } from 'chai';
import { calculation } from '../../src/core/calculations.js';
import { InputFault } from '../../src/core/calculation/fault.js';

type Expected = Record<string, unknown>;

/** Value at a dotted path; `reasons` as codes is asked for with the path `codes`. */
function at(output: unknown, path: string): unknown {
	if (path === 'codes') return (output as { reasons: { code: string }[] }).reasons.map((r) => r.code).sort();
	return path.split('.').reduce<unknown>((v, key) => (v as Record<string, unknown> | null)?.[key], output);
}

/** Compares numbers with a relative tolerance, everything else exactly; only what is named is compared. */
export function close(actual: unknown, wanted: unknown, path: string, tolerance = 5e-5): void {
	if (typeof wanted === 'number') {
		expect(actual, path).to.be.a('number');
		expect(
			Math.abs((actual as number) - wanted),
			`${path}: ${String(actual)} instead of ${wanted}`
		).to.be.at.most(Math.abs(wanted) * tolerance + 1e-9);
	} else if (Array.isArray(wanted)) {
		expect(actual, path).to.be.an('array').with.length(wanted.length);
		wanted.forEach((w, i) => close((actual as unknown[])[i], w, `${path}.${i}`, tolerance));
	} else if (wanted !== null && typeof wanted === 'object') {
		for (const [key, w] of Object.entries(wanted))
			close((actual as Record<string, unknown> | null)?.[key], w, `${path}.${key}`, tolerance);
	} else expect(actual, path).to.equal(wanted);
}

/** Runs a calculation and compares the named outputs. */
export function example(id: string, input: object, wanted: Expected, tolerance?: number): void {
	const frozen = JSON.stringify(input);
	const output = calculation(id).run(input);
	for (const [path, value] of Object.entries(wanted))
		close(at(output, path), path === 'codes' ? [...(value as string[])].sort() : value, path, tolerance);
	expect(JSON.stringify(input), 'input unchanged').to.equal(frozen);
}

/** Runs a calculation that must refuse its input for this field with this code. */
export function refuses(id: string, input: unknown, field: string, code: string): void {
	try {
		calculation(id).run(input);
	} catch (e) {
		if (!(e instanceof InputFault)) throw e;
		expect({ field: e.field, code: e.code }).to.deep.equal({ field, code });
		expect(e.message).to.be.a('string').with.length.above(10);
		return;
	}
	throw new Error(`${id} accepted ${JSON.stringify(input)}`);
}
