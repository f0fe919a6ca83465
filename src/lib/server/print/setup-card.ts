import { timeIn } from '../../../core/numeric/zone.js';
import type { Decision } from '../../../core/route/decision.js';
import type { SetupFacts } from '../../../core/route/facts.js';
import { limitRpm, shownLimit } from '../../../core/spec/limit-rpm.js';
import { quantity } from '../../../core/quantity/format.js';
import { Evidence } from '../../../core/route/evidence.js';
import { releaseStep } from '../../../core/route/stations/prove/steps.js';
import { dueWords, redressDue } from '../../../core/route/stations/keep/due.js';
import { setupStatus } from '../../../core/route/setup-status.js';
import { MM, bytesOf, drawQr, newSheet, printable } from './sheet.js';

const SIGN: Readonly<Record<string, string>> = {
	ok: 'holds',
	caution: 'with care',
	stop: 'STOP',
	now: 'open',
	open: 'open'
};

/** A time in full, in the place of the shop. */
export const inFull = (f: Pick<SetupFacts, 'timeZone'>, ms: number): string =>
	timeIn(f.timeZone ?? 'UTC', ms);

/** Whose card it is and when it was printed; a finished setup says that it is shown as it was. */
export const headOf = (f: SetupFacts, printedMs: number): string =>
	`${f.shop}, printed ${inFull(f, printedMs)}${f.state === 'finished' ? `, as it was on ${inFull(f, f.nowMs)}` : ''}`;

/** Released by whom and when, or how it stands instead. */
export function standsAs(f: SetupFacts, d: Decision): string {
	const { word } = setupStatus(f, d);
	const last = Evidence.of(f).step(releaseStep);
	const released = last && last.verdict !== 'stop' ? `released ${inFull(f, last.atMs)} by ${last.by}` : '';
	if (f.givenUp) return `Given up: ${f.givenUp}`;
	if (!released || word === 'Stopped' || word === 'Locked out') return word.toUpperCase();
	const due = f.state === 'released' ? redressDue(f) : null;
	if (due) return `REDRESS DUE: ${dueWords(due)}`;
	return f.state === 'finished' ? `Finished, ${released}` : `R${released.slice(1)}`;
}

/** A setup on one page, to hang at the machine: job, wheel, limits, every gate line with its value, and a code that opens it. */
export async function setupCard(
	f: SetupFacts,
	d: Decision,
	origin: string,
	printedMs: number
): Promise<Buffer> {
	const doc = newSheet(`Setup ${f.id}`);
	const left = 16 * MM;
	const width = 178 * MM;
	const put = (font: string, size: number, text: string, x: number, y: number, w: number) =>
		doc
			.font(font)
			.fontSize(size)
			.fillColor('#000000')
			.text(printable(text), x, y, { width: w, height: size * 1.25, lineBreak: false, ellipsis: true });
	drawQr(doc, `${origin}/setups/${f.id}`, left + width - 30 * MM, 12 * MM, 30 * MM);
	put('text', 10, headOf(f, printedMs), left, 9 * MM, 140 * MM);
	put('bold', 26, `Setup ${f.id}`, left, 14 * MM, 60 * MM);
	put('bold', 12, standsAs(f, d), left + 56 * MM, 17.6 * MM, 88 * MM);
	put('bold', 15, `${f.brief.part}, ${f.brief.quantity} off`, left, 26 * MM, 140 * MM);
	put(
		'text',
		11,
		`${f.machine.code} ${f.machine.name}, ${quantity(f.machine.spindleRpm, 'rpm')}, Ra ${quantity(f.brief.targetRaUm, 'um-Ra', f.units)} asked`,
		left,
		34 * MM,
		140 * MM
	);
	const w = f.wheel;
	const limit = w && limitRpm(w);
	put('mono', 15, w ? `${w.number}  ${w.canonical}` : 'no wheel taken yet', left, 43 * MM, 140 * MM);
	if (w)
		put(
			'text',
			11,
			`${quantity(w.diameterMm, 'mm', f.units)} x ${quantity(w.widthMm, 'mm', f.units)} x ${quantity(w.boreMm, 'mm', f.units)}, ${w.rimDepthMm === null ? '' : `rim ${quantity(w.rimDepthMm, 'mm', f.units)} deep, `}never over ${limit === null ? '-' : shownLimit(limit!)} rpm${f.mount ? `, on ${f.mount.code}` : ''}`,
			left,
			51 * MM,
			140 * MM
		);
	let y = 62 * MM;
	doc
		.moveTo(left, y)
		.lineTo(left + width, y)
		.lineWidth(1.2)
		.strokeColor('#000000')
		.stroke();
	for (const s of d.stations) {
		for (const [i, l] of s.lines.entries()) {
			if (y > 276 * MM) {
				doc.addPage({ size: 'A4', margin: 0 });
				y = 16 * MM;
			}
			if (i === 0) put('bold', 11, s.name, left, y + 2 * MM, 26 * MM);
			put('text', 10, l.title, left + 28 * MM, y + 2 * MM, 60 * MM);
			put('mono', 9, l.value, left + 90 * MM, y + 2.3 * MM, 64 * MM);
			put('text', 10, SIGN[l.state] ?? l.state, left + 157 * MM, y + 2 * MM, 22 * MM);
			y += 6.6 * MM;
			doc
				.moveTo(i === s.lines.length - 1 ? left : left + 28 * MM, y)
				.lineTo(left + width, y)
				.lineWidth(0.3)
				.strokeColor('#999999')
				.stroke();
		}
	}
	put(
		'text',
		9,
		"The wheel's and the machine's own instructions, local rules and trained people come first.",
		left,
		Math.min(y + 4 * MM, 288 * MM),
		width
	);
	return bytesOf(doc);
}
