import { InputFault } from '../../../calculation/fault.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { limitRpm } from '../../../spec/limit-rpm.js';

/** A part of the stack, as far as it names a wheel of the rack. */
interface Part {
	kind: string;
	name: string | null;
	diameterMm: number | null;
	newDiameterMm: number | null;
	maxSpeedMps: number | null;
	maxSpeedRpm: number | null;
}
const over = (typed: number | null, marked: number | null): boolean =>
	typed !== null && marked !== null && typed > marked * (1 + 1e-9);

/** Numbers of the wheels in a stack. */
export const numbersIn = (items: readonly Part[]): string[] =>
	items.flatMap((item) => (item.kind === 'wheel' && item.name?.trim() ? [item.name.trim()] : []));

/**
 * A part as the rack knows its wheel: no faster than what is marked allows at the diameter it had when new, never smaller than it is.
 * @throws InputFault on the part when it claims more speed than the wheel is marked with
 */
export function asMarked<P extends Part>(wheel: WheelFacts, part: P, i: number): P {
	notFasterThanMarked(wheel, part, i);
	const limit = limitRpm(wheel);
	const { diameterMm } = part;
	return {
		...part,
		newDiameterMm: Math.max(wheel.newDiameterMm, diameterMm ?? 0),
		maxSpeedRpm: limit === null ? part.maxSpeedRpm : Math.min(part.maxSpeedRpm ?? Infinity, limit)
	};
}

function notFasterThanMarked(wheel: WheelFacts, part: Part, i: number): void {
	const above = (field: string, says: string): InputFault =>
		new InputFault(
			`items.${i}.${field}`,
			'above-maximum',
			`Wheel ${wheel.number} is marked ${says}. Enter what is on its blotter.`
		);
	if (over(part.maxSpeedMps, wheel.ratedMps)) throw above('maxSpeedMps', `${wheel.ratedMps} m/s`);
	if (over(part.maxSpeedRpm, wheel.ratedRpm)) throw above('maxSpeedRpm', `${wheel.ratedRpm} rpm`);
}

/**
 * The other wheels a stack holds, by id: each has to be on the rack, free, in date and no faster than it is marked; a wheel stands
 * in it once. @throws InputFault on the part
 */
export function heldWith(facts: SetupFacts, items: readonly Part[]): number[] {
	const ids: number[] = [];
	for (const [i, part] of items.entries()) {
		if (part.kind !== 'wheel') continue;
		const wheel = onRack(facts, part, i);
		if (wheel.id === facts.wheel?.id) continue;
		if (ids.includes(wheel.id))
			throw new InputFault(
				`items.${i}.name`,
				'inconsistent',
				`Wheel ${wheel.number} stands twice in the stack.`
			);
		ids.push(wheel.id);
	}
	return ids;
}

function onRack(facts: SetupFacts, part: Part, i: number): WheelFacts {
	const number = part.name?.trim() ?? '';
	const fault = (code: string, says: string): InputFault => new InputFault(`items.${i}.name`, code, says);
	if (!number) throw fault('missing', `Part ${i + 1} is a wheel without a number. Pick it from the rack.`);
	const w = facts.named.find((wheel) => wheel.number === number);
	if (!w) throw fault('unknown-choice', `There is no wheel ${number} on the rack. Receive it first.`);
	notFasterThanMarked(w, part, i);
	if (w.id === facts.wheel?.id) return w;
	if (w.heldBy !== null && w.heldBy !== facts.id)
		throw fault('held', `Wheel ${number} is held by setup ${w.heldBy}. Take another one.`);
	if (w.state === 'quarantined' || w.state === 'scrapped')
		throw fault(
			w.state,
			`Wheel ${number} is ${w.state}${w.stateReason ? `: ${w.stateReason}` : ''}. Take another one.`
		);
	if (w.expiresOn !== null && w.expiresOn < facts.today)
		throw fault('expired', `Wheel ${number} is out of date since ${w.expiresOn}. Take another one.`);
	const { code, maxDiameterMm, maxWidthMm } = facts.machine;
	if (w.diameterMm > maxDiameterMm)
		throw fault(
			'wheel-too-large',
			`Wheel ${number} is ${w.diameterMm} mm across; ${code} takes ${maxDiameterMm} mm. Take a smaller one.`
		);
	if (w.widthMm > maxWidthMm)
		throw fault(
			'wheel-too-wide',
			`Wheel ${number} is ${w.widthMm} mm wide; ${code} takes ${maxWidthMm} mm. Take a narrower one.`
		);
	return w;
}
