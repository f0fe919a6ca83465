import { InputFault } from '../../../calculation/fault.js';
import { type RawSegment, chainOf } from '../../../form/profile/chain.js';
import type { Segment } from '../../../form/profile/segment.js';
import type { Evidence, Recorded } from '../../evidence.js';
import type { DresserFacts } from '../../../facts/shop.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Feature } from './features.js';
import { shapeStep } from './shape.js';
import { type FormingMethod, dressersForMethod } from './forming-method.js';

/** The form that is to be put on the wheel, as it stands. */
export interface Form {
	/** Number of its record; what was set before it belongs to another form. */
	since: number;
	name: string;
	segments: RawSegment[];
	chain: Segment[];
	way: FormingMethod;
	dresser: DresserFacts | null;
	toleranceUm: number;
	recorded: Recorded;
}

/** The form that stands; null while there is none. */
export function formOf(facts: SetupFacts, evidence: Evidence): Form | null {
	const recorded = evidence.step(shapeStep);
	if (!recorded) return null;
	const { name, segments, way, dresserCode, toleranceUm } = recorded.entered;
	const serving = dressersForMethod(facts, way, name);
	return {
		since: recorded.id,
		name,
		segments,
		chain: chainOf(segments),
		way,
		dresser: serving.find((dresser) => dresser.code === dresserCode) ?? serving[0] ?? null,
		toleranceUm,
		recorded
	};
}
/** The form that stands. @throws InputFault `missing` while there is none */
export function formThere(facts: SetupFacts, evidence: Evidence): Form {
	const form = formOf(facts, evidence);
	if (!form)
		throw new InputFault('segments', 'missing', 'There is no form yet. Enter it at Shape and keep it.');
	return form;
}

/** What stands of a step since this form was kept. */
export const sinceForm = <R extends { id: number }>(form: Form | null, recorded: R | null): R | null =>
	form && recorded && recorded.id > form.since ? recorded : null;

/** The setting of one flank or arc, the newest since this form was kept. */
export const settingOf = (evidence: Evidence, form: Form, f: Feature): Recorded | null =>
	sinceForm(form, evidence.keyed({ station: 'form', step: form.way }, String(f.index)));
