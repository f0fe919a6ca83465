import { yesNo } from '../../../calculation/field/index.js';

/** Asked by every way of measuring: what was learnt before may count no more. */
export const AFRESH = yesNo('afresh', 'Something slipped or dripped since', {
	default: false,
	advanced: true,
	label: 'Forget earlier rolls'
});
