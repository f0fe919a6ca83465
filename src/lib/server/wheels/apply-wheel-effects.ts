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

/** Does what a record changes about wheels. A wheel that cannot go where it is sent stays, and its book says no more of it. */
export async function applyWheelEffects(
	effects: readonly WheelEffect[],
	of: EffectOf,
	on: Runner
): Promise<void> {
	const stayed = new Set<number>();
	for (const e of effects) {
		if (e.kind === 'keep-baseline') await keepBaseline(e.wheelId, e.recordingId, on);
		else if (e.kind === 'wheel-state') {
			if (!(await setWheelState(e.wheelId, e.state, e.reason, on))) stayed.add(e.wheelId);
		} else if (!stayed.has(e.wheelId)) {
			const { event, kind: _ledger, ...what } = e;
			// A wheel that stood in the rack before comes back; its book says so.
			const kind = event === 'mounted' && (await wasParked(e.wheelId, on)) ? 'remounted' : event;
			await addEvent({ ...what, kind, ...of }, on);
		}
	}
}
