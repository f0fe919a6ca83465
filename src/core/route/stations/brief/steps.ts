import {
	between,
	choice,
	from0,
	hrc,
	mm,
	mps,
	over0,
	text,
	um,
	whole,
	yesNo,
	roughnessUm
} from '../../../calculation/field/index.js';
import type { OutputOf } from '../../../calculation/define.js';
import { contact } from '../../../spec/contact.js';
import { finishGrit } from '../../../spec/finish-grit.js';
import { recommend } from '../../../spec/recommend.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import type { Field, Values } from '../../../calculation/fields.js';
import { MATERIAL_NAMES, OPERATIONS, type Operation } from '../../../spec/recommend-tables.js';
import { Evidence } from '../../evidence.js';
import type { Guidelines, MachineFacts } from '../../../facts/shop.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Result } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';

/** Peel grinding takes the full profile in one deep pass, as creep feed does, but round a turning part. */
const BRIEF_OPERATIONS = [...OPERATIONS, 'peel'] as const;
/** The operation as the tables of wheels know it. */
const inTables = (operation: (typeof BRIEF_OPERATIONS)[number]): Operation =>
	operation === 'peel' ? 'creep-feed' : operation;

/** What a new setup asks. */
export const BRIEF_FIELDS = [
	text('part', 'What is to be ground', { required: true, minLength: 2, maxLength: 80, label: 'Part' }),
	whole('quantity', 'Pieces', { ...between(1, 1000000), required: true, label: 'How many' }),
	choice('material', 'What it is made of', MATERIAL_NAMES, { required: true }),
	hrc('hardnessHrc', 'Leave empty when soft', { ...from0(72), label: 'Hardness' }),
	choice('operation', 'How it is ground', BRIEF_OPERATIONS, { required: true }),
	roughnessUm('targetRaUm', 'From the drawing', {
		...between(0.012, 25),
		required: true,
		label: 'Finish wanted, Ra'
	}),
	mm('minWidthMm', 'If it matters', { ...over0(1000), label: 'Least wheel width' }),
	yesNo('burnProne', 'Thin or heat-sensitive', { default: false, label: 'Burns easily' }),
	yesNo('interrupted', 'Keyways, holes, splines', {
		default: false,
		label: 'Interrupted cut',
		advanced: true
	}),
	mm('workDiameterMm', 'Round work', { ...over0(10000), label: 'Part diameter', advanced: true }),
	mm('stockMm', 'To be ground off', { ...over0(100), label: 'Stock', advanced: true }),
	um('depthUm', 'Each pass or turn', { ...over0(20000), label: 'Depth of cut', advanced: true }),
	mps('workSpeedMps', 'Table or work surface', { ...over0(100), label: 'Work speed', advanced: true }),
	choice('contactArea', 'Against the usual', ['narrow', 'normal', 'wide'], {
		label: 'Width of contact',
		advanced: true
	}),
	whole('machineId', 'Where it runs', { ...between(1, 4294967295), required: true, label: 'Machine' }),
	text('route', 'The order of the stations', {
		maxLength: 30,
		pattern: '^[a-z0-9-]+$',
		patternSays: 'is not a route of this shop',
		default: 'toolroom'
	}),
	choice('units', 'How numbers are shown in this setup', ['mm', 'inch'], { default: 'mm' })
] as const satisfies readonly Field[];

export type Brief = Values<typeof BRIEF_FIELDS>;
/** What a setup keeps of its brief: the job itself, without where and how it is worked through. */
export type BriefFacts = Omit<Brief, 'machineId' | 'route' | 'units'>;
/** What a recommendation rests on. */
export type Job = Pick<
	Brief,
	| 'material'
	| 'operation'
	| 'targetRaUm'
	| 'hardnessHrc'
	| 'burnProne'
	| 'interrupted'
	| 'workDiameterMm'
	| 'depthUm'
	| 'workSpeedMps'
	| 'contactArea'
>;

const MODE: Readonly<Record<Job['operation'], 'surface' | 'external' | 'internal'>> = {
	peel: 'external',
	surface: 'surface',
	cylindrical: 'external',
	internal: 'internal',
	'tool-cutter': 'surface',
	'creep-feed': 'surface',
	'off-hand': 'surface',
	'tool-post': 'external',
	'face-segment': 'surface'
};

/** How wheel and work meet in an operation. */
export const modeOf = (operation: Job['operation']) => MODE[operation];

/** The wheel a job asks for on this machine, and the contact behind it where the cut is known. */
export function adviseFor(
	job: Job,
	machine: Pick<MachineFacts, 'maxDiameterMm' | 'spindleRpm' | 'wet'> | null,
	guidelines: Guidelines
): Result<OutputOf<typeof recommend>> {
	const wheelSpeedMps = machine
		? Math.min(500, surfaceSpeedMps(machine.maxDiameterMm, machine.spindleRpm))
		: null;
	const mode = MODE[job.operation];
	const known =
		machine &&
		wheelSpeedMps &&
		job.depthUm !== null &&
		job.workSpeedMps !== null &&
		(mode === 'surface' || job.workDiameterMm !== null);
	const cut = known
		? compute({ guidelines }, contact, {
				mode,
				wheelDiameterMm: machine.maxDiameterMm,
				workDiameterMm: mode === 'surface' ? null : job.workDiameterMm,
				depthUm: job.depthUm,
				workSpeedMps: job.workSpeedMps,
				wheelSpeedMps
			})
		: null;
	const wish = compute({ guidelines }, recommend, {
		material: job.material,
		operation: inTables(job.operation),
		targetRaUm: job.targetRaUm,
		hardnessHrc: job.hardnessHrc,
		burnProne: job.burnProne,
		interrupted: job.interrupted,
		contactArea: job.contactArea,
		contactLengthMm: cut?.output.contactLengthMm ?? null,
		coolant: machine?.wet ?? true,
		wheelSpeedMps,
		workSpeedMps: job.workSpeedMps,
		tables: guidelines.tables
	});
	const finish =
		job.targetRaUm && wish.output.kind === 'conventional'
			? compute({ guidelines }, finishGrit, { targetRaUm: job.targetRaUm, family: wish.output.family })
			: null;
	return { main: wish, secondary: [cut, finish].filter((c) => c !== null) };
}

/** The wheel this job asks for. */
export const briefStep = defineStep({
	station: 'brief',
	step: 'brief',
	title: 'The job',
	fields: [],
	compute: (facts) => adviseFor(facts.brief, facts.machine, facts.guidelines)
});

/** Steps that tell the job: the newest of them counts. */
export const TOLD = ['brief', 'again', 'named'] as const;

/** What this job asks for: as it was told, or worked out now where nothing was recorded yet. */
export function requiredSpec(facts: SetupFacts): OutputOf<typeof recommend> {
	const told = Evidence.of(facts).of(recommend, 'brief', TOLD);
	return told?.output ?? adviseFor(facts.brief, facts.machine, facts.guidelines).main.output;
}
