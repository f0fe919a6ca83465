const KB = 1024;
const MB = 1024 * KB;

/** The most a request may carry, by the route it goes to; everything else is JSON of one step or one thing. */
const MAX: Readonly<Record<string, number>> = {
	'/sign-in': 4 * KB,
	'/first': 4 * KB,
	'/account': 4 * KB,
	'/sign-out': 4 * KB,
	'/api/unlock': 4 * KB,
	'/api/pictures': 20 * MB,
	'/api/wheels/[number]/recordings': 48 * MB,
	'/api/rack/import': 48 * MB,
	'/api/rack/known': 128 * KB
};
export const MAX_JSON = 512 * KB;

const mostBytes = (route: string | null): number => MAX[route ?? ''] ?? MAX_JSON;

/** Why a body is not even read: it does not say how long it is, or says more than its route takes. Null when it may be read. */
export function tooMuch(
	request: Request,
	route: string | null
): { status: 411 | 413; message: string } | null {
	if (request.method === 'GET' || request.method === 'HEAD' || request.body === null) return null;
	const told = request.headers.get('content-length');
	if (told === null)
		return {
			status: 411,
			message: 'The request does not say how long it is. Send it whole, with its length.'
		};
	const most = mostBytes(route);
	if (!(Number(told) <= most))
		return {
			status: 413,
			message: `That is ${words(Number(told))}; up to ${words(most)} can be sent here at once. Send less.`
		};
	return null;
}

const words = (bytes: number): string =>
	bytes >= MB ? `${Math.round((10 * bytes) / MB) / 10} MB` : `${Math.max(1, Math.round(bytes / KB))} kB`;
