/** The names this server answers to: its own address, loopback on its port, and what the operator lists. */
export interface Names {
	origins: ReadonlySet<string>;
	hosts: ReadonlySet<string>;
}

/**
 * Names from the operator's settings: `ORIGIN` is the address people type, `UNCINUS_HOSTS` further ones by commas (`grinding.shop:8080`).
 * A page of another site that has itself resolved to this machine comes with a host that is on neither.
 */
export function namesOf(env: Readonly<Record<string, string | undefined>>): Names {
	const origins = new Set<string>();
	const add = (text: string): void => {
		try {
			const u = new URL(text);
			origins.add(u.origin);
		} catch {
			// A name that cannot be read lets nobody in.
		}
	};
	if (env.ORIGIN) add(env.ORIGIN);
	if (env.PORT) for (const h of ['127.0.0.1', 'localhost', '[::1]']) add(`http://${h}:${env.PORT}`);
	for (const h of (env.UNCINUS_HOSTS ?? '').split(',').map((s) => s.trim()))
		if (h) for (const scheme of ['http', 'https']) add(`${scheme}://${h}`);
	return { origins, hosts: new Set([...origins].map((o) => new URL(o).host)) };
}

/** Whether a request names a host that is ours. */
export const knownHost = (request: Request, names: Names): boolean =>
	names.hosts.has((request.headers.get('host') ?? '').toLowerCase());

/** Whether a write comes from a page of another site. */
export function foreignWrite(request: Request, names: Names): boolean {
	if (request.method === 'GET' || request.method === 'HEAD') return false;
	if (request.headers.get('sec-fetch-site') === 'cross-site') return true;
	const origin = request.headers.get('origin');
	if (origin === null) return false;
	try {
		return !names.origins.has(new URL(origin).origin);
	} catch {
		return true;
	}
}
