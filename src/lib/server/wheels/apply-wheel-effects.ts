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
	for (const e of effects) {
		if (e.kind === 'keep-baseline') await keepBaseline(e.wheelId, e.recordingId, on);
		else if (e.kind === 'wheel-state') {
			if (!(await setWheelState(e.wheelId, e.state, e.reason, on))) refused.add(`${e.state} ${e.wheelId}`);
		} else if (!refused.has(`${e.event} ${e.wheelId}`)) {
			const { event, kind: _ledger, ...what } = e;
			// A wheel that stood in the rack before comes back; its book says so.
			const kind = event === 'mounted' && (await wasParked(e.wheelId, on)) ? 'remounted' : event;
			await addEvent({ ...what, kind, ...of }, on);
		}
	}
}
