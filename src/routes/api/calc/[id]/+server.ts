import { handleApi, bodyOf } from '$lib/server/http/answer';
import { runJob } from '$lib/server/jobs/run-job';

/** Runs one calculation in a thread: the body is its input; the same answers and errors as the command. */
export const POST = async ({ params, request, locals }) => {
	let told: { ok: boolean; json: Uint8Array } | undefined;
	const refused = await handleApi(async () => {
		told = await runJob(locals.user!.id, 'calc', { id: params.id, input: await bodyOf(request) });
		return {};
	});
	if (!told) return refused;
	return new Response(new Uint8Array(told.json), {
		status: told.ok ? 200 : 400,
		headers: { 'content-type': 'application/json' }
	});
};
