import type { Field } from '../calculation/fields.js';
import { CODE, size } from './fields.js';

/** What the shop keeps of a mount: flange, arbor, quill or hub. */
export const MOUNT_FIELDS = [
	CODE, { name: 'kind', kind: 'choice', choices: ['flange', 'arbor', 'quill', 'hub'], required: true, label: 'Kind', about: 'How it holds the wheel' }, size('seatMm', 'Seat', 'For the bore'), size('flangeMm', 'Flange', 'Outside diameter'),
	{ name: 'recessMm', kind: 'number', unit: 'mm', min: 0, max: 3000, required: true, label: 'Hollow', about: 'Inside diameter of the contact ring' }, { name: 'retention', kind: 'choice', choices: ['single-nut', 'flange-screws'], required: true, label: 'Held by', about: 'One nut or a ring of screws' },
	{ name: 'threadHand', kind: 'choice', choices: ['left', 'right'], required: true, label: 'Thread', about: 'Hand of the nut' }, { name: 'screwCount', kind: 'integer', min: 2, max: 24, label: 'Screws', about: 'In the ring' },
	{ name: 'screwDiameterMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 100, label: 'Screw diameter', about: 'Thread' }, { name: 'torqueNm', kind: 'number', unit: 'Nm', min: 0, minOpen: true, max: 10000, label: 'Torque', about: 'From the mount\'s own instructions' },
	{ name: 'massKg', kind: 'number', unit: 'kg', min: 0, minOpen: true, max: 2000, required: true, label: 'Mass', about: 'Without the wheel' }, { name: 'inertiaKgM2', kind: 'number', unit: 'kgm2', min: 0, max: 1000, required: true, label: 'Inertia', about: 'Without the wheel' },
	{ name: 'journalRadiusMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 500, required: true, label: 'Rolling radius', about: 'Of the balancing arbor' }, { name: 'trackRadiusMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 1000, label: 'Weight track radius', about: 'To the middle of a weight' },
	{ name: 'weightCount', kind: 'integer', min: 0, max: 4, default: 0, label: 'Weights', about: 'In the track' }, { name: 'weightMassG', kind: 'number', unit: 'g', min: 0, minOpen: true, max: 10000, label: 'Weight, each', about: 'Weighed' }
] as const satisfies readonly Field[];
