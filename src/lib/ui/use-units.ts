import { getContext } from 'svelte';
import { alsoInches } from '$core/quantity/also-inches';
import { figure, quantity, symbolOf } from '$core/quantity/format';
import type { System } from '$core/quantity/parse';
import type { Unit } from '$core/calculation/fields';

/**
 * How lengths, speeds and masses read on this page: in the setup's system inside a setup, in the shop's everywhere else. Called while a
 * component is made.
 */
export function useUnits() {
	const told = getContext<(() => System) | undefined>('system');
	const system = (): System => told?.() ?? 'mm';
	return {
		system,
		/** A value with its sign. */
		q: (value: number | null | undefined, unit: Unit) => quantity(value, unit, system()),
		/** The bare figure. */
		f: (value: number | null | undefined, unit: Unit) => figure(value, unit, system()),
		/** A sentence of the core, its metric figures told in inches too where that is read. */
		told: (words: string) => alsoInches(words, system()),
		/** The sign alone. */
		sign: (unit: Unit) => symbolOf(unit, system())
	};
}
