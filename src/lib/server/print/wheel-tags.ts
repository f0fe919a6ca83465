import type { WheelFacts } from '../../../core/facts/wheel.js';
import { limitRpm, shownLimit } from '../../../core/spec/limit-rpm.js';
import { MM, type Sheet, bytesOf, drawQr, newSheet, printable } from './sheet.js';

const [WIDTH, HEIGHT, ACROSS, DOWN, LEFT, TOP] = [95 * MM, 52 * MM, 2, 5, 10 * MM, 14 * MM];

function tag(doc: Sheet, wheel: WheelFacts, url: string, x: number, y: number): void {
	const pad = 4 * MM;
	doc.rect(x, y, WIDTH, HEIGHT).lineWidth(0.6).strokeColor('#888888').stroke();
	doc.circle(x + pad + 1.5 * MM, y + pad + 1.5 * MM, 2 * MM).stroke();
	drawQr(doc, url, x + WIDTH - 29 * MM - pad / 2, y + pad, 29 * MM);
	const line = (font: string, size: number, text: string, dy: number, width = WIDTH - 38 * MM) =>
		doc
			.font(font)
			.fontSize(size)
			.fillColor('#000000')
			.text(printable(text), x + pad, y + dy, {
				width,
				height: size * 1.25,
				lineBreak: false,
				ellipsis: true
			});
	line('mono', 26, wheel.number, pad + 5 * MM);
	line('mono', 13, wheel.canonical || wheel.marking, pad + 17 * MM);
	line(
		'text',
		10,
		`${wheel.newDiameterMm} x ${wheel.widthMm} x ${wheel.boreMm} mm, scrap at ${wheel.minDiameterMm}`,
		pad + 24 * MM
	);
	const limit = limitRpm(wheel);
	line(
		'bold',
		12,
		wheel.state === 'scrapped'
			? 'SCRAPPED - NOT TO BE RUN'
			: limit === null
				? 'NO SPEED - NOT TO BE RUN'
				: `never over ${shownLimit(limit)} rpm${wheel.ratedMps === null ? '' : `, ${wheel.ratedMps} m/s`}`,
		pad + 30 * MM,
		WIDTH - 2 * pad
	);
	line(
		'text',
		9,
		`${wheel.place}${wheel.expiresOn ? `, use by ${wheel.expiresOn}` : ''}${wheel.state === 'quarantined' ? ', QUARANTINED' : ''}. The wheel's own label counts.`,
		pad + 38 * MM,
		WIDTH - 2 * pad
	);
}

/** Tags for wheels, ten a page, each with a code that opens the wheel. */
export async function wheelTags(wheels: readonly WheelFacts[], origin: string): Promise<Buffer> {
	const doc = newSheet('Wheel tags');
	wheels.forEach((wheel, i) => {
		const at = i % (ACROSS * DOWN);
		if (i > 0 && at === 0) doc.addPage({ size: 'A4', margin: 0 });
		tag(
			doc,
			wheel,
			`${origin}/rack/${encodeURIComponent(wheel.number)}`,
			LEFT + (at % ACROSS) * WIDTH,
			TOP + Math.floor(at / ACROSS) * HEIGHT
		);
	});
	return bytesOf(doc);
}
