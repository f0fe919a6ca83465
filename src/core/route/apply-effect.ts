import type { Effect } from './effect.js';
import { movedTo } from '../shop/wheel-state.js';
import type { SetupFacts } from './facts.js';

/** One effect on the facts in hand; what only the shop keeps (ledger lines, pictures) is not there to be changed. */
export function applyEffect(f: SetupFacts, e: Effect): SetupFacts {
	const own = f.wheel && 'wheelId' in e && e.wheelId === f.wheel.id ? f.wheel : null;
	if (e.kind === 'state')
		return {
			...f,
			state: e.state,
			...(e.state === 'finished' && { onSpindle: false, givenUp: e.givenUp ?? null })
		};
	if (e.kind === 'use-mount') return { ...f, mount: f.mounts.find((m) => m.id === e.mountId)! };
	if (e.kind === 'brief') return { ...f, brief: e.brief };
	if (e.kind === 'wheel-state' && own)
		return {
			...f,
			onSpindle: e.state === 'mounted',
			...(movedTo(own.state, e.state) === e.state && {
				wheel: { ...own, state: e.state, stateReason: e.reason }
			})
		};
	if (e.kind === 'take-wheel') {
		const wheel = f.named.find((w) => w.id === e.wheelId)!;
		return { ...f, wheel: { ...wheel, heldBy: f.id } };
	}
	if (e.kind === 'keep-cut')
		return {
			...f,
			cuts: [
				...f.cuts,
				{ ...e.cut, id: f.cuts.length + 1, wheelNumber: f.wheel!.number, atMs: f.nowMs, leftOut: false }
			]
		};
	if (e.kind === 'leave-cut')
		return { ...f, cuts: f.cuts.map((c) => (c.id === e.cutId ? { ...c, leftOut: e.leftOut } : c)) };
	if (e.kind === 'ledger' && own)
		return {
			...f,
			wheel: {
				...own,
				diameterMm: e.diameterAfterMm ?? own.diameterMm,
				widthMm: e.widthAfterMm ?? own.widthMm,
				rimDepthMm: e.rimDepthAfterMm ?? own.rimDepthMm
			}
		};
	return f;
}
