import { between, over0 } from '../calculation/field/number.js';

/**
 * One range for one thing the shop keeps. What the rack, a machine or a mount takes, every calculation takes that is fed from it: no
 * calculation faults a field that nobody typed. A calculation on its own may take more.
 */
export const WHEEL_DIAMETER_MM = over0(2000);
export const WHEEL_WIDTH_MM = over0(1000);
export const BORE_MM = over0(1000);
export const WHEEL_MASS_KG = over0(2000);
export const RATED_MPS = over0(500);
export const RATED_RPM = over0(300_000);
export const SPINDLE_RPM = between(1, 200_000);
export const FLANGE_MM = over0(2000);
export const MOUNT_MASS_KG = over0(2000);
export const MOUNT_INERTIA_KGM2 = { min: 0, max: 1000 } as const;
export const JOURNAL_RADIUS_MM = over0(500);
export const TRACK_RADIUS_MM = between(1, 1000);
export const TIP_RADIUS_UM = over0(20_000);
