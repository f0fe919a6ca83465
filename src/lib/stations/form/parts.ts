import type { Component } from 'svelte';
import { type Form } from '$core/route/stations/form/made';
import { featuresOf } from '$core/route/stations/form/features';
import type { Desk } from '$lib/desk/desk.svelte';
import type { Part } from '$lib/desk/parts.svelte';

type Sheet = Component<{ desk: Desk; ondone: () => void }>;
/** One part of forming: its title, the lines it is done by, and its sheet, fetched when it is opened. */
export interface FormPart extends Part {
	load: () => Promise<{ default: Sheet }>;
}
const part = (id: string, title: string, lines: readonly string[], load: FormPart['load']): FormPart => ({
	id,
	title,
	lines,
	load
});

const SHAPE = part('shape', 'Shape', ['fits', 'reach'], () => import('./ShapePart.svelte'));
const PASSES = part('passes', 'Passes', ['passes'], () => import('./PassesPart.svelte'));
const ALIGN = part('align', 'Square, on centre', ['align'], () => import('./AlignPart.svelte'));
const FORMED = part('formed', 'Dress and listen', ['formed'], () => import('./FormedPart.svelte'));
const COUPON = part('coupon', 'Coupon', ['proved'], () => import('./CouponPart.svelte'));

/** How the dresser is set differs with the way the form is made. */
function setting(form: Form): FormPart[] {
	const title = 'Set the dresser';
	const lines = featuresOf(form.chain, form.way).map((f) => `set-${f.index}`);
	if (form.way === 'sine') return [part('set', title, lines, () => import('./set/SinePart.svelte')), PASSES];
	if (form.way === 'radius')
		return [part('set', title, lines, () => import('./set/RadiusPart.svelte')), PASSES];
	if (form.way === 'roll')
		return [part('set', 'Set the roll', ['set'], () => import('./set/RollPart.svelte'))];
	return [PASSES, part('set', 'Program', ['set'], () => import('./set/ProgramPart.svelte'))];
}

/** The parts of forming in their order; before there is a form, what will come is shown and closed. */
export function partsOf(form: Form | null): FormPart[] {
	if (form) return [SHAPE, ...setting(form), ALIGN, FORMED, COUPON];
	const set = part('set', 'Set the dresser', ['set'], () => import('./set/RollPart.svelte'));
	return [SHAPE, ...[set, PASSES, ALIGN, FORMED, COUPON].map((p) => ({ ...p, closed: true }))];
}
