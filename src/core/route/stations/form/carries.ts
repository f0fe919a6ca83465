const alike = (a: string, b: string): boolean => {
	const [x, y] = [a, b].map((t) => t.trim().toLowerCase());
	return x === y || x === `${y}s` || `${x}s` === y;
};
/** Whether a roll carries a form, by the name both go by. @example carries('retainer spline', 'Retainer splines') // true */
export const carries = (roll: string | null | undefined, form: string): boolean =>
	!!roll && alike(roll, form);
