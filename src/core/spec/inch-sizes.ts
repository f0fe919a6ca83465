const IN = 25.4;
const PART = String.raw`(\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?)(?: ?("|''|″|IN(?:CH)?\b))?`;
const THREE = new RegExp(String.raw`(?<![\d.])${PART} ?X ?${PART} ?X ?${PART}(?![\d/.])`);
/** A type number stands before the sizes: 1-12X1-1/4X3. */
const TYPE = /^((?:TYPE ?|T ?)?\d{1,2} ?- ?)(?=\d+ ?X)/;

/** A number of inches, a fraction with it or not. @example inches('1-1/4') // 1.25 */
export function inches(text: string): number {
	const [whole, fraction] = /\//.test(text)
		? /[ -]/.test(text)
			? (text.split(/[ -]/) as [string, string])
			: ['0', text]
		: [text, '0/1'];
	const [over, under] = fraction.split('/').map(Number) as [number, number];
	return Number(whole) + over / under;
}

/**
 * The three sizes of a wheel that are printed in inches, put into mm; a text without any comes back as it was. Inches are known by a
 * fraction or by their sign; bare whole numbers are millimetres.
 * @example sizesInMm('12X1-1/4X3 WA 60 K') // "304.8X31.75X76.2 WA 60 K"
 */
export function sizesInMm(text: string): string {
	const type = TYPE.exec(text)?.[1] ?? '';
	const rest = text.slice(type.length);
	const m = THREE.exec(rest);
	if (!m || ![m[1], m[3], m[5]].some((n, i) => n!.includes('/') || m[2 + 2 * i])) return text;
	const mm = [m[1]!, m[3]!, m[5]!].map((n) => String(Number((inches(n) * IN).toFixed(3)))).join('X');
	return type + rest.slice(0, m.index) + mm + rest.slice(m.index + m[0].length);
}
