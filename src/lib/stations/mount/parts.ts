import type { MountPart } from '$core/route/stations/mount/mounting-method';
import type { Sheet } from '$lib/desk/sheet-part';
import GluePart from './GluePart.svelte';
import NeutralPart from './NeutralPart.svelte';
import TightenPart from './TightenPart.svelte';
import BenchPart from './methods/BenchPart.svelte';
import ColletPart from './methods/ColletPart.svelte';
import FitPart from './methods/FitPart.svelte';
import FlangePart from './methods/FlangePart.svelte';
import PackSheet from './methods/PackSheet.svelte';
import PointPart from './methods/PointPart.svelte';
import QuillPart from './methods/QuillPart.svelte';
import ToolPostPart from './methods/ToolPostPart.svelte';

/** The sheet of each part of mounting. */
export const SHEETS: Readonly<Record<MountPart['id'], Sheet>> = {
	fit: FitPart,
	flange: FlangePart,
	pack: PackSheet,
	quill: QuillPart,
	point: PointPart,
	collet: ColletPart,
	bench: BenchPart,
	'tool-post': ToolPostPart,
	glue: GluePart,
	neutral: NeutralPart,
	tighten: TightenPart
};
