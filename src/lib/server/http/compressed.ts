/** Where a proxy in front does it already, it is not done twice. */
const BY_PROXY = process.env.UNCINUS_PROXY_COMPRESSES === '1';
/** Text that comes whole; what is told bit by bit must not wait to be packed. */
const WORTH_IT = /^(text\/(?!event-stream)|application\/(json|javascript|manifest\+json)|image\/svg)/;

/** Whether whoever asks takes an answer in gzip. @example takesGzip('br, gzip;q=0.8') // true */
export function takesGzip(accepted: string | null): boolean {
	return (accepted ?? '').split(',').some((part) => {
		const [name, ...rest] = part.trim().split(';');
		const q = rest.map((r) => r.trim()).find((r) => r.startsWith('q='));
		return name === 'gzip' && Number(q?.slice(2) ?? 1) > 0;
	});
}

/** A text answer made small on its way, for whoever takes it so; files that are small already, and those without a body, stay as they are. */
export function compressed(request: Request, response: Response): Response {
	const headers = response.headers;
	if (
		BY_PROXY ||
		!response.body ||
		headers.has('content-encoding') ||
		!WORTH_IT.test(headers.get('content-type') ?? '')
	)
		return response;
	headers.append('vary', 'accept-encoding');
	if (request.method === 'HEAD' || !takesGzip(request.headers.get('accept-encoding'))) return response;
	headers.set('content-encoding', 'gzip');
	headers.delete('content-length');
	// The same page in another coat: equal, but not byte by byte.
	const etag = headers.get('etag');
	if (etag && !etag.startsWith('W/')) headers.set('etag', `W/${etag}`);
	return new Response(response.body.pipeThrough(new CompressionStream('gzip')), {
		status: response.status,
		statusText: response.statusText,
		headers: headers
	});
}
