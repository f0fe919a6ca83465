import { handleApi, bodyOf, idOf } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { switchUnits } from '$lib/server/setups/change-setup';

export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const { units } = await bodyOf(request);
		if (units !== 'mm' && units !== 'inch')
			throw new InputFault('units', 'unknown-choice', 'Units are mm or inch.');
		await switchUnits(idOf(params.id, 'setup'), units, locals.user!);
		return { ok: true };
	});
