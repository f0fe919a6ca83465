import type { Case } from './to-dress.js';

const wheel = (number: string, marking: string, newDiameterMm: number, more: object) => ({
	number,
	marking,
	newDiameterMm,
	diameterMm: newDiameterMm,
	place: 'dress',
	massKg: 1,
	...more
});
export const CUP: Case = {
	name: 'Cup by hand',
	as: 'Carbide vane tips',
	wheel: wheel('7201', '11A2 125-10-3-31.75 D126 K B C75', 125, {
		widthMm: 23,
		boreMm: 31.75,
		minDiameterMm: 90,
		ratedMps: 50,
		expiresOn: '2030-01-31'
	})
};
export const METAL: Case = {
	name: 'Metal bond',
	as: 'Carbide wear plates',
	wheel: wheel('7202', '1A1 150-8-3-31.75 D64 N M C100', 150, {
		widthMm: 8,
		boreMm: 31.75,
		minDiameterMm: 144.5,
		ratedMps: 60
	})
};
export const CREEP: Case = {
	name: 'Splines again',
	as: 'Retainer splines, first lot',
	wheel: wheel('7203', 'WA 60 F 12 V', 400, {
		widthMm: 50,
		boreMm: 127,
		minDiameterMm: 280,
		massKg: 12.4,
		ratedMps: 35
	})
};
export const BENCH: Case = {
	name: 'Bench tools',
	as: 'Lathe tools',
	machine: 'BG-9',
	wheel: wheel('7204', 'A 60 M 5 V', 200, {
		widthMm: 25,
		boreMm: 31.75,
		minDiameterMm: 130,
		massKg: 1.7,
		ratedMps: 35
	})
};
export const LATHE: Case = {
	name: 'Lathe spools',
	as: 'Long spools',
	wheel: wheel('7205', 'WA 60 K 7 V', 60, {
		widthMm: 13,
		boreMm: 12.7,
		minDiameterMm: 40,
		massKg: 0.08,
		ratedMps: 35
	})
};

/** Steps as they go well; the stops below change one thing of them. */
export const ROLLED = { rollSpeedRpm: 2790, contactDirection: 'with', feedUmPerRev: 0.5, totalDepthUm: 30 };
export const ERODED = {
	gapUm: 18,
	wireFeedMPerMin: 7,
	roughCurrentA: 7,
	fineCurrentA: 1.6,
	stockUm: 40,
	flooded: true,
	mistDrawnOff: true
};
export const HELD = { guidance: 'jig', restsOn: 'rest', rearrangedStanding: true };
export const SIDES = {
	kind: 'external',
	wheelSideOfWork: 'x-minus',
	grindSide: 'x-plus',
	dressSide: 'x-plus',
	dressBites: 'x-minus'
};
export const ZERO = { dressRadialUm: 30, contactSide: 'x-plus', previousZeroMm: 50 };
export const AGAIN = { takenUm: 10, soundEven: true, burnSeen: false, chatterSeen: false, soundNormal: true };
