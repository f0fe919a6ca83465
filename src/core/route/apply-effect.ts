import type { Effect } from './effect.js';
import { movedTo } from '../shop/wheel-state.js';
import type { SetupFacts } from '../facts/setup.js';

/** One effect on the facts in hand; what only the shop keeps (ledger lines, pictures) is not there to be changed. */
export function applyEffect(facts: SetupFacts, effect: Effect): SetupFacts {
	const own = facts.wheel && 'wheelId' in effect && effect.wheelId === facts.wheel.id ? facts.wheel : null;
	if (effect.kind === 'state')
		return {
			...facts,
			state: effect.state,
			...(effect.state === 'finished' && { onSpindle: false, givenUp: effect.givenUp ?? null })
		};
	if (effect.kind === 'use-mount')
		return { ...facts, mount: facts.mounts.find((mount) => mount.id === effect.mountId)! };
	if (effect.kind === 'brief') return { ...facts, brief: effect.brief };
	if (effect.kind === 'wheel-state' && own)
		return {
			...facts,
			onSpindle: effect.state === 'mounted',
			...(movedTo(own.state, effect.state) === effect.state && {
				wheel: { ...own, state: effect.state, stateReason: effect.reason }
			})
		};
	if (effect.kind === 'take-wheel') {
		const wheel = facts.named.find((w) => w.id === effect.wheelId)!;
		return { ...facts, wheel: { ...wheel, heldBy: facts.id } };
	}
	if (effect.kind === 'keep-cut')
		return {
			...facts,
			cuts: [
				...facts.cuts,
				{
					...effect.cut,
					id: facts.cuts.length + 1,
					wheelNumber: facts.wheel!.number,
					atMs: facts.nowMs,
					leftOut: false
				}
			]
		};
	if (effect.kind === 'leave-cut')
		return {
			...facts,
			cuts: facts.cuts.map((cut) => (cut.id === effect.cutId ? { ...cut, leftOut: effect.leftOut } : cut))
		};
	if (effect.kind === 'ledger' && own)
		return {
			...facts,
			wheel: {
				...own,
				diameterMm: effect.diameterAfterMm ?? own.diameterMm,
				widthMm: effect.widthAfterMm ?? own.widthMm,
				rimDepthMm: effect.rimDepthAfterMm ?? own.rimDepthMm
			}
		};
	return facts;
}
