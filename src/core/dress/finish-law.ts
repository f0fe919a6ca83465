import { studentT95 } from '../numeric/student-t.js';
import { naturalRaUm } from '../spec/natural-finish.js';
import { normalDepthUm, normalLeadUm } from './normal-dress.js';

/** What is known of the law Ra = C s^0.5 a^0.25 (h/0.1)^x, h the equivalent chip thickness in um: its constants and how sure they are. */
export interface FinishFit {
	logC: number;
	x: number;
	scaleLog: number;
	dof: number;
	v11: number;
	v12: number;
	v22: number;
}

/** Chip thickness at which C is told, so that C and x hardly depend on each other. */
export const REFERENCE_THICKNESS_UM = 0.1;
/** Exponent, scatter and degrees of freedom before any trial cut. */
export const [PRIOR_X, PRIOR_SCALE] = [0.3, 0.12];
const PRIOR_DOF = 4;
/** How unsure the constant and the exponent are before any trial cut, as logarithms. */
export const [UNSURE_C, UNSURE_X] = [0.35, 0.15];

/** ln C anchored on the natural finish of a grain at its normal dress (guideline). @example priorLogC(170) // -3.3037558 */
export function priorLogC(grainUm: number): number {
	return Math.log(naturalRaUm(grainUm) / (Math.sqrt(normalLeadUm(grainUm)) * normalDepthUm(grainUm) ** 0.25));
}

/** The law before any trial cut was made with this grain. */
export const priorFit = (grainUm: number): FinishFit => ({
	logC: priorLogC(grainUm),
	x: PRIOR_X,
	scaleLog: PRIOR_SCALE,
	dof: PRIOR_DOF,
	v11: (UNSURE_C / PRIOR_SCALE) ** 2,
	v12: 0,
	v22: (UNSURE_X / PRIOR_SCALE) ** 2
});

/** Roughness a dress gives, with a band that holds nine times in ten. */
export function foreseen(
	fit: FinishFit,
	cut: { leadUm: number; depthUm: number; thicknessUm: number }
): { raUm: number; lowUm: number; highUm: number } {
	const u = Math.log(cut.thicknessUm / REFERENCE_THICKNESS_UM);
	const raUm = Math.exp(fit.logC + fit.x * u + 0.5 * Math.log(cut.leadUm) + 0.25 * Math.log(cut.depthUm));
	const sd = fit.scaleLog * Math.sqrt(1 + fit.v11 + 2 * fit.v12 * u + fit.v22 * u * u);
	const spread = Math.exp(studentT95(fit.dof) * sd);
	return { raUm, lowUm: raUm / spread, highUm: raUm * spread };
}
