import { from0, mm, yesNo, REST_END, TONGUE_END } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';

const yes = <const N extends string>(name: N, label: string, about: string) =>
	yesNo(name, about, { required: true, label });
const gap = <const N extends string>(name: N, label: string) =>
	mm(name, 'Measured, wheel still and locked', { ...from0(100), required: true, label });

/** A bench or pedestal grinder after its wheel was changed: rest, tongue, guards. */
export const benchGrinder = defineCalculation({
	id: 'mount.bench-grinder',
	worse: { restGapMm: 'up', tongueGapMm: 'up', restGapMostMm: 'down', tongueGapMostMm: 'down' },
	title: 'Bench grinder',
	about:
		'Rest and tongue close to the wheel, guards on, the rest under the centre. Work that is pulled into a wide gap breaks the wheel.',
	source:
		'General safety practice; 3 and 6 mm (1/8 and 1/4 in) are common in safety codes, your local code governs.',
	formulas: ['spare = what is allowed - gap'],
	fields: [
		gap('restGapMm', 'Rest to wheel'),
		gap('tongueGapMm', 'Tongue to wheel'),
		mm('restGapMostMm', 'Of your code', {
			...REST_END,
			guideline: true,
			label: 'Rest to wheel, at most',
			advanced: true
		}),
		mm('tongueGapMostMm', 'Of your code', {
			...TONGUE_END,
			guideline: true,
			label: 'Tongue to wheel, at most',
			advanced: true
		}),
		yes('restAtCentre', 'Rest at or just under the centre', 'And tight'),
		yes('guardsOn', 'Side guards on', 'Covering nut and flanges'),
		yes('shieldClear', 'Eye shield clean and in place', 'Goggles all the same'),
		yes('boltedDown', 'Bolted down', 'It does not walk')
	],
	outputs: [
		{ name: 'restSpareMm', unit: 'mm', about: 'Rest: to spare', main: true },
		{ name: 'tongueSpareMm', unit: 'mm', about: 'Tongue: to spare' }
	],
	example: {
		restGapMm: 2,
		tongueGapMm: 5,
		restAtCentre: true,
		guardsOn: true,
		shieldClear: true,
		boltedDown: true
	},
	compute(values) {
		const findings = new Findings()
			.stop(
				'rest-gap',
				values.restGapMm > values.restGapMostMm + 1e-9,
				`The rest stands ${values.restGapMm} mm from the wheel; at most ${values.restGapMostMm} mm. Work is pulled into the gap. Move it in, wheel still and locked.`
			)
			.stop(
				'tongue-gap',
				values.tongueGapMm > values.tongueGapMostMm + 1e-9,
				`The tongue stands ${values.tongueGapMm} mm from the wheel; at most ${values.tongueGapMostMm} mm. Set it down.`
			)
			.stop('guards-off', !values.guardsOn, 'Nothing turns without its guards.')
			.caution('rest-not-at-centre', !values.restAtCentre, 'Set the rest at or just under the centre.')
			.caution('shield', !values.shieldClear, 'Clean the eye shield or fit a new one; goggles all the same.')
			.caution('not-bolted', !values.boltedDown, 'Bolt it down before it runs.');
		return {
			restSpareMm: values.restGapMostMm - values.restGapMm,
			tongueSpareMm: values.tongueGapMostMm - values.tongueGapMm,
			...findings.judged()
		};
	}
});
