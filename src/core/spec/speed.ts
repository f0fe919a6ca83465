/**
 * Surface speed of a rim in m/s: v = pi D n / 60000 (mm, rpm).
 * @example surfaceSpeedMps(300, 2300) // 36.128316
 */
export const surfaceSpeedMps = (diameterMm: number, speedRpm: number): number =>
	(Math.PI * diameterMm * speedRpm) / 60000;
/** The rpm that gives a surface speed at a diameter. @example rpmForSpeed(40, 300) // 2546.4791 */
export const rpmForSpeed = (speedMps: number, diameterMm: number): number =>
	(speedMps * 60000) / (Math.PI * diameterMm);
/** Feet a minute from m/s. @example sfpmOf(33.02) // 6500 */
export const sfpmOf = (speedMps: number): number => (speedMps * 60) / 0.3048;
/** m/s from feet a minute. @example mpsOf(6500) // 33.02 */
export const mpsOf = (speedSfpm: number): number => (speedSfpm * 0.3048) / 60;
