import type { WheelEffect } from '../../../core/route/set-aside.js';
import { keepBaseline } from '../recordings/recordings.js';
import type { Runner } from '../storage/pool.js';
import { addEvent, setWheelState, wasParked } from './ledger.js';

/** What an effect follows from. */
export interface EffectOf {
	setupId: number | null;
	recordId: number;
	userId: number;
}

/** Does what a record changes about wheels. What was scrapped before is not set aside once more, and its book does not say so. */
export async function applyWheelEffects(
	effects: readonly WheelEffect[],
	of: EffectOf,
	on: Runner
): Promise<void> {
	const refused = new Set<string>();
	for (const effect of effects) {
		if (effect.kind === 'keep-baseline') await keepBaseline(effect.wheelId, effect.recordingId, on);
		else if (effect.kind === 'wheel-state') {
			if (!(await setWheelState(effect.wheelId, effect.state, effect.reason, on)))
				refused.add(`${effect.state} ${effect.wheelId}`);
		} else if (!refused.has(`${effect.event} ${effect.wheelId}`)) {
			const { event, kind: _ledger, ...what } = effect;
			// A wheel that stood in the rack before comes back; its book says so.
			const kind = event === 'mounted' && (await wasParked(effect.wheelId, on)) ? 'remounted' : event;
			await addEvent({ ...what, kind, ...of }, on);
		}
	}
}
