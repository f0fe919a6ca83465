import type { Method } from '$core/dress/methods';
import { type SheetPart, sheetPart } from '$lib/desk/sheet-part';

const POSITION = sheetPart(
	'position',
	'Place the diamond',
	['position'],
	() => import('./methods/PositionPart.svelte')
);
const STICK = sheetPart(
	'stick',
	'Open with the stick',
	['opened'],
	() => import('./methods/StickPart.svelte')
);
const TRUING = sheetPart('truing', 'Set the truing', ['truing'], () => import('./methods/TruingPart.svelte'));

/** What is set before the dress, way by way. */
const BEFORE: Readonly<Record<Method, readonly SheetPart[]>> = {
	'single-point': [
		POSITION,
		sheetPart(
			'settings',
			'Set the dress',
			['settings', 'plan', 'holder', 'pace'],
			() => import('./methods/SettingsPart.svelte')
		)
	],
	cluster: [
		POSITION,
		sheetPart('cluster', 'Set the nib', ['cluster', 'plan'], () => import('./methods/ClusterPart.svelte'))
	],
	'rotary-disc': [
		sheetPart('disc', 'Set the disc', ['disc', 'plan'], () => import('./methods/DiscPart.svelte'))
	],
	'rotary-form-roll': [
		sheetPart('roll', 'Set the roll', ['roll'], () => import('./methods/RollPart.svelte')),
		sheetPart('continuous', 'Keep it on the wheel', [], () => import('./methods/ContinuousPart.svelte'))
	],
	'crush-roll': [
		sheetPart('crush', 'Set the crush roll', ['crush'], () => import('./methods/CrushPart.svelte'))
	],
	'truing-wheel': [
		sheetPart('truer', 'Truing wheel', ['truer'], () => import('./methods/TruerPart.svelte')),
		TRUING
	],
	'steel-block': [TRUING],
	stick: [STICK],
	'wire-edm': [
		sheetPart('wire', 'Set the wire', ['wire', 'mist', 'time'], () => import('./methods/WirePart.svelte'))
	],
	'hand-cutter': [sheetPart('hand', 'Set rest and tool', ['hand'], () => import('./methods/HandPart.svelte'))]
};
/** What is looked at or done afterwards, by what must follow. */
const AFTER: Readonly<Record<string, SheetPart>> = {
	stick: STICK,
	'check-protrusion': sheetPart(
		'proud',
		'Look at the grain',
		['proud'],
		() => import('./methods/ProudPart.svelte')
	),
	'opening-dress': sheetPart(
		'opened',
		'Opening dress',
		['opening'],
		() => import('./methods/OpenedPart.svelte')
	)
};
const FACE = sheetPart('face', 'Look at the face', ['face'], () => import('./methods/FacePart.svelte'));

export const partsBefore = (method: Method): readonly SheetPart[] => BEFORE[method];
export function partsAfter(method: Method, then: string | null): readonly SheetPart[] {
	const next = then ? AFTER[then] : undefined;
	return [...(method === 'hand-cutter' ? [FACE] : []), ...(next ? [next] : [])];
}
