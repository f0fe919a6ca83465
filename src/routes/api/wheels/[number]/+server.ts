import { handleApi, bodyOf } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { WHEEL_ACTIONS, type WheelAction, judgeWheel } from '$lib/server/wheels/judge-wheel';

/** Quarantines, clears or scraps a wheel. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const { action, reason } = await bodyOf(request);
		if (!WHEEL_ACTIONS.includes(action as WheelAction))
			throw new InputFault('action', 'unknown-choice', `The action is one of ${WHEEL_ACTIONS.join(', ')}.`);
		if (typeof reason !== 'string')
			throw new InputFault('reason', 'missing', 'Write a reason of at least 10 letters.');
		await judgeWheel(params.number, action as WheelAction, reason, locals.user!);
		return { ok: true };
	});
