import { json } from '@sveltejs/kit';
import { InputFault } from '../../../core/calculation/fault.js';
import { groupIn } from './json.js';
import { DatabaseDown } from '../db/pool.js';
import { Refused } from './refused.js';

/** Runs a server route and turns every fault it may meet into one shape: { error: { field, code, message } }. @throws only what is nobody's fault: it is logged and answered as unexpected */
export async function answering(work: () => Promise<object>): Promise<Response> {
	try {
		return json(await work());
	} catch (e) {
		if (e instanceof InputFault) return json({ error: e.toJSON() }, { status: 400 });
		if (e instanceof Refused) return json({ error: e.toJSON() }, { status: e.status });
		if (e instanceof DatabaseDown)
			return json({ error: { field: '', code: e.code, message: e.message } }, { status: 503 });
		throw e;
	}
}

/** The JSON body of a request, whose length was looked at before. @throws InputFault as `groupIn` */
export const bodyOf = async (request: Request): Promise<Record<string, unknown>> =>
	groupIn(await request.text());

/** A text in a body; empty where something else stands. */
export const textIn = (value: unknown): string => (typeof value === 'string' ? value : '');

/** The bytes of a request that carries a file; too many are refused before they are read. @throws Refused */
export async function bytesOf(
	request: Request,
	most: number,
	what: string
): Promise<Uint8Array<ArrayBuffer>> {
	const says = (n: number) =>
		new Refused(
			413,
			'above-maximum',
			`The ${what} has ${Math.round(n / 1048576)} MB. Up to ${Math.round(most / 1048576)} MB can be taken.`,
			what
		);
	const announced = Number(request.headers.get('content-length') ?? 0);
	if (announced > most) throw says(announced);
	// Put in place as it arrives: gathering pieces first would copy the whole at once and hold everybody up.
	const bytes = new Uint8Array(announced);
	let at = 0;
	for await (const chunk of request.body ?? []) {
		if (at + chunk.length > announced) throw says(at + chunk.length);
		bytes.set(chunk, at);
		at += chunk.length;
	}
	return at === announced ? bytes : bytes.slice(0, at);
}

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
/** A positive whole number in an address. @throws Refused */
export function idOf(text: string | undefined, what: string): number {
	if (!text || !/^\d{1,9}$/.test(text))
		throw new Refused(404, 'not-found', `There is no ${what} ${String(text).slice(0, 20)}.`);
	return Number(text);
}
