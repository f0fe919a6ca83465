import type { DresserFacts } from '../../../src/core/facts/shop.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { DIAMOND, did, setup, worked } from '../../shared/setup-in-memory.js';

/** One dresser of every kind that dresses. */
export const DRAWER: readonly DresserFacts[] = [
	DIAMOND,
	{
		id: 2,
		code: 'N-1',
		kind: 'cluster',
		tipRadiusUm: 300,
		flatWidthUm: 0,
		clusterWidthMm: 6,
		pointsAcross: 4
	},
	{ id: 3, code: 'DD-1', kind: 'disc', bodyDiameterMm: 100, bodyWidthMm: 1, mostRpm: 9000, tipRadiusUm: 400 },
	{ id: 4, code: 'R-02', kind: 'form-roll', bodyDiameterMm: 131, bodyWidthMm: 40, mostRpm: 6000 },
	{ id: 5, code: 'CR-1', kind: 'crush-roll', bodyDiameterMm: 100, bodyWidthMm: 40, mostRpm: 500 },
	{
		id: 6,
		code: 'T-1',
		kind: 'truing-wheel',
		bodyDiameterMm: 76,
		bodyWidthMm: 13,
		leastDiameterMm: 40,
		ratedMps: 33,
		marking: 'GC 80 M 5 V'
	},
	{ id: 7, code: 'B-1', kind: 'steel-block', blockLengthMm: 100, bodyWidthMm: 20 },
	{ id: 8, code: 'ST-1', kind: 'stick', sectionWidthMm: 13, sectionHeightMm: 25, stickGrainUm: 40 },
	{ id: 9, code: 'W-1', kind: 'wire', wireMm: 0.25, spoolM: 1900 },
	{ id: 10, code: 'S-1', kind: 'star' }
];

/** A wheel of another kind come as far as Dress. */
export function atDress(
	wheel: Partial<WheelFacts> = {},
	machine: Partial<SetupFacts['machine']> = {},
	dressers: readonly DresserFacts[] = DRAWER
): SetupFacts {
	const f = worked('dress.method');
	return {
		...f,
		wheel: { ...f.wheel!, ...wheel },
		machine: { ...setup().machine, ...machine },
		dressers
	};
}
/** A resin-bonded diamond cup: dressed on the face of its rim. */
export const CUP: Partial<WheelFacts> = {
	marking: '11A2 125-10-3-20 D126 K B C75',
	family: 'diamond',
	gritMeanUm: 115.5,
	bondFamily: 'resin',
	concentrationPercent: 75,
	rimDepthMm: 3,
	rimWidthMm: 10,
	ratedMps: 50
};
/** A metal-bonded diamond wheel. */
export const METAL: Partial<WheelFacts> = {
	marking: '1A1 290-5-3.1-76.2 D64 N M C100',
	family: 'diamond',
	gritMeanUm: 58,
	bondFamily: 'metal',
	concentrationPercent: 100,
	widthMm: 5,
	rimDepthMm: 3.1,
	ratedMps: 60
};

/** The way chosen, for what is seen. */
export const chose = (f: SetupFacts, method: string, more: Record<string, unknown> = {}): SetupFacts =>
	did(f, 'dress', 'method', { seen: 'just-trued', method, ...more });

/** What is entered at the first setting of each way when nothing is wrong. */
const GOOD_SETTINGS: Readonly<Record<string, readonly [string, Record<string, unknown>][]>> = {
	cluster: [
		['position', { offsetMm: -6, dragAngleDeg: 12 }],
		['cluster', { depthUm: 20, passes: 2, dryPasses: 0 }]
	],
	'rotary-disc': [
		[
			'disc',
			{ discSpeedRpm: 3630, contactDirection: 'with', depthUm: 12, leadUm: 60, passes: 2, dryPasses: 0 }
		]
	],
	'rotary-form-roll': [
		[
			'roll',
			{ rollSpeedRpm: 3920, contactDirection: 'with', feedUmPerRev: 0.5, totalDepthUm: 30, dwellRevs: 10 }
		]
	],
	'crush-roll': [['crush', { feedUmPerRev: 5, totalDepthUm: 100, drive: 'wheel' }]],
	'truing-wheel': [
		['truer', { sound: true, ringsClear: true, truingWheelSpeedRpm: 5000 }],
		['truing', { runoutTirUm: 30, traverseMmPerMin: 600 }]
	],
	'steel-block': [['truing', { runoutTirUm: 30, traverseMmPerMin: 600, truingRatio: 40 }]],
	'wire-edm': [
		[
			'wire',
			{
				gapUm: 18,
				wireFeedMPerMin: 7,
				roughCurrentA: 7,
				finishCurrentA: 1.6,
				runoutTirUm: 16,
				formStockUm: 90,
				finishStockUm: 12,
				flooded: true,
				mistDrawnOff: true
			}
		]
	],
	'hand-cutter': [
		['hand', { guidance: 'jig', restsOn: 'rest', rearrangedStanding: true, restBackMm: 34, toolHeightMm: 0 }]
	]
};
/** Every setting of a way entered, with a reason where a caution stands. */
export function settled(f: SetupFacts, method: string): SetupFacts {
	return (GOOD_SETTINGS[method] ?? []).reduce(
		(g, [step, values]) => did(g, 'dress', step, values, 'as this shop does it'),
		f
	);
}
