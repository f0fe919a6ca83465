import type { Component } from 'svelte';
import { type Form } from '$core/route/stations/form/made';
import { featuresOf } from '$core/route/stations/form/features';
import type { SetupSession } from '$lib/desk/setup-session.svelte';
import type { Part } from '$lib/desk/parts.svelte';

type Sheet = Component<{ desk: SetupSession; ondone: () => void }>;
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
const ALIGN = part('align', 'On centre', ['align'], () => import('./AlignPart.svelte'));
const FORMED = part('formed', 'Dress and listen', ['formed'], () => import('./FormedPart.svelte'));
const COUPON = part('coupon', 'Coupon', ['proved'], () => import('./CouponPart.svelte'));

const FIXTURE = part('set', 'Set the dresser', [], () => import('./set/FixturePart.svelte'));
const ROLL = part('set', 'Set the roll', ['set'], () => import('./set/RollPart.svelte'));
const PROGRAM = part('set', 'Program', ['set'], () => import('./set/ProgramPart.svelte'));

/** How the dresser is set differs with the way the form is made. */
function setting(form: Form): FormPart[] {
	const lines = [
		...featuresOf(form.chain, form.way).map((f) => `set-${f.index}`),
		'screwTight',
		'blocksOut',
		form.way === 'sine' ? 'slideCovered' : 'turnedByHand'
	];
	if (form.way === 'sine' || form.way === 'radius') return [{ ...FIXTURE, lines }, PASSES];
	return form.way === 'roll' ? [ROLL] : [PASSES, PROGRAM];
}

/** The parts of forming in their order; before there is a form, what will come is shown and closed. */
export function partsOf(form: Form | null): FormPart[] {
	if (form) return [SHAPE, ...setting(form), ALIGN, FORMED, COUPON];
	return [SHAPE, ...[FIXTURE, PASSES, ALIGN, FORMED, COUPON].map((p) => ({ ...p, closed: true }))];
}
