import { STATIONS, type StationId } from '$core/route/station-names';
import { handleApi, bodyOf, enteredAtOf, idOf, keyOf, textIn, versionOf } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { record } from '$lib/server/setups/record';

/** Records one step of a setup. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		if (!STATIONS.includes(body.station as StationId))
			throw new InputFault('station', 'unknown-choice', 'There is no such station.');
		const reason = typeof body.reason === 'string' ? body.reason.slice(0, 500) : null;
		await record(
			idOf(params.id, 'setup'),
			{
				station: body.station as StationId,
				step: textIn(body.step),
				values: body.values,
				version: versionOf(body),
				key: keyOf(body),
				enteredAtMs: enteredAtOf(body),
				reason
			},
			locals.user!
		);
		return { ok: true };
	});
