import { handleApi } from '$lib/server/door/answer';

/** Somebody is at the screen: the session was noted as used on the way here. */
export const POST = () => handleApi(async () => ({ ok: true }));
