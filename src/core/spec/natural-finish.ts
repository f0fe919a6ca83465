/**
 * Roughness a grit gives when dressed in the ordinary, sharp way: a power law through two shop observations for vitrified
 * aluminium oxide (0.8 um Ra from F60, 0.4 um near F100 to F120). Guideline, good to 30 %.
 */
const RA_AT_F60_UM = 0.8;
const GRAIN_F60_UM = 260;
const EXPONENT = 0.88;
/** The guideline's band: a natural Ra may be off by this share either way. */
export const FINISH_BAND = 0.3;

/** Roughness Ra in um that a grain of this size in um gives, dressed sharp. @example naturalRaUm(260) // 0.8 */
export function naturalRaUm(grainUm: number): number {
	return RA_AT_F60_UM * (grainUm / GRAIN_F60_UM) ** EXPONENT;
}
/** Grain in um that gives this roughness Ra in um; the other way round. @example grainForRaUm(0.8) // 260 */
export function grainForRaUm(raUm: number): number {
	return GRAIN_F60_UM * (raUm / RA_AT_F60_UM) ** (1 / EXPONENT);
}
