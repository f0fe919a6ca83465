/** One measured ratio, with what it is a ratio of and where it should stay. */
export interface Ratio {
	name: string;
	value: number;
	unit: string;
	aim: string;
	of: string;
}
