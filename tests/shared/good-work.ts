import type { StationId } from '../../src/core/route/station-names.js';

/** A wheel looked over and found sound. */
export const SEEN = {
	crack: false,
	dropped: false,
	markingLegible: true,
	boreClean: true,
	facesClean: true,
	moisture: 'none',
	blotterState: 'fitted',
	chips: []
};
/** Flanges that are right for it. */
export const FLANGE = {
	backFlangeDiameterMm: 115,
	frontFlangeDiameterMm: 115,
	backRecessDiameterMm: 92,
	frontRecessDiameterMm: 92,
	clean: true,
	burred: false,
	runoutUm: 3,
	backBlotter: 'good',
	frontBlotter: 'good',
	blotterOuterMm: 120,
	blotterInnerMm: 77,
	blotterThicknessMm: 0.5
};
/** The rim before truing and after it. */
export const RIM = [20, 28, 36, 40, 38, 30, 20, 12, 6, 4, 8, 14];
export const RIM_AFTER = [3, 4, 5, 6, 5, 4, 3, 2, 1, 1, 2, 2];

/** What is entered at every step of a toolroom setup on which nothing goes wrong, from Inspect on, in order. */
export const GOOD: readonly [StationId, string, Record<string, unknown>][] = [
	['inspect', 'look', SEEN],
	['inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') }],
	['mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false }],
	['mount', 'flange', FLANGE],
	['mount', 'thread', {}],
	['mount', 'tighten', { done: true }],
	['run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true }],
	['run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' }],
	['run-in', 'outcome', { heard: 'normal' }],
	['true', 'runout', { readingsUm: RIM }],
	['true', 'after', { readingsUm: RIM_AFTER, diameterAfterMm: 289.8, spunDry: true }],
	['balance', 'off', { isolated: true, lifted: 'two-person', arborClean: true }],
	['balance', 'swing', { timeS: 16, restAngleDeg: 190 }],
	['balance', 'move', { anglesDeg: [0, 0, 0] }],
	['balance', 'stays', {}],
	['balance', 'back', { isolated: true, tapersClean: true, lifted: 'two-person', tightened: true }],
	['balance', 'restart', { guardClosed: true, peopleClear: true, heard: 'normal', ranS: 120 }],
	['dress', 'method', { seen: 'just-trued', method: 'single-point' }],
	['dress', 'position', { offsetMm: -6, dragAngleDeg: 12 }],
	[
		'dress',
		'settings',
		{ depthUm: 20, traverseMmPerMin: 200, coolant: 'continuous', passes: 3, dryPasses: 1 }
	],
	['dress', 'done', { soundEven: true, diameterAfterMm: 289.6 }],
	[
		'prove',
		'release',
		{
			raUm: 0.55,
			burnSeen: false,
			chatterSeen: false,
			crackSeen: false,
			guardClosed: true,
			soundNormal: true
		}
	]
];
