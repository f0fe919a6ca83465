/** How a text file was written, from its first bytes: a byte-order mark decides, then whether it is clean UTF-8. */
export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

/** Byte-order mark first, then the pattern of zero bytes, then whether it is clean UTF-8; else Windows-1252. */
export function encodingOf(bytes: Uint8Array): Encoding {
	if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
	if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
	const sample = bytes.subarray(0, 4000);
	let even = 0;
	let odd = 0;
	sample.forEach((b, i) => {
		if (b === 0) {
			if (i % 2) odd++;
			else even++;
		}
	});
	if (odd > sample.length / 4) return 'utf-16le';
	if (even > sample.length / 4) return 'utf-16be';
	return isUtf8(bytes) ? 'utf-8' : 'windows-1252';
}

/** Whether bytes are well-formed UTF-8. */
function isUtf8(b: Uint8Array): boolean {
	for (let i = 0; i < b.length;) {
		const c = b[i]!;
		const n =
			c < 0x80 ? 0 : c >= 0xc2 && c < 0xe0 ? 1 : c >= 0xe0 && c < 0xf0 ? 2 : c >= 0xf0 && c < 0xf5 ? 3 : -1;
		if (n < 0) return false;
		for (let k = 1; k <= n; k++) if ((b[i + k] ?? 0) >> 6 !== 2) return false;
		i += n + 1;
	}
	return true;
}
