import type { MountPart } from '$core/route/stations/mount/mounting-method';
import type { LoadSheet } from '$lib/desk/sheet-part';

/** The sheet of each part of mounting, fetched when it is opened. */
export const SHEETS: Readonly<Record<MountPart['id'], LoadSheet>> = {
	fit: () => import('./methods/FitPart.svelte'),
	flange: () => import('./methods/FlangePart.svelte'),
	pack: () => import('./methods/PackPart.svelte'),
	quill: () => import('./methods/QuillPart.svelte'),
	point: () => import('./methods/PointPart.svelte'),
	collet: () => import('./methods/ColletPart.svelte'),
	bench: () => import('./methods/BenchPart.svelte'),
	'tool-post': () => import('./methods/ToolPostPart.svelte'),
	glue: () => import('./GluePart.svelte'),
	neutral: () => import('./NeutralPart.svelte'),
	tighten: () => import('./TightenPart.svelte')
};
