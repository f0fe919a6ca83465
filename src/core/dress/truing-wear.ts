/** How many truing wheels a volume eats, where the last one ends, and how far they shrink together. First principles. */
export function worn(
	volumeMm3: number,
	diameterMm: number,
	minDiameterMm: number,
	widthMm: number
): { needed: number; diameterAfterMm: number; radialWearUm: number } {
	const oneMm3 = (Math.PI / 4) * (diameterMm ** 2 - minDiameterMm ** 2) * widthMm;
	const needed = Math.max(1, Math.ceil(volumeMm3 / oneMm3 - 1e-9));
	const last = volumeMm3 - (needed - 1) * oneMm3;
	const diameterAfterMm = Math.sqrt(Math.max(0, diameterMm ** 2 - (4 * last) / (Math.PI * widthMm)));
	const radialMm = ((needed - 1) * (diameterMm - minDiameterMm) + (diameterMm - diameterAfterMm)) / 2;
	return { needed, diameterAfterMm, radialWearUm: 1000 * radialMm };
}
