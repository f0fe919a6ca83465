import { expect } from 'chai';
import { CALCULATIONS } from '../../../src/core/calculations.js';
import { type Field, labelOf, unitOfName } from '../../../src/core/calculation/fields.js';
import { figure, symbolOf } from '../../../src/core/quantity/format.js';
import { parseQuantity } from '../../../src/core/quantity/parse.js';
import { STEPS } from '../../../src/core/route/steps.js';
import { MACHINE_FIELDS } from '../../../src/core/shop/machine.js';
import { MOUNT_FIELDS } from '../../../src/core/shop/mount.js';
import { DRESSER_FIELDS } from '../../../src/core/shop/dresser.js';
import { WHEEL_FIELDS } from '../../../src/core/shop/wheel.js';

/** Names that look as if they ended with a unit, and what they are. */
const NO_UNIT = new Set(['strokesPerMin', 'dialPerUm', 'clearQ', 'dullQ']);
/** A unit at the end of a label: a plain number in disguise. */
const SIGN_IN_LABEL =
	/, (?:mm|µm|um|m|kg|g|N|W|kW|A|Hz|s|min|h|bar|°C|GPa|MPa|ohm|carat|days|months|cm³|l\/min|m\/min|mm\/m|[NJWAl]\/\S+)$/;

const lists: [string, readonly Field[]][] = [
	...CALCULATIONS.map((c): [string, readonly Field[]] => [c.id, c.fields]),
	...STEPS.map((s): [string, readonly Field[]] => [`${s.station}.${s.step}`, s.fields]),
	['wheel', WHEEL_FIELDS],
	['mount', MOUNT_FIELDS],
	['machine', MACHINE_FIELDS],
	['dresser', DRESSER_FIELDS]
];
const every = (fields: readonly Field[]): Field[] =>
	fields.flatMap((f) => [
		f,
		...(f.kind === 'object' ? every(f.fields) : f.kind === 'list' ? every([f.item]) : [])
	]);

describe('a quantity has its unit', () => {
	for (const [where, fields] of lists)
		it(where, () => {
			for (const f of every(fields)) {
				expect(labelOf(f), f.name).not.to.match(SIGN_IN_LABEL);
				if ((f.kind !== 'number' && f.kind !== 'integer') || NO_UNIT.has(f.name)) continue;
				const named = unitOfName(f.name);
				if (named) expect(f.unit, f.name).not.to.equal(undefined);
			}
		});
	it('every output too', () => {
		for (const c of CALCULATIONS)
			for (const o of c.outputs) {
				expect(o.about, `${c.id} ${o.name}`).not.to.match(SIGN_IN_LABEL);
				const named = unitOfName(o.name.split('.').at(-1)!);
				if (named && !NO_UNIT.has(o.name) && !o.name.startsWith('ratioTo'))
					expect(o.unit, `${c.id} ${o.name}`).not.to.equal(undefined);
			}
	});
});

describe('a bare number is in the unit that stands beside it', () => {
	for (const [where, fields] of lists)
		it(where, () => {
			for (const f of every(fields)) {
				if ((f.kind !== 'number' && f.kind !== 'integer') || !f.unit) continue;
				for (const system of ['mm', 'inch'] as const) {
					const sign = symbolOf(f.unit, system);
					const bare = parseQuantity('25', f.unit, system);
					expect(bare, `${f.name}: 25 beside ${sign}`).to.have.property('value');
					expect(bare, `${f.name}: 25 ${sign}`).to.deep.equal(parseQuantity(`25 ${sign}`, f.unit, system));
					// What is read back is shown as it was typed.
					const { value } = bare as { value: number };
					expect(figure(value, f.unit, system), `${f.name} beside ${sign}`).to.equal('25');
				}
			}
		});
});
