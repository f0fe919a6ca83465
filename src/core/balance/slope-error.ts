import { between, number, over0, mmPerM } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { gmm, journal, kg, standType } from './shared-fields.js';

const STEEPEST = 200;

/** What a remaining slope of the rails pretends to be. */
export const slopeError = defineCalculation({
	id: 'balance.slope-error',
	worse: {
		massKg: 'up',
		arborRadiusMm: 'up',
		slopeMmPerM: 'none',
		unbalanceGmm: 'down',
		allowedGmm: 'down',
		share: 'down'
	},
	title: 'What a slope fakes',
	about:
		'On leaning rails a wheel rests with its centre of mass above the contact line, not below its axis: the slope looks like unbalance and turns the mark.',
	source: 'Statics of a rolling disc: e sin(phi) = rho sin(alpha).',
	formulas: [
		'faked = 1000 m rho |sin(atan(slope/1000))|',
		'mark is off by asin(faked/unbalance)',
		'steepest = 1000 tan(asin(share allowed/(1000 m rho)))'
	],
	fields: [
		{ ...kg('massKg', 'Everything that rolls'), required: true },
		journal,
		mmPerM('slopeMmPerM', 'That remains', {
			...between(-STEEPEST, STEEPEST),
			required: true,
			label: 'Slope along the roll'
		}),
		gmm('unbalanceGmm', 'If known'),
		{ ...gmm('allowedGmm', 'Tolerance'), minOpen: true, label: 'Allowed' },
		number('share', 'Of the tolerance that the slope may fake', {
			...over0(1),
			guideline: true,
			label: 'Slope may fake',
			default: 0.25
		}),
		standType
	],
	outputs: [
		{ name: 'fakedUnbalanceGmm', unit: 'gmm', about: 'Looks like', main: true },
		{ name: 'headingErrorDeg', unit: 'deg', about: 'Mark is off by' },
		{ name: 'maxSlopeMmPerM', unit: 'mm/m', about: 'Steepest that does not matter' }
	],
	example: { massKg: 11, arborRadiusMm: 15, slopeMmPerM: 0.15, unbalanceGmm: 240, allowedGmm: 130 },
	compute(values) {
		const discs = values.standType === 'discs';
		const full = 1000 * values.massKg * values.arborRadiusMm;
		const fakedUnbalanceGmm = discs ? 0 : full * Math.abs(Math.sin(Math.atan(values.slopeMmPerM / 1000)));
		const u = values.unbalanceGmm;
		const rests = u !== null && (fakedUnbalanceGmm === 0 || fakedUnbalanceGmm < u);
		const ratio = values.allowedGmm === null || discs ? null : (values.share * values.allowedGmm) / full;
		const findings = new Findings()
			.stop(
				'wheel-rolls-off',
				u !== null && fakedUnbalanceGmm > 0 && fakedUnbalanceGmm >= u,
				'On this slope the wheel does not come to rest: it rolls off. Level the stand first.'
			)
			.caution(
				'slope-masks-balance',
				values.allowedGmm !== null && fakedUnbalanceGmm > values.share * values.allowedGmm,
				`The slope fakes ${fakedUnbalanceGmm.toFixed(0)} g mm, more than ${Math.round(100 * values.share)} % of the tolerance. Level the stand.`
			);
		return {
			fakedUnbalanceGmm,
			headingErrorDeg: !rests ? null : fakedUnbalanceGmm === 0 ? 0 : Math.asin(fakedUnbalanceGmm / u) / DEG,
			maxSlopeMmPerM:
				ratio === null ? null : ratio >= 1 ? STEEPEST : Math.min(STEEPEST, 1000 * Math.tan(Math.asin(ratio))),
			...findings.judged()
		};
	}
});
