import { endBand, readBook, type WheelBook } from '$core/keep/wheel-book';
import { Evidence } from '$core/route/evidence';
import type { SetupFacts } from '$core/facts/setup';
import { forecastStep } from '$core/route/stations/keep/forecast';
import { preview } from '$lib/desk/preview';

/** The wheel's life as it is known today: its book with the trend, and the forecast with what was told last. */
export function lifeOf(facts: SetupFacts, book: WheelBook | null) {
	const read = readBook(
		book ?? { lines: [], newDiameterMm: facts.wheel!.newDiameterMm },
		facts.wheel!.minDiameterMm || 1
	);
	const told = Evidence.of(facts).step(forecastStep)?.entered ?? null;
	const forecast = told ? preview(forecastStep, facts, null, told).main : null;
	return {
		...read,
		band: endBand(read.events, facts.wheel!.minDiameterMm || 1),
		forecast,
		told,
		/** By the forecast; by the trend of the book where nothing was told. */
		endDate: forecast?.lastDate ?? read.says?.endDate ?? null,
		orderBy: forecast?.orderBy ?? null
	};
}
