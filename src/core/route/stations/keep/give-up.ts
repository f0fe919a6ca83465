import type { Effect } from '../../effect.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { givenUp } from '../../given-up.js';
import { type Refusal, type StopFacts, hardStops } from '../../hard-stops.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { wheelsOn } from '../mount/turning.js';

/** A wheel stands on the spindle of which it has to be said how it comes off; one that was set aside is judged already. */
export const wheelComesOff = (f: Pick<SetupFacts, 'onSpindle' | 'wheel' | 'companions'>): boolean =>
	f.onSpindle && wheelsOn(f).some((wheel) => wheel.state === 'mounted');

/** Nobody goes on with it: machine, mount and wheel are free for the next setup, and the reason stays. */
export const giveUpStep = defineStep({
	station: 'keep',
	step: 'give-up',
	title: 'Give it up',
	fields: pick(givenUp.fields, 'reason', 'wheelIs'),
	compute: (facts, values) => single(compute(facts, givenUp, { ...values, wheelOn: wheelComesOff(facts) })),
	effects(facts, values): Effect[] {
		const off = wheelComesOff(facts)
			? wheelsOn(facts).flatMap((wheel) => comesOff(wheel, values.wheelIs, values.reason))
			: [];
		return [...off, { kind: 'state', state: 'finished', givenUp: values.reason }];
	}
});

/** What becomes of a wheel that was mounted; one that was set aside already stays so. */
function comesOff(wheel: WheelFacts, is: string | null, reason: string): Effect[] {
	if (wheel.state !== 'mounted') return [];
	const note = `setup given up: ${reason}`.slice(0, 200);
	if (is === 'worn-out')
		return [
			{ kind: 'wheel-state', wheelId: wheel.id, state: 'scrapped', reason: note },
			{ kind: 'ledger', wheelId: wheel.id, event: 'scrapped', diameterAfterMm: null, note }
		];
	return is === 'sound'
		? [
				{ kind: 'wheel-state', wheelId: wheel.id, state: 'available', reason: null },
				{ kind: 'ledger', wheelId: wheel.id, event: 'parked', diameterAfterMm: null, note }
			]
		: [
				{ kind: 'wheel-state', wheelId: wheel.id, state: 'quarantined', reason: note },
				{ kind: 'ledger', wheelId: wheel.id, event: 'quarantined', diameterAfterMm: null, note }
			];
}

/**
 * May it be given up? Whatever was recorded; but what went wrong is worked through, and what was released is taken off at Keep, unless
 * something stops it there: a worn-out wheel can always come off.
 */
export function mayGiveUp(f: StopFacts & Pick<SetupFacts, 'incidentId'>): Refusal | null {
	if (f.incidentId !== null)
		return {
			code: 'incident-open',
			message: `Incident ${f.incidentId} is open. Work its plan through; closing it frees the machine.`
		};
	if (f.state === 'released' && !hardStops(f).length)
		return {
			code: 'released',
			message: 'This wheel is released. Book it as taken off at Keep; that frees the machine.'
		};
	return null;
}
