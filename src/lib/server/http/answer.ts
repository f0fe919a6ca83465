import { json } from '@sveltejs/kit';
import { InputFault } from '../../../core/calculation/fault.js';
import { DatabaseDown } from '../storage/pool.js';
import { arrivedText } from './arriving.js';
import { groupIn } from '../json.js';
import { Refused } from '../refused.js';

/** Runs a server route and turns every fault it may meet into one shape: { error: { field, code, message } }. @throws only what is nobody's fault: it is logged and answered as unexpected */
export async function handleApi(work: () => Promise<object>): Promise<Response> {
	try {
		return json(await work());
	} catch (error) {
		if (error instanceof InputFault) return json({ error: error.toJSON() }, { status: 400 });
		if (error instanceof Refused) return json({ error: error.toJSON() }, { status: error.status });
		if (error instanceof DatabaseDown)
			return json({ error: { field: '', code: error.code, message: error.message } }, { status: 503 });
		throw error;
	}
}

/** The JSON body of a request, whose length was looked at before. @throws InputFault as `groupIn` */
export const bodyOf = async (request: Request): Promise<Record<string, unknown>> =>
	groupIn(await arrivedText(request));

/** A text in a body; empty where something else stands. */
export const textIn = (value: unknown): string => (typeof value === 'string' ? value : '');

const KEY = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
/** The key that makes a repeated submit harmless. @throws InputFault */
export function keyOf(body: Record<string, unknown>): string {
	if (typeof body.key !== 'string' || !KEY.test(body.key))
		throw new InputFault('key', 'missing', 'The request carries no key of its own. Load the page again.');
	return body.key;
}
/** The version of the setup that was looked at. @throws InputFault */
export function versionOf(body: Record<string, unknown>): number {
	if (typeof body.version !== 'number' || !Number.isInteger(body.version))
		throw new InputFault(
			'version',
			'missing',
			'The request does not say which state of the setup it belongs to. Load the page again.'
		);
	return body.version;
}
/** Years a database keeps; whether a time can be is said where it is shown. */
const [EARLIEST_MS, LATEST_MS] = [Date.UTC(1971), Date.UTC(9000)];
/** When it was entered by the clock of that browser, where it waited for the network; null where it came at once. */
export function enteredAtOf(body: Record<string, unknown>): number | null {
	const at = body.enteredAtMs;
	return typeof at === 'number' && at > EARLIEST_MS && at < LATEST_MS ? at : null;
}
/** A positive whole number in an address. @throws Refused */
export function idOf(text: string | undefined, what: string): number {
	if (!text || !/^\d{1,9}$/.test(text))
		throw new Refused(404, 'not-found', `There is no ${what} ${String(text).slice(0, 20)}.`);
	return Number(text);
}
