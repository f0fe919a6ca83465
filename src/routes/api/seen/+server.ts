import { handleApi } from '$lib/server/http/answer';

/** Somebody is at the screen: the session was noted as used on the way here. */
export const POST = () => handleApi(async () => ({ ok: true }));
