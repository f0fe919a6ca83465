import { handleApi, bodyOf, idOf, keyOf, versionOf } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { acceptCaution } from '$lib/server/setups/accept';

/** Accepts a caution with a written reason. A stop is refused. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		if (typeof body.recordId !== 'number')
			throw new InputFault('recordId', 'missing', 'Say which record is accepted.');
		if (typeof body.reason !== 'string') throw new InputFault('reason', 'missing', 'Write why it may go on.');
		await acceptCaution(
			idOf(params.id, 'setup'),
			body.recordId,
			body.reason,
			versionOf(body),
			keyOf(body),
			locals.user!
		);
		return { ok: true };
	});
