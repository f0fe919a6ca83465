import { yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import type { Method } from '../../../dress/methods.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { formToKeep } from '../form/for-dress.js';

/** Ways that go straight along the face, whatever was put on it. */
const STRAIGHT: readonly Method[] = ['cluster', 'rotary-disc', 'truing-wheel', 'steel-block', 'hand-cutter'];

/** Asked where a wheel carries a form and one point dresses it. */
export const ALONG_FORM = yesNo('alongForm', 'By its program, or the fixture as it was set', {
	label: 'Runs along the form again'
});

/** @throws InputFault `inconsistent` for a way that would take the form off the wheel */
export function keepsForm(facts: SetupFacts, method: Method): void {
	const kept = formToKeep(facts);
	if (kept && STRAIGHT.includes(method))
		throw new InputFault(
			'method',
			'inconsistent',
			`It goes straight along the face and takes the form "${kept.name}" off. Take a stick, the roll that carries the form, or run along the form again.`
		);
}

/** @throws InputFault where one point would go straight over a form */
export function goesAlongForm(facts: SetupFacts, along: boolean | null): void {
	const kept = formToKeep(facts);
	if (!kept || along === true) return;
	throw new InputFault(
		'alongForm',
		along === null ? 'missing' : 'inconsistent',
		along === null
			? `This wheel carries the form "${kept.name}". Say whether the diamond runs along it again.`
			: `A straight traverse rubs the form "${kept.name}" off. Run along it again by its program or fixture, or take a stick or the roll that carries it.`
	);
}
