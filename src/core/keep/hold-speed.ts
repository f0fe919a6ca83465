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
	compute(values) {
		if (values.minDiameterMm > values.diameterMm)
			throw new InputFault(
				'minDiameterMm',
				'above-maximum',
				`Scrap diameter ${values.minDiameterMm} mm is above the diameter today, ${values.diameterMm} mm.`
			);
		if (values.rpmMin > values.rpmMax)
			throw new InputFault(
				'rpmMin',
				'above-maximum',
				`The slowest speed ${values.rpmMin} rpm is above the fastest, ${values.rpmMax} rpm.`
			);
		if (values.newDiameterMm !== null && values.newDiameterMm < values.diameterMm)
			throw new InputFault(
				'newDiameterMm',
				'inconsistent',
				`New diameter ${values.newDiameterMm} mm is smaller than the diameter today, ${values.diameterMm} mm. A wheel does not grow.`
			);
		const marks = {
			ratedMps: values.ratedMps,
			ratedRpm: values.markedRpm,
			newDiameterMm: values.newDiameterMm ?? values.diameterMm
		};
		const limitAt = (diameterMm: number) => limitRpm(marks, values.allowAboveMarkedRpm ? diameterMm : null)!;
		const cap = values.allowAboveMarkedRpm
			? values.rpmMax
			: Math.min(values.rpmMax, limitAt(values.diameterMm));
		const at = (diameterMm: number) => {
			const wantedRpm = rpmForSpeed(values.targetMps, diameterMm);
			let n = Math.min(wantedRpm, cap, limitAt(diameterMm));
			if (values.rpmStep > 0) n = Math.floor(n / values.rpmStep + SLACK) * values.rpmStep;
			const speedRpm = Math.max(n, values.rpmMin);
			return { diameterMm, wantedRpm, speedRpm, speedMps: surfaceSpeedMps(diameterMm, speedRpm) };
		};
		const rows = Array.from({ length: values.rows + 1 }, (_, i) =>
			at(values.diameterMm + ((values.minDiameterMm - values.diameterMm) * i) / values.rows)
		);
		const now = rows[0]!;
		const heldToDiameterMm = rpmForSpeed(values.targetMps, cap);
		const allowed = values.targetMps <= values.ratedMps * (1 + SLACK);
		const offNow = Math.abs(now.speedMps / values.targetMps - 1) > 0.01 + SLACK;
		const tooFast = rows.filter((row) => overLimit(row.speedRpm, limitAt(row.diameterMm)));
		const rimOver = tooFast.some((r) => r.speedMps > values.ratedMps * (1 + SLACK));
		const findings = new Findings()
			.stop(
				'target-over-rated-speed',
				!allowed,
				`The speed wanted, ${values.targetMps} m/s, is above the ${values.ratedMps} m/s marked on the wheel.`
			)
			.stop('over-rated-speed', rimOver, 'The spindle cannot run slowly enough for this wheel.')
			.stop(
				'over-marked-rpm',
				tooFast.length > 0 && !rimOver,
				`The spindle's slowest speed is above the ${shownLimit(limitAt(values.diameterMm))} rpm this wheel allows.`
			)
			.caution(
				'speed-not-held',
				allowed && offNow,
				`Runs ${now.speedMps.toFixed(1)} m/s instead of ${values.targetMps} m/s: it will act softer.`
			)
			.caution(
				'speed-not-held-to-the-end',
				allowed && !offNow && heldToDiameterMm > values.minDiameterMm * (1 + SLACK),
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
