import { AFTER_MOUNT } from '../after.js';
import { text } from '../../../calculation/field/index.js';
import { MIN_REASON } from '../../../calculation/reason.js';
import { InputFault } from '../../../calculation/fault.js';
import { boreFits } from '../../../mount/bore-rule.js';
import { fitCheck } from '../../../mount/fit-check.js';
import type { Effect } from '../../effect.js';
import type { MountFacts } from '../../../facts/shop.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { massNowKg, wheelOf } from '../../wheel-size.js';
import { wheelsOn } from './turning.js';

/** Mounts a wheel of this setup may sit on: its bore belongs on their seat. */
export const mountsFor = (f: Pick<SetupFacts, 'mounts' | 'mount' | 'wheel'>): MountFacts[] =>
	f.mounts.filter((mount) => mount.id === f.mount?.id || !f.wheel || boreFits(f.wheel.boreMm, mount.seatMm));

/** Another mount for this setup: a shop has several for a machine, and one that is hurt is left out. */
export const chooseStep = defineStep({
	station: 'mount',
	step: 'choose',
	title: 'On another mount',
	invalidates: ['mount', ...AFTER_MOUNT],
	fields: [
		text('mountCode', 'As it is called in the shop', { required: true, maxLength: 20, label: 'Mount' }),
		text('reason', 'Why another one', {
			required: true,
			minLetters: MIN_REASON,
			maxLength: 200,
			label: 'Why'
		})
	],
	compute(facts, { mountCode }) {
		const wheel = wheelOf(facts);
		const mount = mountOf(facts, mountCode);
		if (mount.id === facts.mount?.id)
			throw new InputFault(
				'mountCode',
				'inconsistent',
				`This setup has ${mount.code} already. Pick another.`
			);
		if (!boreFits(wheel.boreMm, mount.seatMm))
			throw new InputFault(
				'mountCode',
				'inconsistent',
				`Bore ${wheel.boreMm} mm does not belong on the seat of ${mount.code}, ${mount.seatMm} mm. Pick another.`
			);
		return single(
			compute(facts, fitCheck, {
				boreMm: wheel.boreMm,
				arborMm: mount.seatMm,
				forced: false,
				massKg: massNowKg(wheel)
			})
		);
	},
	effects: (facts, { mountCode }): Effect[] => [
		{ kind: 'use-mount', mountId: mountOf(facts, mountCode).id },
		{ kind: 'keep-on-mount', wheelId: wheelOf(facts).id, mountId: null },
		// What was tightened on the other one has come off it.
		...wheelsOn(facts)
			.filter((wheel) => wheel.state === 'mounted')
			.map((wheel): Effect => ({ kind: 'wheel-state', wheelId: wheel.id, state: 'available', reason: null }))
	]
});

function mountOf(facts: SetupFacts, code: string): MountFacts {
	const m = facts.mounts.find((mount) => mount.code === code);
	if (!m)
		throw new InputFault(
			'mountCode',
			'unknown-choice',
			'There is no mount of that code in use. Pick one of the list.'
		);
	return m;
}
