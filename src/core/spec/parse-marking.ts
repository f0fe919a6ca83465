import { choice, group, list, text as textField } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { sizesInMm } from './inch-sizes.js';
import { InputFault } from '../calculation/fault.js';
import { ABRASIVE_FAMILIES, type AbrasiveFamily } from './families.js';
import { MarkingReading } from './marking-reading.js';
import { readConventional } from './read-conventional.js';
import { readShape, readSuperabrasive } from './read-superabrasive.js';
import { writeMarking } from './write-marking.js';

const FRACTIONS: Record<string, string> = {
	'¼': '1/4',
	'½': '1/2',
	'¾': '3/4',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

/** Capitals, plain dashes and signs, fractions spelled out, decimal comma to point, single spaces. */
export function normaliseMarking(text: string): string {
	return text
		.toUpperCase()
		.replace(/[×*✕⨯]/g, 'X')
		.replace(/[‐‑‒–—―−]/g, '-')
		.replace(/(\d?)([¼½¾⅛⅜⅝⅞])/g, (_, digit: string, f: string) => (digit ? `${digit} ` : '') + FRACTIONS[f])
		.replace(/(\d),(?=\d)/g, '$1.')
		.replace(/\s+/g, ' ')
		.trim();
}

/** A standard's own name in front of a marking, with its part and year. */
const STANDARD = /^(?:(?:DIN )?(?:EN )?ISO|DIN|EN|ANSI) ?[A-Z]?\d+(?:[.-]\d+)?(?::\d{4})?(?: |$)[ -]*/;

/** A surface foot a minute. */
const MPS_A_SFPM = 0.3048 / 60;

function takeSpeed(text: string, pattern: RegExp): [number | null, string] {
	const m = pattern.exec(text);
	return m ? [Number(m[1]), `${text.slice(0, m.index)} ${text.slice(m.index + m[0].length)}`] : [null, text];
}

/** Reads what is printed on a wheel: tolerant, drops nothing and never picks silently between two readings. */
export const parseMarking = defineCalculation({
	id: 'spec.parse-marking',
	title: 'Read a marking',
	about:
		'Type what is printed on the wheel. Every letter and number is placed; where two readings are possible both are offered.',
	source:
		'ISO 525 and ISO 603 marking orders, ISO 6106 grain sizes, FEPA shape codes; trade letters as commonly used.',
	formulas: [
		'[shape sizes] abrasive grit grade structure bond [speed]',
		'[shape sizes] D|B size grade bond C|V concentration X rim depth'
	],
	fields: [
		textField('text', 'What is printed, as it stands', {
			required: true,
			minLength: 1,
			maxLength: 160,
			label: 'Marking'
		}),
		list(
			'aliases',
			'Letters this shop reads in its own way',
			group(
				'alias',
				'One alias',
				[
					textField('token', 'Letters as printed', {
						required: true,
						minLength: 1,
						maxLength: 6,
						pattern: '^[A-Za-z]+$',
						patternSays: 'must be letters only'
					}),
					choice('family', 'What they stand for', ABRASIVE_FAMILIES, { required: true })
				],
				{ required: true }
			),
			{ default: [], advanced: true }
		)
	],
	outputs: [
		{ name: 'canonical', about: 'The marking in standard order', main: true },
		{ name: 'kind', about: 'Conventional or superabrasive' },
		{ name: 'dialect', about: 'Order the marking follows' },
		{ name: 'abrasive', about: 'Letters and family' },
		{ name: 'grit', about: 'Size as printed and mean grain' },
		{ name: 'grade', about: 'How firmly the bond holds a grain' },
		{ name: 'structure', about: 'How far apart the grains sit' },
		{ name: 'bond', about: 'What holds the grains' },
		{ name: 'dimensions', about: 'Sizes read' },
		{ name: 'maxSpeedMps', unit: 'm/s', about: 'Speed read' },
		{ name: 'alternatives', about: 'Other possible readings' },
		{ name: 'unknown', about: 'Kept as printed, not understood' },
		{ name: 'notes', about: 'Remarks' }
	],
	example: { text: '72A54-K9VDR' },
	compute({ text, aliases }) {
		if (text.trim() === '')
			throw new InputFault('text', 'missing', 'Marking is empty. Type what is printed on the wheel.');
		const r = new MarkingReading();
		let rest = sizesInMm(normaliseMarking(text).replace(STANDARD, ''));
		[r.out.maxSpeedMps, rest] = takeSpeed(rest, /(\d+(?:\.\d+)?) ?(?:M\/S|MPS)(?![A-Z])/);
		if (r.out.maxSpeedMps === null) {
			const [sfpm, without] = takeSpeed(rest, /(\d+(?:\.\d+)?) ?(?:SFPM|SFM|FPM|FT\/MIN)(?![A-Z])/);
			if (sfpm !== null) [r.out.maxSpeedMps, rest] = [Number((sfpm * MPS_A_SFPM).toFixed(2)), without];
		}
		[r.out.maxSpeedRpm, rest] = takeSpeed(rest, /(\d+(?:\.\d+)?) ?(?:RPM|1\/MIN|MIN-1|U\/MIN)(?![A-Z])/);
		rest = rest.replace(/^[ -]+|[ -]+$/g, '');
		const byToken = new Map<string, AbrasiveFamily>(
			aliases.map((alias) => [alias.token.toUpperCase(), alias.family])
		);
		const afterShape = readShape(r, rest);
		if (!readSuperabrasive(r, afterShape)) readConventional(r, afterShape, byToken);
		if (r.out.makerPrefix) r.note('maker-prefix-kept');
		if (r.out.makerSuffix) r.note('maker-suffix-kept');
		const canonical =
			r.out.kind === 'unknown' || !r.out.abrasive || !r.out.grit ? '' : writeMarking(r.out, 'same');
		return { ...r.out, alternatives: r.alternatives, notes: r.notes, canonical, ...r.findings.judged() };
	}
});
