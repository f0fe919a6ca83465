import { checkInput } from '../calculation/check.js';
import { InputFault } from '../calculation/fault.js';
import type { Field } from '../calculation/fields.js';
import { AS_MM, type Reading, headed, readCell } from './rack-units.js';
import { type NewWheel, WHEEL_FIELDS } from './wheel.js';
import { type Intake, intake } from './wheel-intake.js';

/** So many numbers are asked of the rack at once; a longer list is asked in turns. */
export const MAX_ASKED = 1000;

/** The columns of a rack file: the field, its heading as exported, and other headings it is found under. */
export interface RackColumn {
	field: string;
	heading: string;
	also: readonly string[];
	required: boolean;
}
const column = (field: string, heading: string, ...also: string[]): RackColumn => ({
	field,
	heading,
	also,
	required: (WHEEL_FIELDS as readonly Field[]).find((f) => f.name === field)?.required === true
});
export const RACK_COLUMNS: readonly RackColumn[] = [
	column('number', 'number', 'wheel', 'wheel number', 'no', 'nr', 'id', 'tag'),
	column('marking', 'marking', 'specification', 'spec', 'printed', 'type marking'),
	column(
		'newDiameterMm',
		'new_diameter_mm',
		'new diameter',
		'diameter new',
		'd new',
		'original diameter',
		'diameter'
	),
	column('diameterMm', 'diameter_mm', 'diameter today', 'diameter now', 'current diameter', 'd now'),
	column('widthMm', 'width_mm', 'width', 'thickness', 't'),
	column('boreMm', 'bore_mm', 'bore', 'hole', 'h'),
	column('rimDepthMm', 'rim_depth_mm', 'rim depth', 'depth of rim', 'abrasive depth'),
	column('rimWidthMm', 'rim_width_mm', 'rim width', 'width of rim'),
	column('minDiameterMm', 'scrap_diameter_mm', 'scrap diameter', 'minimum diameter', 'min diameter', 'd min'),
	column('massKg', 'mass_kg', 'mass', 'weight'),
	column('ratedMps', 'rated_mps', 'marked speed', 'max speed', 'm/s', 'vmax'),
	column('ratedRpm', 'rated_rpm', 'marked rpm', 'max rpm', 'rpm'),
	column('shape', 'type', 'shape', 'iso type'),
	column('madeOn', 'made_on', 'made', 'date of manufacture', 'production date'),
	column('expiresOn', 'use_by', 'expiry', 'expires', 'best before', 'use by'),
	column('place', 'place', 'bay', 'shelf', 'location', 'bin'),
	column('state', 'state', 'status'),
	column('reason', 'reason', 'remark', 'note', 'comment')
];

const plain = (heading: string): string =>
	heading
		.toLowerCase()
		.replace(/\(.*?\)/g, ' ')
		.replace(/[^a-z0-9/]+/g, ' ')
		.trim();
/** By its own heading as it is, then by other names, with a unit behind them or not. */
const PASSES: readonly [(c: RackColumn) => readonly string[], (heading: string) => readonly string[]][] = [
	[(c) => [c.heading], (h) => [h]],
	[(c) => c.also, (h) => [h, headed(h).name]]
];
/** Finds the column of the file for each field: by its own heading first, then by what else it may be called. Each is used once. */
export function matchColumns(headings: readonly string[]): Record<string, number> {
	const match: Record<string, number> = {};
	const used = new Set<number>();
	for (const [pass, called] of PASSES)
		for (const c of RACK_COLUMNS) {
			if (match[c.field] !== undefined) continue;
			const at = headings.findIndex(
				(heading, i) =>
					!used.has(i) && pass(c).some((name) => called(heading).some((n) => plain(n) === plain(name)))
			);
			if (at >= 0) {
				match[c.field] = at;
				used.add(at);
			}
		}
	return match;
}

/** A cell that a spreadsheet would take for a formula, in plain or full-width signs, is marked as text; one that starts with the mark itself gets a second. */
export const cellOut = (value: string): string =>
	/^'*[=+\-@\t\r\n＝＋－＠]/.test(value) ? `'${value}` : value;
/** The cell as it was before `cellOut` marked it. */
export const cellIn = (value: string): string =>
	/^'+[=+\-@\t\r\n＝＋－＠]/.test(value) ? value.slice(1) : value;

const REASON_MOST = 180;
/** A line of a rack file, read: quantities as people write them, everything checked. @throws InputFault naming the field */
export function readRackLine(
	cells: readonly string[],
	match: Readonly<Record<string, number>>,
	how: Reading = AS_MM
): Intake {
	const cell = (field: string) => {
		const at = match[field];
		return at === undefined ? '' : cellIn((cells[at] ?? '').trim());
	};
	const given: Record<string, unknown> = {};
	for (const f of WHEEL_FIELDS as readonly Field[]) {
		const text = cell(f.name);
		if (text === '') continue;
		if (f.kind !== 'number') {
			given[f.name] = text;
			continue;
		}
		const p = readCell(text, f, how);
		if ('problem' in p) throw new InputFault(f.name, 'not-a-number', p.problem);
		if ('value' in p) given[f.name] = p.value;
	}
	// A file that knows one diameter only speaks of a new wheel.
	given.diameterMm ??= given.newDiameterMm;
	const taken = intake(checkInput(WHEEL_FIELDS, given) as NewWheel);
	const state = cell('state').toLowerCase();
	if (state === 'quarantined' || state === 'scrapped')
		return { ...taken, state, reason: (cell('reason') || taken.reason || state).slice(0, REASON_MOST) };
	if (state !== '' && !['available', 'free', 'mounted'].includes(state))
		throw new InputFault(
			'state',
			'unknown-choice',
			`State: "${state.slice(0, 20)}" is not one of available, mounted, quarantined, scrapped.`
		);
	return taken;
}

/** One wheel as a line of the file, in the order of the columns. */
export function rackLine(w: { [K in (typeof RACK_COLUMNS)[number]['field']]: unknown }): string[] {
	return RACK_COLUMNS.map((c) => {
		const value = w[c.field];
		return value === null || value === undefined ? '' : cellOut(String(value));
	});
}
