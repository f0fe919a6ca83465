import type { compareMeasured } from '$core/form/compare-measured';
import { fineQuantity, quantity } from '$core/quantity/format';
import { Evidence } from '$core/route/evidence';
import { radiusStep } from '$core/route/stations/form/radius';
import type { SetupFacts } from '$core/facts/setup';
import { cameOut, noseCorrectionUm } from '$core/route/stations/form/correction';
import { type Form, sinceForm } from '$core/route/stations/form/made';
import { programStep } from '$core/route/stations/form/program';
import type { SetupSession } from '$lib/desk/setup-session.svelte';

/** What a coupon takes back into the setting, said and done. */
export interface TakenBack {
	says: string;
	label: string;
	/** True when it was recorded. */
	take(desk: SetupSession): Promise<boolean>;
}
type Arcs = ReturnType<typeof compareMeasured.run>['arcs'];

/** The correction that a coupon asks for: of a radius dresser its stack, of a program the nose it was written for; null where it tells none. */
export function takenBack(facts: SetupFacts, form: Form, arcs: Arcs): TakenBack | null {
	const told = cameOut(arcs);
	const evidence = Evidence.of(facts);
	const mm = (value: number) => fineQuantity(value, 'mm', facts.units);
	if (form.way === 'radius') {
		const arc = told.find((a) => evidence.keyed(radiusStep, String(a.index)));
		const set = arc && evidence.keyed(radiusStep, String(arc.index));
		if (!arc || !set) return null;
		// A stack that was corrected before is corrected further.
		const before = Number(set.entered.measuredRadiusMm ?? arc.nominalRadiusMm);
		const measured = before + arc.radiusMm - arc.nominalRadiusMm;
		return {
			says: `The radius came out ${mm(arc.radiusMm)} where ${mm(arc.nominalRadiusMm)} was wanted.`,
			label: 'Take it back into the stack',
			take: (desk) =>
				// The blocks are not the old ones any more: they are chosen anew for the corrected height.
				desk.record('form', 'radius', null, {
					...set.entered,
					measuredRadiusMm: Number(measured.toFixed(4)),
					blocksOut: false,
					screwTight: false,
					turnedByHand: false
				})
		};
	}
	const program = sinceForm(form, evidence.step(programStep));
	const byUm = noseCorrectionUm(form.chain, told);
	if (!program || byUm === null) return null;
	const before = Number(program.entered.noseCorrectionUm ?? 0);
	return {
		says: `The arcs say that the nose is ${quantity(Math.abs(byUm), 'um', facts.units)} ${byUm > 0 ? 'larger' : 'smaller'} than the path was written for.`,
		label: 'Take it back into the path',
		take: (desk) =>
			desk.record('form', 'program', null, {
				...program.entered,
				noseCorrectionUm: Number((before + byUm).toFixed(2))
			})
	};
}
