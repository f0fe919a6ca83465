import { timeIn } from '../../../core/numeric/zone.js';
import type { Decision } from '../../../core/route/decision.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { limitRpm, shownLimit } from '../../../core/spec/limit-rpm.js';
import { quantity } from '../../../core/quantity/format.js';
import { basisText } from '../../../core/route/basis.js';
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

/** Heights of a line, and of what it rests on. */
const PLAIN_MM = 5.6;
const BASIS_MM = 2.2;

/** A time in full, in the place of the shop. */
export const inFull = (f: Pick<SetupFacts, 'timeZone'>, ms: number): string => timeIn(f.timeZone, ms);

/** Whose card it is and when it was printed; a finished setup says that it is shown as it was. */
export const headOf = (facts: SetupFacts, printedMs: number): string =>
	`${facts.shop}, printed ${inFull(facts, printedMs)}${facts.state === 'finished' ? `, as it was on ${inFull(facts, facts.nowMs)}` : ''}`;

/** Released by whom and when, or how it stands instead. */
export function standsAs(facts: SetupFacts, decision: Decision): string {
	const { word } = setupStatus(facts, decision);
	const last = Evidence.of(facts).step(releaseStep);
	const released =
		last && last.verdict !== 'stop' ? `released ${inFull(facts, last.atMs)} by ${last.by}` : '';
	if (facts.givenUp) return `Given up: ${facts.givenUp}`;
	if (!released || word === 'Stopped' || word === 'Locked out') return word.toUpperCase();
	const due = facts.state === 'released' ? redressDue(facts) : null;
	if (due) return `REDRESS DUE: ${dueWords(due)}`;
	return facts.state === 'finished' ? `Finished, ${released}` : `R${released.slice(1)}`;
}

/** A setup on one page, to hang at the machine: job, wheel, limits, every gate line with its value, and a code that opens it. */
export async function setupCard(
	facts: SetupFacts,
	decision: Decision,
	origin: string,
	printedMs: number
): Promise<Buffer> {
	const doc = newSheet(`Setup ${facts.id}`);
	const left = 16 * MM;
	const width = 178 * MM;
	const put = (font: string, size: number, text: string, x: number, y: number, w: number) =>
		doc
			.font(font)
			.fontSize(size)
			.fillColor('#000000')
			.text(printable(text), x, y, { width: w, height: size * 1.25, lineBreak: false, ellipsis: true });
	drawQr(doc, `${origin}/setups/${facts.id}`, left + width - 30 * MM, 12 * MM, 30 * MM);
	put('text', 10, headOf(facts, printedMs), left, 9 * MM, 140 * MM);
	put('bold', 26, `Setup ${facts.id}`, left, 14 * MM, 60 * MM);
	put('bold', 12, standsAs(facts, decision), left + 56 * MM, 17.6 * MM, 88 * MM);
	put('bold', 15, `${facts.brief.part}, ${facts.brief.quantity} off`, left, 26 * MM, 140 * MM);
	put(
		'text',
		11,
		`${facts.machine.code} ${facts.machine.name}, ${quantity(facts.machine.spindleRpm, 'rpm')}, Ra ${quantity(facts.brief.targetRaUm, 'um-Ra', facts.units)} asked`,
		left,
		34 * MM,
		140 * MM
	);
	const wheel = facts.wheel;
	const limit = wheel && limitRpm(wheel);
	put(
		'mono',
		15,
		wheel ? `${wheel.number}  ${wheel.canonical}` : 'no wheel taken yet',
		left,
		43 * MM,
		140 * MM
	);
	if (wheel)
		put(
			'text',
			11,
			`${quantity(wheel.diameterMm, 'mm', facts.units)} x ${quantity(wheel.widthMm, 'mm', facts.units)} x ${quantity(wheel.boreMm, 'mm', facts.units)}, ${wheel.rimDepthMm === null ? '' : `rim ${quantity(wheel.rimDepthMm, 'mm', facts.units)} deep, `}never over ${limit === null ? '-' : shownLimit(limit!)} rpm${facts.mount ? `, on ${facts.mount.code}` : ''}`,
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
	for (const station of decision.stations) {
		for (const [i, l] of station.lines.entries()) {
			if (y > 276 * MM) {
				doc.addPage({ size: 'A4', margin: 0 });
				y = 16 * MM;
			}
			if (i === 0) put('bold', 11, station.name, left, y + 1.4 * MM, 26 * MM);
			put('text', 10, l.title, left + 28 * MM, y + 1.4 * MM, 56 * MM);
			put('mono', 9, l.value, left + 85 * MM, y + 1.7 * MM, 70 * MM);
			put('text', 10, SIGN[l.state] ?? l.state, left + 157 * MM, y + 1.4 * MM, 22 * MM);
			y += PLAIN_MM * MM;
			// Under the value, where the longest has room: what a line rests on is never cut off.
			if (l.basis) {
				put('text', 7.5, basisText(l.basis, facts.units), left + 85 * MM, y - 0.4 * MM, 94 * MM);
				y += BASIS_MM * MM;
			}
			doc
				.moveTo(i === station.lines.length - 1 ? left : left + 28 * MM, y)
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
