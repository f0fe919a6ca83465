import type { Field } from '../calculation/fields.js';
import { MACHINE_CLASSES } from '../balance/tolerance.js';
import { CODE, size } from './fields.js';

const rpm = <const N extends string>(name: N, label: string, about: string, required: boolean) => ({ name, kind: 'number', unit: 'rpm', min: 0, minOpen: required, max: 300000, ...(required ? { required } : { default: 0 }), label, about }) as const;

/** What the shop keeps of a machine. The sense of rotation is stored once, as seen facing the nut. */
export const MACHINE_FIELDS = [
	CODE, { name: 'name', kind: 'text', required: true, maxLength: 60, label: 'Name', about: 'What it is' },
	{ name: 'kind', kind: 'choice', choices: ['surface-toolroom', 'cylindrical', 'tool-cutter', 'creep-feed', 'internal', 'bench', 'lathe'], required: true, label: 'Kind', about: 'Decides where the dresser stands' },
	{ name: 'balanceClass', kind: 'choice', choices: MACHINE_CLASSES, required: true, label: 'Balance class', about: 'Decides the grade of balance' },
	rpm('spindleRpm', 'Spindle speed', 'As it is run', true), rpm('spindleRpmMin', 'Slowest', 'If it can be set', false), rpm('spindleRpmMax', 'Fastest', 'If it can be set', true),
	size('seatMm', 'Seat', 'Where the wheel or its mount sits'), size('maxDiameterMm', 'Largest wheel', 'Under the guard'), size('maxWidthMm', 'Widest wheel', 'Between the flanges'),
	{ name: 'rotation', kind: 'choice', choices: ['cw', 'ccw'], required: true, label: 'Turns', about: 'As seen facing the nut' }, { name: 'motorTorqueNm', kind: 'number', unit: 'Nm', min: 0, minOpen: true, max: 100000, required: true, label: 'Motor torque', about: 'For the start-up steps' },
	{ name: 'wet', kind: 'boolean', required: true, label: 'Grinds wet', about: 'Coolant is used' }
] as const satisfies readonly Field[];
