import { type Form } from '$core/route/stations/form/made';
import type { FormingMethod } from '$core/route/stations/form/forming-method';
import { featuresOf } from '$core/route/stations/form/features';
import { type SheetPart, sheetPart } from '$lib/desk/sheet-part';

const SHAPE = sheetPart('shape', 'Shape', ['fits', 'reach'], () => import('./ShapePart.svelte'));
const PASSES = sheetPart('passes', 'Passes', ['passes'], () => import('./PassesPart.svelte'));
const ALIGN = sheetPart('align', 'On centre', ['align'], () => import('./AlignPart.svelte'));
const FORMED = sheetPart('formed', 'Dress and listen', ['formed'], () => import('./FormedPart.svelte'));
const COUPON = sheetPart('coupon', 'Coupon', ['proved'], () => import('./CouponPart.svelte'));

const FIXTURE = sheetPart('set', 'Set the dresser', [], () => import('./methods/FixturePart.svelte'));
const ROLL = sheetPart('set', 'Set the roll', ['set'], () => import('./methods/RollPart.svelte'));
const PROGRAM = sheetPart('set', 'Program', ['set'], () => import('./methods/ProgramPart.svelte'));

/** How the dresser is set, method by method. */
const SETTING: Readonly<Record<FormingMethod, (form: Form) => SheetPart[]>> = {
	sine: (form) => [fixture(form, 'slideCovered'), PASSES],
	radius: (form) => [fixture(form, 'turnedByHand'), PASSES],
	roll: () => [ROLL],
	program: () => [PASSES, PROGRAM],
	wire: () => [PASSES, PROGRAM]
};
/** A fixture is set for each flank or arc. */
const fixture = (form: Form, last: string): SheetPart => ({
	...FIXTURE,
	lines: [
		...featuresOf(form.chain, form.way).map((feature) => `set-${feature.index}`),
		'screwTight',
		'blocksOut',
		last
	]
});

/** The parts of forming in their order; before there is a form, what will come is shown and closed. */
export function partsOf(form: Form | null): SheetPart[] {
	if (form) return [SHAPE, ...SETTING[form.way](form), ALIGN, FORMED, COUPON];
	return [SHAPE, ...[FIXTURE, PASSES, ALIGN, FORMED, COUPON].map((p) => ({ ...p, closed: true }))];
}
