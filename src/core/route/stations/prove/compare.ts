import { compareDress } from '../../../prove/compare-dress.js';
import type { StationId } from '../../station-names.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';

/** The same cut undressed and dressed: did the dress help? */
const compared = <const S extends StationId>(station: S) =>
	defineStep({
		station,
		step: 'compare',
		title: 'Undressed against dressed',
		fields: compareDress.fields,
		compute: (facts, values) => single(compute(facts, compareDress, values))
	});
/** Before the release. */
export const compareStep = compared('prove');
/** Of a redress while it grinds. */
export const keepCompareStep = compared('keep');

/** What it came to, in words. */
export const COMPARED: Readonly<Record<string, string>> = {
	better: 'better: it cuts freer',
	'freer-but-rougher': 'freer, but rougher',
	finer: 'finer',
	'finer-but-duller': 'finer, but duller',
	'little-change': 'little changed',
	worse: 'worse'
};
