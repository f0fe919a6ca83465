import type { Effect } from '../../effect.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { type GateLine, line } from '../../gate.js';

/** What happens to the leading wheel of a pack happens to the others. */
export function withPackWheels(
	facts: SetupFacts,
	event: 'mounted' | 'parked',
	state: WheelFacts['state']
): Effect[] {
	const note = `in the pack of wheel ${facts.wheel?.number ?? ''}`;
	return facts.companions.flatMap(({ wheel }): Effect[] => [
		{ kind: 'wheel-state', wheelId: wheel.id, state, reason: null },
		{ kind: 'ledger', wheelId: wheel.id, event, diameterAfterMm: null, note }
	]);
}

/** The other wheels of a pack are looked over and rung at the rack, since this setup began. */
export function packWheelLines(facts: SetupFacts): GateLine[] {
	if (!facts.companions.length) return [];
	const names = (list: typeof facts.companions) => list.map((companion) => companion.wheel.number).join(', ');
	const bad = facts.companions.filter(
		(companion) => companion.look?.verdict === 'stop' || companion.ring?.verdict === 'stop'
	);
	const open = facts.companions.filter(
		(companion) => !companion.look?.mayProceed || !companion.ring?.mayProceed
	);
	return [
		line({
			key: 'companions',
			title: 'Other wheels looked over and rung',
			state: bad.length ? 'stop' : open.length ? 'open' : 'ok',
			value: bad.length
				? `${names(bad)} did not pass. Take another one.`
				: open.length
					? `${names(open)}: at the rack`
					: names(facts.companions),
			recordId: facts.companions.at(-1)?.ring?.id ?? null
		})
	];
}
