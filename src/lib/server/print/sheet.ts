import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import PDFDocument from 'pdfkit';
import QRCode from 'qrcode';

const need = createRequire(import.meta.url);
/** The fonts of the screen, so that 0 and O are not confused on paper either; a bold and a plain cut of each. */
const font = (name: string, weight: 400 | 700): string =>
	join(
		dirname(need.resolve(`@fontsource/atkinson-hyperlegible-${name}/package.json`)),
		'files',
		`atkinson-hyperlegible-${name}-latin-${weight}-normal.woff`
	);

export const MM = 72 / 25.4;
export type Sheet = InstanceType<typeof PDFDocument>;

/** A new A4 sheet with the shop's fonts as `text`, `bold` and `mono`. */
export function newSheet(title: string): Sheet {
	const doc = new PDFDocument({ size: 'A4', margin: 0, info: { Title: title, Creator: 'Uncinus' } });
	doc.registerFont('text', font('next', 400));
	doc.registerFont('bold', font('next', 700));
	doc.registerFont('mono', font('mono', 700));
	return doc;
}

/** The finished file. */
export function bytesOf(doc: Sheet): Promise<Buffer> {
	return new Promise((done, fail) => {
		const parts: Buffer[] = [];
		doc
			.on('data', (d: Buffer) => parts.push(d))
			.on('end', () => done(Buffer.concat(parts)))
			.on('error', fail);
		doc.end();
	});
}

/** A QR code drawn as squares; the quiet margin around it is the caller's. */
export function drawQr(doc: Sheet, text: string, x: number, y: number, size: number): void {
	const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
	const k = size / modules.size;
	for (let r = 0; r < modules.size; r++)
		for (let c = 0; c < modules.size; c++)
			if (modules.get(r, c)) doc.rect(x + c * k, y + r * k, k + 0.05, k + 0.05);
	doc.fill('#000000');
}

/** Text that the fonts can print; what they cannot becomes a question mark, never a missing tag. */
export const printable = (text: string): string =>
	[...text.normalize('NFC').replace(/[µμ]/g, 'u').replace(/⌀/g, 'dia.')]
		.map((ch) => (/[\u0020-\u007e\u00a0-\u024f\u2010-\u2022]/.test(ch) ? ch : '?'))
		.join('');
