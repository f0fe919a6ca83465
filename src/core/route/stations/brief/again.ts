import { InputFault } from '../../../calculation/fault.js';
import { labelOf, type Field } from '../../../calculation/fields.js';
import type { Effect } from '../../effect.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { defineStep } from '../../define-step.js';
import { without } from '../../step-fields.js';
import { BRIEF_FIELDS, type BriefFacts, adviseFor } from './steps.js';

/** The job itself: where and how it is worked stays. */
const JOB_FIELDS = without(BRIEF_FIELDS, 'machineId', 'route', 'units');
const NAMES: readonly (keyof BriefFacts)[] = ['part', 'quantity'];

/** Fields in which one telling of a job differs from another. */
export const differsIn = (a: BriefFacts, b: BriefFacts): Field[] =>
	(JOB_FIELDS as readonly Field[]).filter(
		(field) => (a[field.name as keyof BriefFacts] ?? null) !== (b[field.name as keyof BriefFacts] ?? null)
	);
/** Whether a wheel that was chosen for the one has to be chosen again for the other. */
export const asksForAnother = (a: BriefFacts, b: BriefFacts): boolean =>
	differsIn(a, b).some((field) => !NAMES.includes(field.name as keyof BriefFacts));

/** @throws InputFault `inconsistent` when it is told as it was */
function changed(facts: SetupFacts, job: BriefFacts, technical: boolean): void {
	if (!differsIn(facts.brief, job).length)
		throw new InputFault('part', 'inconsistent', 'It is told as it was. Change what is different.');
	if (asksForAnother(facts.brief, job) === technical) return;
	const other = differsIn(facts.brief, job).map(labelOf).join(', ');
	throw new InputFault('part', 'inconsistent', `${other} changed as well. Tell the whole job again.`);
}
/** What both ways of telling it again share; `technical` where a wheel is chosen by what changed. */
const toldAgain = (technical: boolean) =>
	({
		station: 'brief',
		fields: JOB_FIELDS,
		compute(facts: SetupFacts, job: BriefFacts) {
			changed(facts, job, technical);
			return adviseFor(job, facts.machine, facts.guidelines);
		},
		effects: (_facts: SetupFacts, brief: BriefFacts): Effect[] => [{ kind: 'brief', brief }]
	}) as const;

/** The job told again: the version before it stays on record; a wheel that was taken for it has to be chosen again. */
export const againStep = defineStep({
	...toldAgain(true),
	step: 'again',
	title: 'The job, told again',
	invalidates: ['select']
});

/** Only its name or how many there are: nothing that a wheel is chosen by. */
export const namedStep = defineStep({
	...toldAgain(false),
	step: 'named',
	title: 'Part and number, told again'
});
