import { between, from0, mm, mps as mpsField, over0, rpm, whole, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { limitRpm, overLimit, shownLimit } from '../spec/limit-rpm.js';
import { rpmForSpeed, surfaceSpeedMps } from '../spec/speed.js';
import { SLACK } from '../numeric/rounding.js';

const mps = <const N extends string>(name: N, label: string, about: string) =>
	mpsField(name, about, { ...over0(500), required: true, label });

/** Which rpm holds the surface speed as the wheel wears, and down to which diameter. */
export const holdSpeed = defineCalculation({
	id: 'keep.hold-speed',
	worse: {
		diameterMm: 'up',
		minDiameterMm: 'down',
		targetMps: 'up',
		rpmMax: 'down',
		ratedMps: 'down',
		markedRpm: 'down',
		newDiameterMm: 'up',
		rpmStep: 'up'
	},
	title: 'Hold the speed as it wears',
	about:
		'The rpm for the wanted surface speed today and down to the scrap diameter, never above what is marked.',
	source:
		'Circular motion (first principles); a worn wheel earns no rpm above its marking unless a lead recorded that it may.',
	formulas: [
		'wanted rpm = 60000 v/(pi D)',
		'cap = least of machine rpm, marked rpm and rated v 60000/(pi D when new)',
		'held down to D = 60000 target/(pi cap)'
	],
	fields: [
		mm('diameterMm', 'Measured', { ...over0(3000), required: true, label: 'Diameter today' }),
		mm('minDiameterMm', 'Not below this', { ...over0(3000), required: true, label: 'Scrap diameter' }),
		mps('targetMps', 'Speed wanted', 'At the rim'),
		rpm('rpmMin', 'Of the machine', { ...from0(500000), default: 0, label: 'Slowest spindle speed' }),
		rpm('rpmMax', 'Of the machine', { ...over0(500000), required: true, label: 'Fastest spindle speed' }),
		mps('ratedMps', 'Marked speed', 'On the wheel'),
		rpm('markedRpm', 'On the wheel', over0(500000)),
		mm('newDiameterMm', "Its marks belong to it; today's when empty", {
			...over0(3000),
			label: 'Diameter when new'
		}),
		yesNo('allowAboveMarkedRpm', "A lead recorded the maker's word for this wheel", {
			default: false,
			advanced: true
		}),
		rpm('rpmStep', 'Steps of the drive, 0 for stepless', { ...from0(100000), default: 0 }),
		whole('rows', 'Lines of the table', { ...between(1, 200), default: 5, advanced: true })
	],
	outputs: [
		{ name: 'speedRpm', unit: 'rpm', about: 'Set now', main: true },
		{ name: 'speedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'wantedRpm', unit: 'rpm', about: 'Wanted' },
		{ name: 'heldToDiameterMm', unit: 'mm', about: 'Held down to' },
		{ name: 'speedAtMinDiameterMps', unit: 'm/s', about: 'At the scrap diameter' },
		{ name: 'rows', about: 'As it wears' }
	],
	example: { diameterMm: 300, minDiameterMm: 200, targetMps: 30, rpmMax: 2500, ratedMps: 40, rows: 2 },
	compute(v) {
		if (v.minDiameterMm > v.diameterMm)
			throw new InputFault(
				'minDiameterMm',
				'above-maximum',
				`Scrap diameter ${v.minDiameterMm} mm is above the diameter today, ${v.diameterMm} mm.`
			);
		if (v.rpmMin > v.rpmMax)
			throw new InputFault(
				'rpmMin',
				'above-maximum',
				`The slowest speed ${v.rpmMin} rpm is above the fastest, ${v.rpmMax} rpm.`
			);
		if (v.newDiameterMm !== null && v.newDiameterMm < v.diameterMm)
			throw new InputFault(
				'newDiameterMm',
				'inconsistent',
				`New diameter ${v.newDiameterMm} mm is smaller than the diameter today, ${v.diameterMm} mm. A wheel does not grow.`
			);
		const marks = {
			ratedMps: v.ratedMps,
			ratedRpm: v.markedRpm,
			newDiameterMm: v.newDiameterMm ?? v.diameterMm
		};
		const limitAt = (diameterMm: number) => limitRpm(marks, v.allowAboveMarkedRpm ? diameterMm : null)!;
		const cap = v.allowAboveMarkedRpm ? v.rpmMax : Math.min(v.rpmMax, limitAt(v.diameterMm));
		const at = (diameterMm: number) => {
			const wantedRpm = rpmForSpeed(v.targetMps, diameterMm);
			let n = Math.min(wantedRpm, cap, limitAt(diameterMm));
			if (v.rpmStep > 0) n = Math.floor(n / v.rpmStep + SLACK) * v.rpmStep;
			const speedRpm = Math.max(n, v.rpmMin);
			return { diameterMm, wantedRpm, speedRpm, speedMps: surfaceSpeedMps(diameterMm, speedRpm) };
		};
		const rows = Array.from({ length: v.rows + 1 }, (_, i) =>
			at(v.diameterMm + ((v.minDiameterMm - v.diameterMm) * i) / v.rows)
		);
		const now = rows[0]!;
		const heldToDiameterMm = rpmForSpeed(v.targetMps, cap);
		const allowed = v.targetMps <= v.ratedMps * (1 + SLACK);
		const offNow = Math.abs(now.speedMps / v.targetMps - 1) > 0.01 + SLACK;
		const tooFast = rows.filter((r) => overLimit(r.speedRpm, limitAt(r.diameterMm)));
		const rimOver = tooFast.some((r) => r.speedMps > v.ratedMps * (1 + SLACK));
		const findings = new Findings()
			.stop(
				'target-over-rated-speed',
				!allowed,
				`The speed wanted, ${v.targetMps} m/s, is above the ${v.ratedMps} m/s marked on the wheel.`
			)
			.stop('over-rated-speed', rimOver, 'The spindle cannot run slowly enough for this wheel.')
			.stop(
				'over-marked-rpm',
				tooFast.length > 0 && !rimOver,
				`The spindle's slowest speed is above the ${shownLimit(limitAt(v.diameterMm))} rpm this wheel allows.`
			)
			.caution(
				'speed-not-held',
				allowed && offNow,
				`Runs ${now.speedMps.toFixed(1)} m/s instead of ${v.targetMps} m/s: it will act softer.`
			)
			.caution(
				'speed-not-held-to-the-end',
				allowed && !offNow && heldToDiameterMm > v.minDiameterMm * (1 + SLACK),
				`Held down to ${heldToDiameterMm.toFixed(0)} mm; below that it acts softer.`
			);
		return {
			speedRpm: now.speedRpm,
			speedMps: now.speedMps,
			wantedRpm: now.wantedRpm,
			heldToDiameterMm,
			speedAtMinDiameterMps: rows.at(-1)!.speedMps,
			rows,
			...findings.judged()
		};
	}
});
