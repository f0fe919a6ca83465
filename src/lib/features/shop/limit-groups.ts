import { CALCULATIONS } from '$core/calculations';
import { type GuidelineField, type Limits, guidelineFields } from '$core/calculation/limits';
import { labelOf } from '$core/calculation/fields';
import type { System } from '$core/quantity/parse';
import { quantity } from '$core/quantity/format';
import { STATION_NAMES, type StationId } from '$core/route/station-names';

/** Calculations that have guideline figures, by station. */
const guided = CALCULATIONS.filter((calculation) => guidelineFields(calculation).length > 0);
const stationOf = (c: { id: string }): string => c.id.split('.')[0]!;
export const LIMIT_GROUPS = [...new Set(guided.map(stationOf))].map((station) => ({
	station,
	name: STATION_NAMES[station as StationId] ?? station,
	calculations: guided.filter((calculation) => stationOf(calculation) === station)
}));

/** One figure as it reads. */
export const figureWords = (f: GuidelineField, value: number | boolean, system: System = 'mm'): string =>
	typeof value === 'boolean'
		? value
			? 'yes'
			: 'no'
		: quantity(value, 'unit' in f ? f.unit : undefined, system);

/** The figures of a version in words: "Run-out of the rim, limit 15 µm". */
export function limitsInWords(limits: Limits): string[] {
	return Object.entries(limits).flatMap(([id, own]) => {
		const c = CALCULATIONS.find((calculation) => calculation.id === id);
		return Object.entries(own).flatMap(([name, value]) => {
			const f = c && guidelineFields(c).find((x) => x.name === name);
			return f
				? [
						`${c.title}: ${labelOf(f).toLowerCase()} ${figureWords(f, value)} (shipped ${figureWords(f, f.default)})`
					]
				: [];
		});
	});
}
