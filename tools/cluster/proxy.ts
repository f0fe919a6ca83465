import { type ChildProcess, spawn } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { closeTo, unprivileged } from '../../src/command/database/system-user.js';
import { find, installPackages, until } from '../../src/command/system.js';

/** How often an application is asked whether it answers, and how many answers change what is thought of it. */
const CHECK = 'inter 1s fall 2 rise 1';

/**
 * What the proxy is told: every request to an application whose health page answers, whichever it is; one that could not be sent at all
 * is sent to another. Streams of instruments stay open for as long as somebody looks.
 */
export function proxyConfig(port: number, applications: readonly number[]): string {
	return [
		'global',
		'  maxconn 2000',
		'defaults',
		'  mode http',
		'  timeout connect 2s',
		'  timeout client 60s',
		'  timeout server 60s',
		'  timeout tunnel 1h',
		'  option redispatch 1',
		'  retries 2',
		'  option forwardfor',
		'frontend shop',
		`  bind 127.0.0.1:${port}`,
		'  http-request set-header X-Forwarded-Proto http',
		'  default_backend applications',
		'backend applications',
		'  balance leastconn',
		'  option httpchk GET /health',
		`  http-check send hdr Host 127.0.0.1:${port}`,
		...applications.map((p, i) => `  server application${i + 1} 127.0.0.1:${p} check ${CHECK}`),
		''
	].join('\n');
}

/** Starts the proxy and waits until it answers. @throws Error where its Debian package can neither be found nor installed */
export async function startProxy(
	folder: string,
	port: number,
	applications: readonly number[]
): Promise<ChildProcess> {
	if (!find('/usr/sbin/haproxy', 'haproxy')) await installPackages('haproxy');
	const program = find('/usr/sbin/haproxy', 'haproxy');
	if (!program)
		throw new Error('The Debian package haproxy could not be installed. Install it and start again.');
	const file = join(folder, 'proxy.cfg');
	writeFileSync(file, proxyConfig(port, applications), { mode: 0o600 });
	const user = unprivileged();
	closeTo(user, file);
	const child = spawn(program, ['-db', '-f', file], {
		stdio: 'ignore',
		...(user ? { uid: user.uid, gid: user.gid } : {})
	});
	await until(
		async () => (await fetch(`http://127.0.0.1:${port}/health`).catch(() => null))?.ok ?? false,
		'The proxy did not answer in time.'
	);
	return child;
}
