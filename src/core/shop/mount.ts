import {
	between,
	choice,
	from0,
	grams,
	kg,
	kgM2,
	mm,
	newtonMetres,
	over0,
	whole
} from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { CODE, size } from './fields.js';

/** What the shop keeps of a mount: flange, arbor, quill or hub. */
export const MOUNT_FIELDS = [
	CODE,
	choice('kind', 'How it holds the wheel', ['flange', 'arbor', 'quill', 'hub'], {
		required: true,
		label: 'Kind'
	}),
	size('seatMm', 'Seat', 'For the bore'),
	size('flangeMm', 'Flange', 'Outside diameter'),
	mm('recessMm', 'Inside diameter of the contact ring', { ...from0(3000), required: true, label: 'Hollow' }),
	choice('retention', 'One nut or a ring of screws', ['single-nut', 'flange-screws'], {
		required: true,
		label: 'Held by'
	}),
	choice('threadHand', 'Hand of the nut', ['left', 'right'], { required: true, label: 'Thread' }),
	whole('screwCount', 'In the ring', { ...between(2, 24), label: 'Screws' }),
	mm('screwDiameterMm', 'Thread', { ...over0(100), label: 'Screw diameter' }),
	newtonMetres('torqueNm', "From the mount's own instructions", { ...over0(10000), label: 'Torque' }),
	kg('massKg', 'Without the wheel', { ...over0(2000), required: true, label: 'Mass' }),
	kgM2('inertiaKgM2', 'Without the wheel', { ...from0(1000), required: true, label: 'Inertia' }),
	mm('journalRadiusMm', 'Of the balancing arbor', { ...over0(500), required: true, label: 'Rolling radius' }),
	mm('trackRadiusMm', 'To the middle of a weight', { ...over0(1000), label: 'Weight track radius' }),
	whole('weightCount', 'In the track', { ...from0(4), default: 0, label: 'Weights' }),
	grams('weightMassG', 'Weighed', { ...over0(10000), label: 'Weight, each' })
] as const satisfies readonly Field[];
