import { calculation } from '$core/calculations';
import { STATIONS } from '$core/route/station-names';
import { logLines } from '$lib/server/storage/log';
import { machineCodes } from '$lib/server/shop/machines';

const VERDICTS = ['ok', 'caution', 'stop'];
const LINES = 50;

/** A page of the evidence, newest first, filtered by the address. */
export async function load({ url }) {
	const text = (name: string) => (url.searchParams.get(name) ?? '').trim().slice(0, 30);
	const whole = (name: string) => (/^\d{1,9}$/.test(text(name)) ? Number(text(name)) : undefined);
	const filter = {
		setup: text('setup'),
		wheel: text('wheel'),
		machine: text('machine'),
		station: (STATIONS as readonly string[]).includes(text('station')) ? text('station') : '',
		verdict: VERDICTS.includes(text('verdict')) ? text('verdict') : ''
	};
	const lines = await logLines(
		{ ...filter, setup: filter.setup === '' ? undefined : (whole('setup') ?? 0), before: whole('before') },
		LINES + 1
	);
	return {
		filter,
		lines: lines.slice(0, LINES).map((line) => ({ ...line, title: calculation(line.calculation).title })),
		more: lines.length > LINES ? lines[LINES - 1]!.id : null,
		first: whole('before') === undefined,
		machines: await machineCodes()
	};
}
