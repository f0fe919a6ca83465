import { contact } from '../../spec/contact.js';
import { finishGrit } from '../../spec/finish-grit.js';
import { recommend } from '../../spec/recommend.js';
import { surfaceSpeedMps } from '../../spec/speed.js';
import type { Field, Values } from '../../calculation/fields.js';
import { MATERIAL_NAMES, OPERATIONS, type Operation } from '../../spec/recommend-tables.js';
import type { Guidelines, MachineFacts } from '../facts.js';
import { type Computed, compute, defineStep } from './step.js';

/** What a new setup asks. */
export const BRIEF_FIELDS = [
	{ name: 'part', kind: 'text', required: true, minLength: 2, maxLength: 80, label: 'Part', about: 'What is to be ground' },
	{ name: 'quantity', kind: 'integer', min: 1, max: 1000000, required: true, label: 'How many', about: 'Pieces' },
	{ name: 'material', kind: 'choice', choices: MATERIAL_NAMES, required: true, about: 'What it is made of' },
	{ name: 'hardnessHrc', kind: 'number', unit: 'HRC', min: 0, max: 72, label: 'Hardness', about: 'Leave empty when soft' },
	{ name: 'operation', kind: 'choice', choices: OPERATIONS, required: true, about: 'How it is ground' },
	{ name: 'targetRaUm', kind: 'number', unit: 'um', min: 0.012, max: 25, required: true, label: 'Finish wanted, Ra', about: 'From the drawing' },
	{ name: 'minWidthMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 1000, label: 'Least wheel width', about: 'If it matters' },
	{ name: 'burnProne', kind: 'boolean', default: false, label: 'Burns easily', about: 'Thin or heat-sensitive' },
	{ name: 'interrupted', kind: 'boolean', default: false, label: 'Interrupted cut', about: 'Keyways, holes, splines', advanced: true },
	{ name: 'workDiameterMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 10000, label: 'Part diameter', about: 'Round work', advanced: true },
	{ name: 'stockMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 100, label: 'Stock', about: 'To be ground off', advanced: true },
	{ name: 'depthUm', kind: 'number', unit: 'um', min: 0, minOpen: true, max: 20000, label: 'Depth of cut', about: 'Each pass or turn', advanced: true },
	{ name: 'workSpeedMps', kind: 'number', unit: 'm/s', min: 0, minOpen: true, max: 100, label: 'Work speed', about: 'Table or work surface', advanced: true },
	{ name: 'contactArea', kind: 'choice', choices: ['narrow', 'normal', 'wide'], label: 'Width of contact', about: 'Against the usual', advanced: true },
	{ name: 'machineId', kind: 'integer', min: 1, max: 4294967295, required: true, label: 'Machine', about: 'Where it runs' },
	{ name: 'route', kind: 'text', maxLength: 30, pattern: '^[a-z0-9-]+$', patternSays: 'is not a route of this shop', default: 'toolroom', about: 'The order of the stations' },
	{ name: 'units', kind: 'choice', choices: ['mm', 'inch'], default: 'mm', about: 'How numbers are shown in this setup' }
] as const satisfies readonly Field[];

export type Brief = Values<typeof BRIEF_FIELDS>;
export type Job = Pick<Brief, 'material' | 'operation' | 'targetRaUm' | 'hardnessHrc' | 'burnProne' | 'interrupted' | 'workDiameterMm' | 'depthUm' | 'workSpeedMps' | 'contactArea'>;

const MODE: Readonly<Record<Operation, 'surface' | 'external' | 'internal'>> = { surface: 'surface', cylindrical: 'external', internal: 'internal', 'tool-cutter': 'surface', 'creep-feed': 'surface', 'off-hand': 'surface', 'tool-post': 'external', 'face-segment': 'surface' };

/** The wheel a job asks for on this machine, and the contact behind it where the cut is known. */
export function adviseFor(job: Job, machine: Pick<MachineFacts, 'maxDiameterMm' | 'spindleRpm' | 'wet'> | null, guidelines: Guidelines): Computed[] {
	const wheelSpeedMps = machine ? Math.min(500, surfaceSpeedMps(machine.maxDiameterMm, machine.spindleRpm)) : null;
	const mode = MODE[job.operation];
	const known = machine && wheelSpeedMps && job.depthUm !== null && job.workSpeedMps !== null && (mode === 'surface' || job.workDiameterMm !== null);
	const cut = known ? compute({ guidelines }, contact, { mode, wheelDiameterMm: machine.maxDiameterMm, workDiameterMm: mode === 'surface' ? null : job.workDiameterMm, depthUm: job.depthUm, workSpeedMps: job.workSpeedMps, wheelSpeedMps }) : null;
	const wish = compute({ guidelines }, recommend, {
		material: job.material, operation: job.operation, targetRaUm: job.targetRaUm, hardnessHrc: job.hardnessHrc, burnProne: job.burnProne, interrupted: job.interrupted, contactArea: job.contactArea,
		contactLengthMm: (cut?.output.contactLengthMm as number | undefined) ?? null, coolant: machine?.wet ?? true, wheelSpeedMps, workSpeedMps: job.workSpeedMps, tables: guidelines.tables
	});
	const finish = job.targetRaUm && (wish.output as { kind?: string }).kind === 'conventional' ? compute({ guidelines }, finishGrit, { targetRaUm: job.targetRaUm, family: wish.output.family }) : null;
	return [wish, ...(cut ? [cut] : []), ...(finish ? [finish] : [])];
}

/** The wheel this job asks for. */
export const briefStep = defineStep({ station: 'brief', step: 'brief', title: 'The job', fields: [], compute: (facts) => adviseFor(facts as never as Job, facts.machine, facts.guidelines) });
