import { linear } from '../numeric/linear.js';

/**
 * Least width of the bearing ring of a straight relieved flange by the wheel's diameter, mm: the public workplace table, whose inch
 * figures these are (guideline; the rule in force counts).
 */
const MIN_WIDTH: readonly (readonly [number, number])[] = [
	[0, 1],
	[25.4, 1.587],
	[50.8, 3.175],
	[101.6, 3.175],
	[127, 4.762],
	[152.4, 6.35],
	[203.2, 6.35],
	[254, 7.937],
	[304.8, 7.937],
	[355.6, 9.525],
	[406.4, 12.7],
	[457.2, 12.7],
	[508, 15.875],
	[558.8, 15.875],
	[609.6, 19.05],
	[660.4, 19.05],
	[711.2, 22.225],
	[762, 22.225],
	[914.4, 25.4],
	[1066.8, 25.4],
	[1219.2, 31.75],
	[1524, 31.75],
	[1828.8, 38.1]
];

/** The least contact width for a wheel of this diameter, mm. @example leastContactWidthMm(254) // 7.937 */
export const leastContactWidthMm = (wheelDiameterMm: number): number => linear(MIN_WIDTH, wheelDiameterMm);
