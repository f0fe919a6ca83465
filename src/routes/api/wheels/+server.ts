import { type NewWheel, WHEEL_FIELDS } from '$core/shop/wheel';
import { answering, bodyOf } from '$lib/server/answer';
import { checked } from '$lib/server/joi-schema';
import { mayWrite } from '$lib/server/work';
import { addWheel } from '$lib/server/wheels';

export const POST = ({ request, locals }) => answering(async () => {
	mayWrite(locals.user!);
	const wheel = checked<NewWheel>(WHEEL_FIELDS, (await bodyOf(request)).values);
	await addWheel(wheel, locals.user!);
	return { number: wheel.number };
});
