import type { Values } from '../calculation/fields.js';
import type { Limits } from '../calculation/limits.js';
import type { ShopPoint } from '../prove/shop-points.js';
import type { DRESSER_FIELDS, DresserKind } from '../shop/dresser.js';
import type { Tables } from '../spec/guidelines.js';

export interface MachineFacts {
	id: number;
	code: string;
	name: string;
	kind: string;
	balanceClass: string;
	spindleRpm: number;
	spindleRpmMin: number;
	spindleRpmMax: number;
	seatMm: number;
	maxDiameterMm: number;
	maxWidthMm: number;
	rotation: 'cw' | 'ccw';
	motorTorqueNm: number;
	wet: boolean;
	/** From switching off until it stood, as measured with a wheel on; never reckoned. */
	coastS: number | null;
	/** How the spindle is driven, and what the plate of an induction motor says; null where nobody has said. */
	drive: 'induction-direct' | 'pulleys' | 'variable' | null;
	plateRpm: number | null;
	mainsHz: '50' | '60' | null;
	/** How slides and dresser are moved. */
	axes: 'by-hand' | 'power-feed' | 'cnc';
	/** One division of the infeed dial, and what it counts. */
	dialDivisionUm: number | null;
	dialReads: 'radius' | 'diameter';
	lockedOut: boolean;
}
export interface MountFacts {
	id: number;
	code: string;
	seatMm: number;
	flangeMm: number;
	recessMm: number;
	retention: 'single-nut' | 'flange-screws';
	threadHand: 'left' | 'right';
	screwCount: number | null;
	screwDiameterMm: number | null;
	torqueNm: number | null;
	massKg: number;
	inertiaKgM2: number;
	journalRadiusMm: number;
	trackRadiusMm: number | null;
	weightCount: number;
	weightMassG: number | null;
}
/** A dresser of the shop; of its data what its kind needs, the rest is left out. */
export type DresserFacts = { id: number; code: string; kind: DresserKind } & Partial<
	Values<typeof DRESSER_FIELDS>
>;
/** A tray of gauge blocks, and which of them stand in a stack of an open setup. */
export interface TrayFacts {
	code: string;
	blocksMm: readonly number[];
	inUse: readonly { blockMm: number; setupId: number }[];
}
/** The shop's guideline figures where they differ from the shipped ones. */
export interface Guidelines {
	tables: Tables | null;
	weights: Record<string, number> | null;
	weightsVersion: number;
	/** Limits and usual values by calculation and field. */
	limits: Limits;
	/** What symptoms and facts say of a trouble otherwise than shipped. */
	points: readonly ShopPoint[];
}

/** What another setup has on this machine or on this mount, or what is kept on the mount in the rack. */
export interface Occupied {
	/** Null where the wheel is kept on the mount and no setup has it. */
	setupId: number | null;
	wheel: string;
	machine: string;
	/** The mount, where it is that one which is taken, on another machine. */
	mount: string | null;
}
