import { defineCalculation } from '../calculation/define.js';
import { between, choice, from0, list, mm, mmPerMin, over0, text, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { SEGMENTS, chainOf, summaryOf } from './profile/chain.js';
import { offsetPath } from './profile/offset-path.js';
import { type Segment, boundsOf, lengthOf } from './profile/segment.js';
import { block, inRunOrder, wordOf } from './program/moves.js';
import { type Axes, comment, inUnits, programmeX, word } from './program/words.js';
import { TOOL, offsetOf } from './tool.js';

/** The program of a controlled dresser, in words of ISO 6983. A draft: dry run first. */
export const gcode = defineCalculation({
	id: 'form.gcode',
	worse: { faceLeftMm: 'down' },
	title: 'Program of a dresser',
	about:
		'The words that run a controlled dresser along the form, pass by pass, coming in beside the wheel. A draft: run it dry first, away from the wheel.',
	source: 'ISO 6983, plane G18 with Z to the right and X up.',
	formulas: [
		'X = -x, or D - 2x',
		'convex towards +Z: G2',
		'safe x = min(-nose, path) - clearance - most that remains'
	],
	fields: [
		SEGMENTS,
		TOOL,
		mmPerMin('feedMmPerMin', 'Along the path', { ...between(0.1, 10000), required: true, label: 'Feed' }),
		choice('xMode', 'X counts the', ['radius', 'diameter'], { default: 'radius' }),
		mm('wheelDiameterMm', 'For X on the diameter', { ...over0(2000) }),
		mm('safeClearanceMm', 'Over everything', { ...between(0.5, 500), default: 5, label: 'Clear by' }),
		mm('leadMm', 'Beside the wheel', { ...between(0.1, 100), default: 2, label: 'Lead' }),
		choice('direction', 'Which way it runs', ['plus-z', 'minus-z'], { default: 'plus-z' }),
		choice('arcFormat', 'Arcs by their middle, or by radius', ['IK', 'R'], { default: 'IK' }),
		list('remainingUm', 'Above the form, pass by pass', um('remaining', 'Of a pass', from0(100000)), {
			default: [0],
			minItems: 1,
			maxItems: 2000,
			label: 'Passes, what remains'
		}),
		mm('faceLeftMm', 'Of the wheel; the form’s end when left empty', {
			...between(-5000, 5000),
			label: 'Left face'
		}),
		mm('faceRightMm', 'Of the wheel; the form’s end when left empty', {
			...between(-5000, 5000),
			label: 'Right face'
		}),
		text('title', 'Stands at the top', { default: '', maxLength: 200 }),
		choice('xZero', 'Which point of the tool X means', ['centre', 'nose'], { default: 'centre' }),
		choice('units', 'Of the words', ['mm', 'inch'], { default: 'mm' }),
		um('dressRadialUm', 'Off the radius, for the compensation', { ...from0(5000), label: 'Dressed' })
	],
	outputs: [
		{ name: 'passCount', about: 'Passes', main: true },
		{ name: 'text', about: 'Program' },
		{ name: 'feedLengthMm', unit: 'mm', about: 'Run at the feed' },
		{ name: 'feedTimeS', unit: 's', about: 'Time at the feed' },
		{ name: 'counts', about: 'Blocks along the path' },
		{ name: 'safeX', about: 'Safe X' },
		{ name: 'first', about: 'Path begins' },
		{ name: 'last', about: 'Path ends' },
		{ name: 'bounds', about: 'Within' },
		{ name: 'unit', about: 'Unit of the words' },
		{ name: 'xZero', about: 'X means the' }
	],
	example: {
		segments: [
			{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
			{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
		],
		tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
		feedMmPerMin: 50,
		title: 'left corner'
	},
	compute(values) {
		const chain = chainOf(values.segments);
		const rho = offsetOf(values.tool);
		if (values.xMode === 'diameter' && values.wheelDiameterMm === null)
			throw new InputFault(
				'wheelDiameterMm',
				'missing',
				'Wheel diameter is missing. X on the diameter needs it.'
			);
		const axes: Axes = { ...values, wheelDiameterMm: values.wheelDiameterMm ?? 0, rho };
		const way = offsetPath(chain, rho).segments;
		const run = inRunOrder(way, values.direction, values.arcFormat);
		const path = summaryOf(way);
		const form = summaryOf(chain);
		const sense = values.direction === 'plus-z' ? 1 : -1;
		const [begin, end] = [run[0]!, run.at(-1)!];
		const leads = [
			{ z: begin.z0Mm - sense * values.leadMm, x: begin.x0Mm },
			{ z: end.z1Mm + sense * values.leadMm, x: end.x1Mm }
		] as const;
		const most = Math.max(...values.remainingUm) / 1000;
		const safeX = programmeX(axes, Math.min(-rho, path.minXMm) - values.safeClearanceMm - most);
		const left = values.faceLeftMm ?? Math.min(form.start.zMm, form.end.zMm);
		const right = values.faceRightMm ?? Math.max(form.start.zMm, form.end.zMm);
		const inside = leads.some(
			(lead) => lead.z + rho > left + SLACK && lead.z - rho < right - SLACK && lead.x + rho > SLACK
		);
		const feedLengthMm = values.remainingUm.length * run.reduce((l, segment) => l + lengthOf(segment), 0);
		const count = (w: string) =>
			values.remainingUm.length * run.filter((segment) => wordOf(segment) === w).length;
		const lastLift = values.remainingUm.at(-1)! / 1000;
		const at = (z: number, x: number) => ({ x: programmeX(axes, x - lastLift), z: inUnits(axes, z) });
		const findings = new Findings().stop(
			'approach-inside-wheel',
			inside,
			'The tool would come in through the wheel. Run it from the free flank, or lengthen the lead.'
		);
		return {
			text: programOf(axes, values, run, leads, safeX),
			unit: values.units,
			xZero: values.xZero,
			passCount: values.remainingUm.length,
			counts: { g1: count('g1'), g2: count('g2'), g3: count('g3') },
			feedLengthMm,
			feedTimeS: (60 * feedLengthMm) / values.feedMmPerMin,
			safeX,
			first: at(begin.z0Mm, begin.x0Mm),
			last: at(end.z1Mm, end.x1Mm),
			bounds: boundsInUnits(axes, run, values.remainingUm),
			...findings.judged()
		};
	}
});

interface Run {
	title: string;
	remainingUm: readonly number[];
	feedMmPerMin: number;
	arcFormat: 'IK' | 'R';
	xMode: 'radius' | 'diameter';
	dressRadialUm: number | null;
}
interface Lead {
	z: number;
	x: number;
}

function programOf(
	axes: Axes,
	values: Run,
	run: readonly Segment[],
	leads: readonly [Lead, Lead],
	safeX: number
): string {
	const w = (value: number) => word(axes, value);
	const unit = axes.units === 'inch' ? 'inch' : 'mm';
	const z = (mmValue: number) => w(inUnits(axes, mmValue));
	const begin = run[0]!;
	const dressed = values.dressRadialUm === null ? null : inUnits(axes, values.dressRadialUm / 1000);
	const passes = values.remainingUm.flatMap((um) => [
		`G0 X${w(safeX)}`,
		`G0 Z${z(leads[0].z)}`,
		`G1 X${w(programmeX(axes, begin.x0Mm - um / 1000))} F${w(inUnits(axes, values.feedMmPerMin))}`,
		`G1 Z${z(begin.z0Mm)}`,
		...run.map((segment) => block(axes, segment, um / 1000, values.arcFormat)),
		`G1 Z${z(leads[1].z)}`,
		`G0 X${w(safeX)}`
	]);
	return `${[
		...(values.title.trim() ? [comment(values.title)] : []),
		comment(`tool offset ${z(axes.rho)} ${unit}, ${values.remainingUm.length} passes, X ${values.xMode}`),
		comment(`X is the tool ${axes.xZero}`),
		...(dressed === null
			? []
			: [
					comment(`dress compensation ${w(dressed)} ${unit} on radius, ${w(2 * dressed)} ${unit} on diameter`)
				]),
		comment('wheel turning and guarded, coolant on or off throughout'),
		`${axes.units === 'inch' ? 'G20' : 'G21'} G40 G90 G94 G18`,
		...passes,
		'M30'
	].join('\n')}\n`;
}

function boundsInUnits(axes: Axes, run: readonly Segment[], remainingUm: readonly number[]) {
	const b = run.map(boundsOf);
	const [low, high] = [Math.min(...remainingUm) / 1000, Math.max(...remainingUm) / 1000];
	return {
		xMin: programmeX(axes, Math.max(...b.map((o) => o.xMax)) - low),
		xMax: programmeX(axes, Math.min(...b.map((o) => o.xMin)) - high),
		zMin: inUnits(axes, Math.min(...b.map((o) => o.zMin))),
		zMax: inUnits(axes, Math.max(...b.map((o) => o.zMax)))
	};
}
