/** Surface speed of a rim in m/s: v = pi D n / 60000 (mm, rpm). */
export const surfaceSpeedMps = (diameterMm: number, speedRpm: number): number =>
	(Math.PI * diameterMm * speedRpm) / 60000;
/** The rpm that gives a surface speed at a diameter. */
export const rpmForSpeed = (speedMps: number, diameterMm: number): number =>
	(speedMps * 60000) / (Math.PI * diameterMm);
export const sfpmOf = (speedMps: number): number => (speedMps * 60) / 0.3048;
export const mpsOf = (speedSfpm: number): number => (speedSfpm * 0.3048) / 60;
