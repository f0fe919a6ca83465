import { compareDress } from '../../../core/prove/compare-dress.js';
import { touchOff } from '../../../core/prove/touch-off.js';
import { quantity } from '../../../core/quantity/format.js';
import { basisText } from '../../../core/route/basis.js';
import { Evidence, partOf } from '../../../core/route/evidence.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { limitRpm, shownLimit } from '../../../core/spec/limit-rpm.js';
import { COMPARED, compareStep } from '../../../core/route/stations/prove/compare.js';
import { releaseSheet } from '../../../core/route/stations/prove/sheet.js';
import { releaseStep } from '../../../core/route/stations/prove/steps.js';
import { touchStep } from '../../../core/route/stations/prove/trial.js';
import { Refused } from '../refused.js';
import { headOf, inFull } from './setup-card.js';
import { MM, type Sheet, bytesOf, drawQr, newSheet, printable } from './sheet.js';

const LEFT = 16 * MM;
const WIDTH = 178 * MM;
const SIGN = { pass: 'holds', fail: 'OUTSIDE', missing: 'NOT LOOKED AT' } as const;

type Put = (font: string, size: number, text: string, x: number, y: number, w: number) => void;
const putOn =
	(doc: Sheet): Put =>
	(font, size, text, x, y, w) => {
		doc
			.font(font)
			.fontSize(size)
			.fillColor('#000000')
			.text(printable(text), x, y, { width: w, height: size * 1.25, lineBreak: false, ellipsis: true });
	};

/** Whose work it is, on what, and with which wheel; returns where the next line begins. */
function head(doc: Sheet, put: Put, facts: SetupFacts, origin: string, printedMs: number): number {
	const wheel = facts.wheel!;
	const limit = limitRpm(wheel);
	const q = (value: number, unit: 'mm' | 'rpm' | 'um-Ra') => quantity(value, unit, facts.units);
	drawQr(doc, `${origin}/setups/${facts.id}`, LEFT + WIDTH - 28 * MM, 12 * MM, 28 * MM);
	put('text', 10, headOf(facts, printedMs), LEFT, 9 * MM, 140 * MM);
	put('bold', 24, 'Release sheet', LEFT, 14 * MM, 120 * MM);
	put(
		'bold',
		13,
		`Setup ${facts.id}: ${facts.brief.part}, ${facts.brief.quantity} off`,
		LEFT,
		26 * MM,
		140 * MM
	);
	put(
		'text',
		11,
		`${facts.machine.code} ${facts.machine.name}, ${q(facts.machine.spindleRpm, 'rpm')}, Ra ${q(facts.brief.targetRaUm, 'um-Ra')} asked`,
		LEFT,
		33 * MM,
		140 * MM
	);
	put('mono', 13, `${wheel.number}  ${wheel.canonical}`, LEFT, 41 * MM, 140 * MM);
	put(
		'text',
		11,
		`${q(wheel.diameterMm, 'mm')} x ${q(wheel.widthMm, 'mm')} x ${q(wheel.boreMm, 'mm')}, never over ${limit === null ? '-' : shownLimit(limit)} rpm${facts.mount ? `, on ${facts.mount.code}` : ''}`,
		LEFT,
		48 * MM,
		140 * MM
	);
	return 58 * MM;
}

/** What was found beside the sheet itself: the touch, and the wheel before and after its dress. */
function beside(facts: SetupFacts): string[] {
	const evidence = Evidence.of(facts);
	const touch = partOf(evidence.step(touchStep), touchOff);
	const compared = partOf(evidence.step(compareStep), compareDress);
	const change = (v: number | null) => (v === null ? '' : `${v > 0 ? '+' : ''}${v.toFixed(0)} %`);
	return [
		...(touch ? [`Touched off, record ${touch.id}, ${touch.by}`] : []),
		...(compared
			? [
					`Dressed against undressed: ${COMPARED[compared.output.conclusion] ?? compared.output.conclusion}; Ra ${change(compared.output.raChangePct)}${compared.output.powerChangePct === null ? '' : `, power ${change(compared.output.powerChangePct)}`}, record ${compared.id}`
				]
			: [])
	];
}

/** The release sheet on paper: every value with its limit and the record it comes from, when, where and by whom. @throws Refused 409 before the release */
export async function releaseSheetFile(
	facts: SetupFacts,
	origin: string,
	printedMs: number
): Promise<Buffer> {
	const rows = releaseSheet(facts);
	const signed = Evidence.of(facts).step(releaseStep);
	if (!rows || !signed || !facts.wheel)
		throw new Refused(409, 'not-released', 'Nothing was released here yet. Fill in the release sheet first.');
	const doc = newSheet(`Release sheet of setup ${facts.id}`);
	const put = putOn(doc);
	let y = head(doc, put, facts, origin, printedMs);
	const rule = (from: number, width: number, colour: string) =>
		doc
			.moveTo(from, y)
			.lineTo(LEFT + WIDTH, y)
			.lineWidth(width)
			.strokeColor(colour)
			.stroke();
	rule(LEFT, 1.2, '#000000');
	for (const row of rows) {
		const from = row.from ? `record ${row.from.recordId}, ${row.from.by}` : 'no record';
		put('bold', 10.5, row.title, LEFT, y + 2 * MM, 38 * MM);
		put('mono', 10, row.value, LEFT + 40 * MM, y + 2.1 * MM, 42 * MM);
		put('mono', 10, row.limit ? `of ${row.limit}` : '', LEFT + 84 * MM, y + 2.1 * MM, 30 * MM);
		put('text', 9.5, from, LEFT + 114 * MM, y + 2.3 * MM, 40 * MM);
		put(row.state === 'pass' ? 'text' : 'bold', 9.5, SIGN[row.state], LEFT + 154 * MM, y + 2.3 * MM, 26 * MM);
		y += 7 * MM;
		if (row.basis) {
			put('text', 8, basisText(row.basis, facts.units), LEFT + 40 * MM, y - 0.4 * MM, 138 * MM);
			y += 3 * MM;
		}
		rule(LEFT, 0.3, '#999999');
	}
	y += 4 * MM;
	for (const line of beside(facts)) {
		put('text', 10, line, LEFT, y, WIDTH);
		y += 6 * MM;
	}
	const reason = signed.overrideReason ?? signed.entered.overrideReason ?? '';
	const said =
		signed.verdict === 'stop' ? 'NOT RELEASED' : `Released ${inFull(facts, signed.atMs)} by ${signed.by}`;
	y += 2 * MM;
	put('bold', 15, said, LEFT, y, WIDTH);
	y += 9 * MM;
	if (reason && signed.verdict !== 'stop') put('text', 10.5, `With a reason: ${reason}`, LEFT, y, WIDTH);
	put('text', 10, 'Signature', LEFT, 262 * MM, 40 * MM);
	doc
		.moveTo(LEFT + 22 * MM, 266 * MM)
		.lineTo(LEFT + 100 * MM, 266 * MM)
		.lineWidth(0.6)
		.strokeColor('#000000')
		.stroke();
	put(
		'text',
		9,
		"The wheel's and the machine's own instructions, local rules and trained people come first.",
		LEFT,
		280 * MM,
		WIDTH
	);
	return bytesOf(doc);
}
