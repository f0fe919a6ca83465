import { writeDxf } from './dxf/write.js';
import { summaryOf } from './profile/chain.js';
import type { Segment } from './profile/segment.js';
import { pointsOf, svgPathOf } from './sample.js';

export const FORM_FILES = ['dxf', 'svg', 'csv'] as const;
export type FormFile = (typeof FORM_FILES)[number];
export const FORM_FILE_TYPES: Readonly<Record<FormFile, string>> = {
	dxf: 'application/dxf',
	svg: 'image/svg+xml',
	csv: 'text/csv'
};
/** Arcs are told as points no farther than this from them. */
const CHORD_MM = 0.001;
const EDGE_MM = 0.5;

function picture(chain: readonly Segment[]): string {
	const summary = summaryOf(chain);
	const z = Math.min(summary.start.zMm, summary.end.zMm);
	const [width, height] = [summary.widthMm + 2 * EDGE_MM, summary.depthMm + 2 * EDGE_MM];
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${z - EDGE_MM} ${summary.minXMm - EDGE_MM} ${width} ${height}" width="${width}mm" height="${height}mm"><path d="${svgPathOf(chain)}" fill="none" stroke="#000" stroke-width="0.05"/></svg>`;
}

/** A form as a file that others read: a drawing, a picture, a table of points; millimetres. */
export function formFile(kind: FormFile, chain: readonly Segment[]): string {
	if (kind === 'dxf') return writeDxf(chain, 'PROFILE');
	if (kind === 'svg') return picture(chain);
	return `zMm,xMm\n${pointsOf(chain, CHORD_MM)
		.map((point) => `${point.zMm.toFixed(6)},${point.xMm.toFixed(6)}`)
		.join('\n')}\n`;
}
