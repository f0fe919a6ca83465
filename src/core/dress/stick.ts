import { list, mm, newtons, number, over0, percent } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { BOND_FIELD, bondOf } from './bonds.js';
import { GRAIN } from './overlap.js';
import { judgeProtrusion } from './protrusion.js';
import { RIM_WIDTH, SURFACE, WHEEL_WIDTH, checkRadius, dressedWidth } from './used-up.js';

/** Presses needed to tell; force of an open wheel against the first, how steady, and of one that opens (guidelines). */
const [PRESSES, OPEN, STEADY, OPENING] = [3, 0.35, 0.1, 0.8];
const LOW_PERCENT = 15;

/** What the effort of presses at one feed tells: it falls as the bond is stripped, and settles when the wheel is open. */
function openState(forces: readonly number[]): { openState: string; forceRatio: number | null } {
	if (forces.length < PRESSES) return { openState: 'unknown', forceRatio: null };
	const [first, before, last] = [forces[0]!, forces.at(-2)!, forces.at(-1)!];
	const forceRatio = last / first;
	const open = forceRatio <= OPEN && Math.abs(last - before) <= STEADY * first;
	return { openState: open ? 'open' : forceRatio <= OPENING ? 'opening' : 'glazed', forceRatio };
}

/** A soft stick strips bond from a trued superabrasive wheel until its grains stand proud. */
export const stick = defineCalculation({
	id: 'dress.stick',
	worse: { grainSizeUm: 'down', stickGrainSizeUm: 'up', protrusionPercent: 'none' },
	title: 'Open with a stick',
	about:
		'How much stick it takes to bare the grains, and from how hard it has to be pressed, whether the wheel is open yet.',
	source:
		'Geometry; 100 % concentration is a quarter of the volume; stick used and open states are guidelines.',
	formulas: [
		'h = protrusion x grain',
		'bond = (1 - conc/400) pi b (R^2 - (R - h)^2), on a face (1 - conc/400) pi W (D - W) h',
		'stick = ratio x bond'
	],
	fields: [
		SURFACE,
		mm('wheelDiameterMm', 'Diameter today', { ...WHEEL_DIAMETER_MM, required: true }),
		WHEEL_WIDTH,
		RIM_WIDTH,
		BOND_FIELD,
		{ ...GRAIN, required: true },
		percent('concentrationPercent', '100 is a quarter of the rim', {
			...over0(300),
			required: true,
			label: 'Concentration'
		}),
		{
			...GRAIN,
			name: 'stickGrainSizeUm',
			about: 'Mean grain of the stick',
			label: 'Stick, grain',
			required: true
		},
		mm('stickWidthMm', 'Of its section', { ...over0(500), required: true, label: 'Stick, width' }),
		mm('stickHeightMm', 'Of its section', { ...over0(500), required: true, label: 'Stick, height' }),
		percent('protrusionPercent', 'Of the grain stands proud; 15 to 30', {
			...over0(100),
			guideline: true,
			default: 20,
			label: 'Bare grain wanted'
		}),
		number('stickRatio', 'Stick used for bond removed, by volume; learn it', {
			...over0(100000),
			guideline: true,
			default: 100,
			label: 'Ratio of use'
		}),
		list(
			'pressForcesN',
			'One after the other at one feed',
			newtons('force', 'Of one press', { ...over0(10000), required: true }),
			{ default: [] as number[], maxItems: 200, label: 'Effort of the presses' }
		)
	],
	outputs: [
		{ name: 'openState', about: 'The wheel is', main: true },
		{ name: 'stickLengthMm', unit: 'mm', about: 'Stick used up' },
		{ name: 'forceRatio', about: 'Last press over the first' },
		{ name: 'protrusionUm', unit: 'um', about: 'Grain stands proud' },
		{ name: 'bondVolumeMm3', unit: 'mm3', about: 'Bond stripped' },
		{ name: 'stickVolumeMm3', unit: 'mm3', about: 'Stick used' }
	],
	example: {
		wheelDiameterMm: 127,
		wheelWidthMm: 12,
		bond: 'resin',
		grainSizeUm: 95,
		concentrationPercent: 75,
		stickGrainSizeUm: 40,
		stickWidthMm: 13,
		stickHeightMm: 25,
		protrusionPercent: 24,
		pressForcesN: [44, 39, 21, 12, 10]
	},
	compute(values) {
		const face = values.surface === 'face';
		const D = values.wheelDiameterMm;
		const width = dressedWidth(values);
		const protrusionUm = (values.protrusionPercent / 100) * values.grainSizeUm;
		const h = protrusionUm / 1000;
		const R = D / 2;
		checkRadius('grainSizeUm', protrusionUm, D);
		const area = face ? Math.PI * width * (D - width) * h : Math.PI * width * (R ** 2 - (R - h) ** 2);
		const bondVolumeMm3 = (1 - values.concentrationPercent / 400) * area;
		const stickVolumeMm3 = values.stickRatio * bondVolumeMm3;
		const state = openState(values.pressForcesN);
		const findings = judgeProtrusion(new Findings(), values.protrusionPercent)
			.caution(
				'protrusion-low',
				values.protrusionPercent < LOW_PERCENT,
				'Hardly any grain would stand proud: the bond rubs.'
			)
			.caution(
				'stick-too-coarse',
				values.stickGrainSizeUm >= values.grainSizeUm,
				'The grain of the stick is no finer than that of the wheel: it breaks grains out.'
			)
			.caution(
				'plated-clean-only',
				bondOf(values.bond).plated,
				'A single layer is only cleaned with a stick, never opened.'
			)
			.caution(
				'not-open-yet',
				state.openState === 'glazed' || state.openState === 'opening',
				'Not open yet: go on until it almost falls in.'
			);
		return {
			protrusionUm,
			bondVolumeMm3,
			stickVolumeMm3,
			stickLengthMm: stickVolumeMm3 / (values.stickWidthMm * values.stickHeightMm),
			...state,
			...findings.judged()
		};
	}
});
