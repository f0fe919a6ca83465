import { handleApi, idOf } from '$lib/server/http/answer';
import { formById } from '$lib/server/shop/forms';

/** One version of a form with its shape. */
export const GET = ({ params }) => handleApi(async () => ({ ...(await formById(idOf(params.id, 'form'))) }));
