import { INSTRUMENT_KINDS, type InstrumentKind } from '$core/instrument/kinds';
import { handleApi } from '$lib/server/http/answer';
import { instrumentsOf } from '$lib/server/instruments/instruments';
import { InputFault } from '$lib/server/refused';

/** The instruments of one kind. */
export const GET = ({ url }) =>
	handleApi(async () => {
		const kind = url.searchParams.get('kind') as InstrumentKind;
		if (!INSTRUMENT_KINDS.includes(kind))
			throw new InputFault('kind', 'unknown-choice', `The kind is one of ${INSTRUMENT_KINDS.join(', ')}.`);
		return { instruments: await instrumentsOf(kind) };
	});
