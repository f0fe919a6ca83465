import type { Component } from 'svelte';
import type { Method } from '$core/dress/methods';
import type { SetupSession } from '$lib/desk/setup-session.svelte';
import type { Part } from '$lib/desk/parts.svelte';

type Sheet = Component<{ desk: SetupSession; ondone: () => void }>;
/** One part of a way: its title, the lines it is done by, and its sheet, fetched when it is opened. */
export interface WayPart extends Part {
	load: () => Promise<{ default: Sheet }>;
}
const part = (id: string, title: string, lines: readonly string[], load: WayPart['load']): WayPart => ({
	id,
	title,
	lines,
	load
});

const POSITION = part(
	'position',
	'Place the diamond',
	['position'],
	() => import('./methods/PositionPart.svelte')
);
const STICK = part('stick', 'Open with the stick', ['opened'], () => import('./methods/StickPart.svelte'));
const TRUING = part('truing', 'Set the truing', ['truing'], () => import('./methods/TruingPart.svelte'));

/** What is set before the dress, way by way. */
const BEFORE: Readonly<Record<Method, readonly WayPart[]>> = {
	'single-point': [
		POSITION,
		part(
			'settings',
			'Set the dress',
			['settings', 'plan', 'holder', 'pace'],
			() => import('./methods/SettingsPart.svelte')
		)
	],
	cluster: [
		POSITION,
		part('cluster', 'Set the nib', ['cluster', 'plan'], () => import('./methods/ClusterPart.svelte'))
	],
	'rotary-disc': [part('disc', 'Set the disc', ['disc', 'plan'], () => import('./methods/DiscPart.svelte'))],
	'rotary-form-roll': [
		part('roll', 'Set the roll', ['roll'], () => import('./methods/RollPart.svelte')),
		part('continuous', 'Keep it on the wheel', [], () => import('./methods/ContinuousPart.svelte'))
	],
	'crush-roll': [part('crush', 'Set the crush roll', ['crush'], () => import('./methods/CrushPart.svelte'))],
	'truing-wheel': [
		part('truer', 'Truing wheel', ['truer'], () => import('./methods/TruerPart.svelte')),
		TRUING
	],
	'steel-block': [TRUING],
	stick: [STICK],
	'wire-edm': [
		part('wire', 'Set the wire', ['wire', 'mist', 'time'], () => import('./methods/WirePart.svelte'))
	],
	'hand-cutter': [part('hand', 'Set rest and tool', ['hand'], () => import('./methods/HandPart.svelte'))]
};
/** What is looked at or done afterwards, by what must follow. */
const AFTER: Readonly<Record<string, WayPart>> = {
	stick: STICK,
	'check-protrusion': part(
		'proud',
		'Look at the grain',
		['proud'],
		() => import('./methods/ProudPart.svelte')
	),
	'opening-dress': part('opened', 'Opening dress', ['opening'], () => import('./methods/OpenedPart.svelte'))
};
const FACE = part('face', 'Look at the face', ['face'], () => import('./methods/FacePart.svelte'));

export const partsBefore = (method: Method): readonly WayPart[] => BEFORE[method];
export function partsAfter(method: Method, then: string | null): readonly WayPart[] {
	const next = then ? AFTER[then] : undefined;
	return [...(method === 'hand-cutter' ? [FACE] : []), ...(next ? [next] : [])];
}
/** How the run itself is called, and how it is asked whether it went well. */
export const RUN_WORDS: Readonly<Record<Method, { title: string; even: string }>> = {
	'single-point': { title: 'Dress and listen', even: 'Sounded even across the face' },
	cluster: { title: 'Dress and listen', even: 'Sounded even across the face' },
	'rotary-disc': { title: 'Dress and listen', even: 'Sounded even across the face' },
	'rotary-form-roll': { title: 'Dress and listen', even: 'Sounded even across the face' },
	'crush-roll': { title: 'Crush and watch', even: 'Ran together, form full' },
	'truing-wheel': { title: 'True and listen', even: 'Cut all round, even to hear' },
	'steel-block': { title: 'True and listen', even: 'Cut all round, even to hear' },
	stick: { title: 'Looked at', even: 'Clean over the whole face' },
	'wire-edm': { title: 'Erode and watch', even: 'Eroded evenly all round' },
	'hand-cutter': { title: 'Draw it across', even: 'Cut evenly over the face' }
};
