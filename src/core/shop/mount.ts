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
import {
	BORE_MM,
	FLANGE_MM,
	JOURNAL_RADIUS_MM,
	MOUNT_INERTIA_KGM2,
	MOUNT_MASS_KG,
	TRACK_RADIUS_MM
} from './ranges.js';

/**
 * Inertia of a mount about its axis, as the ring it is: m (R^2 + r^2)/2 of flange and seat.
 * @example Number(ringInertiaKgM2(4.2, 115, 76.2).toFixed(4)) // 0.01
 */
export const ringInertiaKgM2 = (massKg: number, outsideMm: number, insideMm: number): number =>
	(massKg * ((outsideMm / 2000) ** 2 + (insideMm / 2000) ** 2)) / 2;

/** What the shop keeps of a mount: flange, arbor, quill, hub or collet. */
export const MOUNT_FIELDS = [
	CODE,
	choice('kind', 'How it holds the wheel', ['flange', 'arbor', 'quill', 'hub', 'collet'], {
		required: true,
		label: 'Kind'
	}),
	size('seatMm', 'Seat', 'For the bore', BORE_MM),
	size('flangeMm', 'Flange', 'Outside diameter', FLANGE_MM),
	mm('recessMm', 'Inside diameter of the contact ring', {
		...from0(FLANGE_MM.max),
		required: true,
		label: 'Hollow'
	}),
	choice('retention', 'One nut or a ring of screws', ['single-nut', 'flange-screws'], {
		required: true,
		label: 'Held by'
	}),
	choice('threadHand', 'Hand of the nut', ['left', 'right'], { required: true, label: 'Thread' }),
	whole('screwCount', 'In the ring', { ...between(2, 24), label: 'Screws' }),
	mm('screwDiameterMm', 'Thread', { ...over0(100), label: 'Screw diameter' }),
	newtonMetres('torqueNm', "From the mount's own instructions", { ...over0(10000), label: 'Torque' }),
	kg('massKg', 'Without the wheel', { ...MOUNT_MASS_KG, required: true, label: 'Mass' }),
	kgM2('inertiaKgM2', 'Without the wheel; reckoned from its sizes when empty', {
		...MOUNT_INERTIA_KGM2,
		label: 'Inertia'
	}),
	mm('journalRadiusMm', 'Half the balancing arbor, where it rolls', {
		...JOURNAL_RADIUS_MM,
		required: true,
		label: 'Rolling radius'
	}),
	mm('trackRadiusMm', 'To the middle of a weight', { ...TRACK_RADIUS_MM, label: 'Weight track radius' }),
	whole('weightCount', 'In the track', { ...from0(4), default: 0, label: 'Weights' }),
	grams('weightMassG', 'Weighed', { ...over0(10000), label: 'Weight, each' })
] as const satisfies readonly Field[];
