import { lookup } from 'node:dns/promises';
import { BlockList, isIP } from 'node:net';

/** Where no instrument of a shop is: this server itself, what only configures itself, nowhere, everywhere. */
const NEVER = new BlockList();
for (const [net, bits] of [
	['0.0.0.0', 8],
	['127.0.0.0', 8],
	['169.254.0.0', 16],
	['224.0.0.0', 4],
	['240.0.0.0', 4]
] as const)
	NEVER.addSubnet(net, bits, 'ipv4');
for (const [net, bits] of [
	['::', 127],
	['fe80::', 10],
	['ff00::', 8]
] as const)
	NEVER.addSubnet(net, bits, 'ipv6');

const plain = (address: string): string => address.replace(/^::ffff:(?=\d+\.)/i, '');
const isNever = (address: string): boolean => {
	const a = plain(address);
	return NEVER.check(a, isIP(a) === 6 ? 'ipv6' : 'ipv4');
};

/** Hosts the operator lets through all the same, by commas. */
const listed = (): readonly string[] =>
	(process.env.UNCINUS_INSTRUMENT_HOSTS ?? '')
		.split(',')
		.map((h) => h.trim())
		.filter(Boolean);

/**
 * The address to connect to for the host a lead entered; null where it is none an instrument can have. A name is resolved here, once,
 * so that it cannot mean something else when the connection is made.
 */
export async function instrumentAddress(host: string): Promise<string | null> {
	if (listed().includes(host)) return host;
	try {
		const { address } = isIP(plain(host)) ? { address: host } : await lookup(host);
		return isNever(address) ? null : address;
	} catch {
		return null;
	}
}
