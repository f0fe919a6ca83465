const MM_PER_INCH = 25.4;

/** How a program counts: which way X runs, which point of the tool it means, and in what unit. */
export interface Axes {
	xMode: 'radius' | 'diameter';
	xZero: 'centre' | 'nose';
	units: 'mm' | 'inch';
	wheelDiameterMm: number;
	/** Radius of the nose. */
	rho: number;
}

/** Programme X of a place of the middle of the tool: away from the wheel is plus. */
export function programmeX(a: Axes, xMm: number): number {
	const x = a.xZero === 'nose' ? xMm + a.rho : xMm;
	const mm = a.xMode === 'radius' ? -x : a.wheelDiameterMm - 2 * x;
	return inUnits(a, mm);
}
export const inUnits = (a: Pick<Axes, 'units'>, mm: number): number =>
	a.units === 'inch' ? mm / MM_PER_INCH : mm;

/** A number as a word carries it: four decimals, five in inches, no minus before nothing. */
export function word(a: Pick<Axes, 'units'>, value: number): string {
	const text = value.toFixed(a.units === 'inch' ? 5 : 4);
	return Number(text) === 0 ? text.replace('-', '') : text;
}

/** Words between round brackets that a control passes over; brackets within would end them early. */
export const comment = (text: string): string =>
	`(${text
		.replace(/[()[\]{}<>\r\n]/g, ' ')
		.replace(/\s+/g, ' ')
		.trim()
		.toUpperCase()})`;

/** A quarter turn: with radius words a longer arc is cut in two, near half a turn the radius fixes the centre badly. */
export const QUARTER = Math.PI / 2;
