/** Long enough that guessing with growing waits takes years. */
const PIN_MIN = 6;
const PIN_MAX = 12;
/** Tried first by everybody who guesses. */
const COMMON: readonly string[] = [
	'112233',
	'123321',
	'147258',
	'147369',
	'159357',
	'159753',
	'246810',
	'258456',
	'314159',
	'271828',
	'321654',
	'456123',
	'741852',
	'789456',
	'852456',
	'951753',
	'963852'
];

/** Digits that go on by the same step, as 123456, 987654 or 111111; after 9 comes 0. */
const runs = (pin: string): boolean => {
	const d = [...pin].map(Number);
	const step = (d[1]! - d[0]! + 10) % 10;
	return d.every((n, i) => i === 0 || (n - d[i - 1]! + 10) % 10 === step);
};
/** A few digits again and again, as 121212 or 471471. */
const repeats = (pin: string): boolean =>
	[1, 2, 3, 4].some(
		(n) => 2 * n <= pin.length && pin === pin.slice(0, n).repeat(pin.length).slice(0, pin.length)
	);
/** A day with its whole year, written either way round. */
const isDay = (pin: string): boolean => {
	if (pin.length !== 8) return false;
	const day = (a: string, b: string) => +a >= 1 && +a <= 31 && +b >= 1 && +b <= 12;
	const year = (y: string) => +y >= 1900 && +y <= 2099;
	const part = (from: number, to: number) => pin.slice(from, to);
	const last = year(part(4, 8)) && (day(part(0, 2), part(2, 4)) || day(part(2, 4), part(0, 2)));
	return last || (year(part(0, 4)) && day(part(6, 8), part(4, 6)));
};

/** What is wrong with a new PIN, in words; null for a good one. */
export function pinFault(pin: string): string | null {
	if (!/^\d*$/.test(pin)) return 'A PIN is made of digits only.';
	if (pin.length < PIN_MIN) return `A PIN has ${PIN_MIN} digits or more.`;
	if (pin.length > PIN_MAX) return `A PIN has ${PIN_MAX} digits at most.`;
	if (COMMON.includes(pin) || runs(pin) || repeats(pin) || isDay(pin))
		return 'That PIN is one of those tried first. Take digits that do not follow, repeat or make a date.';
	return null;
}
