import { between, group, mm, number, over0, percent, um, whole } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import type { Field, Values } from '../calculation/fields.js';
import { TIP_FIELDS, checkTip } from './tip.js';
import { type PatchSeen, type Profile, groundProfile } from './wheel-patch.js';

const MAX_GRAINS = 20000;
const PATCH = [
	um('grainSizeUm', 'Mean grain', { ...between(20, 1500), required: true }),
	number('structureNumber', 'Grain is 2 (32 - S) % of the volume', {
		...between(0, 20),
		default: 8,
		label: 'Structure'
	}),
	percent('concentrationPercent', 'In place of the structure', { ...over0(300), label: 'Concentration' }),
	...TIP_FIELDS,
	um('depthUm', 'Bite per pass', { ...over0(200), required: true, label: 'Depth each pass' }),
	um('leadUm', 'Travel per wheel turn', { ...between(5, 2000), required: true, label: 'Lead' }),
	whole('passes', 'With feed', { ...between(1, 10), default: 3, label: 'Passes' }),
	mm('wheelDiameterMm', 'Across', { ...over0(2000), default: 300 }),
	mm('equivalentDiameterMm', 'Of wheel and work', { ...over0(5000), default: 300 }),
	number('speedRatio', 'Wheel over work', { ...between(2, 10000), default: 80, label: 'Speed ratio' }),
	number('fractureFactor', 'Size of a break', {
		...over0(5),
		default: 0.25,
		label: 'Breaks',
		advanced: true
	}),
	mm('patchWidthMm', 'Across the face', {
		...between(0.2, 5),
		default: 2,
		label: 'Patch, width',
		advanced: true
	}),
	mm('patchLengthMm', 'Along the rim; by the grain where left empty', {
		...between(2, 200),
		label: 'Patch, length',
		advanced: true
	}),
	whole('profiles', 'Averaged', { ...between(1, 32), default: 8, label: 'Profiles', advanced: true }),
	whole('seed', 'The same gives the same patch', { ...between(0, 4294967295), default: 1, advanced: true })
] as const;
/** The same fields, none asked for and none filled in: what is not given is as in the first run. */
const OTHER: readonly Field[] = PATCH.map((f) => ({ ...f, required: false, default: undefined }));

type Input = Values<typeof PATCH>;

const KEYS = ['raUm', 'rzUm', 'flatSharePercent', 'activePerMm2', 'fracturedShare'] as const;

/** One dress on one patch: a turn for every profile, its result at the end. `seen` is filled with what can be drawn of the first. */
export function* simulating(values: Input, seen?: PatchSeen) {
	const g = values.grainSizeUm / 1000;
	const share =
		values.concentrationPercent === null
			? (2 * (32 - values.structureNumber)) / 100
			: values.concentrationPercent / 400;
	const grainsPerMm2 = (6 * share) / (Math.PI * g * g);
	const wantedMm = values.patchLengthMm ?? 12 * Math.max(1, values.grainSizeUm / 260);
	const wanted = Math.floor(grainsPerMm2 * values.patchWidthMm * wantedMm + 0.5);
	const count = Math.min(MAX_GRAINS, wanted);
	const lengthMm = wanted > MAX_GRAINS ? (wantedMm * MAX_GRAINS) / wanted : wantedMm;
	const patch = { ...values, grainsPerMm2, count, widthMm: values.patchWidthMm, lengthMm };
	const all: Profile[] = [];
	for (let m = 0; m < values.profiles; m++) {
		all.push(groundProfile(patch, m, m === 0 ? seen : undefined));
		yield all.length;
	}
	const mean = (key: keyof Profile) => all.reduce((s, p) => s + p[key], 0) / all.length;
	return {
		raUm: mean('raUm'),
		rzUm: mean('rzUm'),
		flatSharePercent: mean('flatSharePercent'),
		activePerMm2: mean('activePerMm2'),
		fracturedShare: mean('fracturedShare'),
		grainVolumePercent: 100 * share,
		grainsPerMm2,
		grainsSimulated: count,
		patchLengthMm: lengthMm
	};
}

/** The same, all of it at once. */
function simulated(values: Input) {
	const run = simulating(values);
	for (;;) {
		const turn = run.next();
		if (turn.done) return turn.value;
	}
}

/** The second run: what was given for it in place of the first. @throws InputFault named `compareWith.<field>` */
function replaced(values: Input, other: Readonly<Record<string, unknown>>): Input {
	const given = Object.fromEntries(Object.entries(other).filter(([, value]) => value !== null));
	const second = { ...values, ...given };
	try {
		checkTip(second.tipRadiusUm, second.flatWidthUm);
	} catch (error) {
		if (error instanceof InputFault)
			throw new InputFault(`compareWith.${error.field}`, error.code, error.message);
		throw error;
	}
	return second;
}

/** A patch of wheel, grain by grain, dressed and ground with: why a dress behaves as it does. */
export const topography = defineCalculation({
	id: 'dress.topography',
	title: 'Patch of the wheel',
	about:
		'Simulates the grains of a patch, the dress that breaks or rubs them, and the profile they leave: for comparing dresses. Its values are no predictions, its ratios are.',
	source: 'Engineering simulation, seeded; kinematics and geometry from textbooks.',
	formulas: [
		'grains a mm2 = 6 V/(pi g^2)',
		'a grain breaks with 1 - exp(-chip/(2 d)), else its flat grows',
		'mark = top - beside^2/(0.2 d) - (y/ratio)^2/d_e'
	],
	heavy: true,
	fields: [
		...PATCH,
		group('compareWith', 'What is different in a second run', OTHER, {
			label: 'Compared with',
			advanced: true
		})
	],
	outputs: [
		{ name: 'raUm', unit: 'um-Ra', about: 'Ra of the patch', main: true },
		{ name: 'rzUm', unit: 'um', about: 'Rz of the patch' },
		{ name: 'flatSharePercent', unit: '%', about: 'Worn flats' },
		{ name: 'activePerMm2', unit: 'mm2', about: 'Grains that cut, a mm²' },
		{ name: 'fracturedShare', about: 'Hits that broke a grain' },
		{ name: 'grainVolumePercent', unit: '%', about: 'Grain' },
		{ name: 'grainsPerMm2', unit: 'mm2', about: 'Grains a mm²' },
		{ name: 'grainsSimulated', about: 'Grains simulated' },
		{ name: 'patchLengthMm', unit: 'mm', about: 'Length of the patch' },
		{ name: 'ratioTo.raUm', about: 'Ra, times that of the other' },
		{ name: 'ratioTo.rzUm', about: 'Rz, times that of the other' },
		{ name: 'ratioTo.flatSharePercent', about: 'Worn flats, times those of the other' },
		{ name: 'ratioTo.activePerMm2', about: 'Grains that cut, times those of the other' },
		{ name: 'ratioTo.fracturedShare', about: 'Breaks, times those of the other' }
	],
	example: {
		grainSizeUm: 205,
		tipRadiusUm: 230,
		depthUm: 19,
		leadUm: 62,
		seed: 7,
		profiles: 2,
		compareWith: { leadUm: 20, depthUm: 6 }
	},
	compute(values) {
		checkTip(values.tipRadiusUm, values.flatWidthUm);
		const second = values.compareWith && replaced(values, values.compareWith);
		const one = simulated(values);
		if (!second) return { ...one, ratioTo: null };
		const two = simulated(second);
		return {
			...one,
			ratioTo: Object.fromEntries(KEYS.map((k) => [k, two[k] === 0 ? null : one[k] / two[k]]))
		};
	}
});
