import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';
import { fourierFit } from './fourier.js';

const CLOSEST_DEG = 0.5;
const WIDEST_GAP_DEG = 150;
const WORST_CONDITION = 1e6;

/** Splits rim readings into eccentricity, which moving the wheel can cure, and shape, which only truing cures. */
export const runout = defineCalculation({
	id: 'true.runout',
	title: 'Run-out of the rim',
	about: 'Dial readings round the rim give how far it runs out, how far it is off centre and towards where, and what is not eccentricity.',
	source: 'Discrete Fourier series; least squares for uneven angles.',
	formulas: ['run-out = largest - smallest reading', 'reading = mean + sum (a_n cos nt + b_n sin nt)', 'off centre = hypot(a_1, b_1) towards atan2(b_1, a_1)', 'shape = range of reading - mean - first harmonic'],
	fields: [
		{ name: 'readingsUm', kind: 'list', minItems: 4, maxItems: 720, required: true, label: 'Readings', about: '+ = the rim stands out', item: { name: 'reading', kind: 'number', unit: 'um', min: -10000, max: 10000, required: true, about: 'One reading' } },
		{ name: 'anglesDeg', kind: 'list', maxItems: 720, about: 'Own face angles; equal steps when left empty', advanced: true, item: { name: 'angle', kind: 'number', unit: 'deg', min: -36000, max: 36000, required: true, about: 'Face angle' } },
		{ name: 'startAngleDeg', kind: 'number', unit: 'deg', min: -36000, max: 36000, default: 0, about: 'Face angle under the indicator at the first reading' },
		{ name: 'wheelTurned', kind: 'choice', choices: ['counter-clockwise', 'clockwise'], default: 'counter-clockwise', about: 'Seen from the front, the indicator standing still' },
		{ name: 'maxOrder', kind: 'integer', min: 1, max: 20, about: 'Highest harmonic; 6, or 1 with own angles', advanced: true },
		{ name: 'limitTirUm', kind: 'number', unit: 'um', min: 0, max: 10000, default: 25, label: 'Limit', about: 'Run-out allowed' },
		{ name: 'stopTirUm', kind: 'number', unit: 'um', min: 0, max: 20000, default: 2000, advanced: true, about: 'Something is wrong above this' }
	],
	outputs: [
		{ name: 'tirUm', unit: 'um', about: 'Run-out', main: true }, { name: 'eccentricityUm', unit: 'um', about: 'Off centre' }, { name: 'eccentricTirUm', unit: 'um', about: 'Of the run-out, off centre' }, { name: 'highSpotAngleDeg', unit: 'deg', about: 'High spot' },
		{ name: 'residualTirUm', unit: 'um', about: 'Shape left over' }, { name: 'residualRmsUm', unit: 'um', about: 'Shape, root mean square' }, { name: 'meanUm', unit: 'um', about: 'Mean reading' }, { name: 'dominantOrder', about: 'Strongest harmonic' }, { name: 'harmonics', about: 'Lobes' }
	],
	example: { readingsUm: [212, 236, 251, 240, 214, 185, 166, 178] },
	compute(v) {
		const n = v.readingsUm.length;
		const own = v.anglesDeg !== null;
		const angles = own ? ownAngles(v.anglesDeg!, n) : v.readingsUm.map((_, k) => v.startAngleDeg + ((v.wheelTurned === 'counter-clockwise' ? 1 : -1) * k * 360) / n);
		const orders = Math.min(v.maxOrder ?? (own ? 1 : 6), Math.floor((n - 1) / 2));
		const fit = fourierFit(v.readingsUm, angles, orders, !own);
		if (fit.condition > WORST_CONDITION) throw notSpread();
		const [first, ...harmonics] = fit.harmonics as [(typeof fit.harmonics)[0], ...typeof fit.harmonics];
		const rest = v.readingsUm.map((r, i) => r - fit.meanUm - first.amplitudeUm * Math.cos((angles[i]! - first.angleDeg) * DEG));
		const tirUm = Math.max(...v.readingsUm) - Math.min(...v.readingsUm);
		const residualTirUm = Math.max(...rest) - Math.min(...rest);
		const eccentricTirUm = 2 * first.amplitudeUm;
		const dominant = fit.harmonics.reduce((best, h) => (h.amplitudeUm > best.amplitudeUm + 1e-9 ? h : best));
		const findings = new Findings()
			.stop('check-mounting', tirUm > v.stopTirUm, 'That is far more than play in the bore can explain. Take the wheel off and look.')
			.caution('runout-above-limit', tirUm > v.limitTirUm, `Runs out ${tirUm.toFixed(0)} µm, limit ${v.limitTirUm}.`)
			.caution('lobes-dominate', tirUm > v.limitTirUm && residualTirUm > eccentricTirUm, 'Mostly out of round: moving the wheel on its seat will not help, truing will.');
		return {
			meanUm: fit.meanUm, eccentricityUm: first.amplitudeUm, highSpotAngleDeg: first.angleDeg, eccentricTirUm, tirUm, harmonics, residualTirUm,
			residualRmsUm: Math.sqrt(rest.reduce((s, r) => s + r * r, 0) / n), dominantOrder: dominant.order, ...findings.judged()
		};
	}
});

const notSpread = () => new InputFault('anglesDeg', 'angles-not-spread', 'The readings lie too close together on the rim. Spread them: no gap over 150 degrees.');

function ownAngles(given: number[], n: number): number[] {
	if (given.length !== n) throw new InputFault('anglesDeg', 'length-mismatch', `${given.length} angles for ${n} readings. Give one angle a reading.`);
	const sorted = given.map(fold360).sort((a, b) => a - b);
	const gaps = sorted.map((a, i) => (i + 1 < n ? sorted[i + 1]! : sorted[0]! + 360) - a);
	if (gaps.some((g) => g < CLOSEST_DEG)) throw new InputFault('anglesDeg', 'duplicate-angle', 'Two readings share an angle. Remove one of them.');
	if (gaps.some((g) => g > WIDEST_GAP_DEG)) throw notSpread();
	return given;
}
