import { handleApi, bodyOf } from '$lib/server/http/answer';
import { addWheel } from '$lib/server/wheels/add-wheels';
import { freeWheelsFor, wheelById } from '$lib/server/wheels/wheels';
import { InputFault } from '$core/calculation/fault';

export const POST = ({ request, locals }) =>
	handleApi(async () => {
		const { values } = await bodyOf(request);
		const id = await addWheel(values, locals.user!);
		return { number: (await wheelById(id))!.number };
	});

/** Free wheels whose bore belongs on a seat. */
export const GET = ({ url }) =>
	handleApi(async () => {
		const seatMm = Number(url.searchParams.get('seatMm'));
		if (!(seatMm > 0 && seatMm < 1000))
			throw new InputFault('seatMm', 'not-a-number', 'Say which seat the wheels are for, in millimetres.');
		return { wheels: await freeWheelsFor(seatMm) };
	});
