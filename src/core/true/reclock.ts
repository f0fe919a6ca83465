import { from0, kg, over0, um as umField } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { type Vec, add, angleOf, fold360, len, sub, vec } from '../numeric/angles.js';
import { angle } from '../balance/shared-fields.js';

const um = <const N extends string>(name: N, max: number, about: string) => umField(name, about, from0(max));

/** Best seat within the play against a wheel that would be off by `off` with its bore centred. */
function bestSeat(off: Vec, play: number): { seat: Vec; remainingUm: number } {
	const size = len(off);
	if (size <= play) return { seat: { x: -off.x, y: -off.y }, remainingUm: 0 };
	return { seat: { x: (-play * off.x) / size, y: (-play * off.y) / size }, remainingUm: size - play };
}

/** Where to push the wheel within its bore play, or how to turn it on its seat, so that less has to be trued away. */
export const reclock = defineCalculation({
	id: 'true.reclock',
	worse: {
		eccentricityUm: 'up',
		highSpotAngleDeg: 'none',
		boreClearanceUm: 'none',
		seatAngleDeg: 'none',
		limitTirUm: 'down',
		maxClearanceUm: 'down'
	},
	title: 'Move the wheel on its seat',
	about:
		'Which way to push, how far, what would remain and where the clearance ends; and whether turning the wheel on a seat that runs out itself would do better.',
	source: 'Plane vectors (first principles).',
	formulas: [
		'F = E - S0: off centre with the bore centred',
		'best seat S = -F, at most half the clearance away',
		'push = S - S0',
		'remains max(0, |F| - clearance/2)',
		"turned: the wheel's own part laid opposite the seat's"
	],
	fields: [
		{ ...um('eccentricityUm', 5000, 'Measured now'), required: true, label: 'Off centre' },
		{ ...angle('highSpotAngleDeg', 'Measured now'), required: true, label: 'High spot' },
		{
			...um('boreClearanceUm', 5000, 'Difference of the diameters'),
			required: true,
			label: 'Bore clearance'
		},
		{
			...angle(
				'seatAngleDeg',
				'Where the wheel is displaced to now; one hung on its seat is displaced downwards'
			),
			label: 'Displaced towards'
		},
		{ ...um('seatOffsetUm', 2500, 'Half the clearance when empty'), label: 'Displaced by' },
		{ ...um('hubEccentricityUm', 1000, 'Of the seat itself'), label: 'Seat off centre' },
		{ ...angle('hubHighSpotAngleDeg', 'Of the seat itself'), label: 'Seat high spot' },
		kg('massKg', 'Of the wheel', over0(5000)),
		{ ...um('limitTirUm', 10000, 'Guideline'), guideline: true, default: 50, label: 'Limit' },
		{
			...um('maxClearanceUm', 5000, 'Too loose above this'),
			label: 'Too loose above',
			guideline: true,
			default: 1000,
			advanced: true
		}
	],
	outputs: [
		{ name: 'remainingTirUm', unit: 'um', about: 'Run-out that would remain', main: true },
		{ name: 'moveUm', unit: 'um', about: 'Push by' },
		{ name: 'moveAngleDeg', unit: 'deg', about: 'Towards' },
		{ name: 'seatOffsetUm', unit: 'um', about: 'Then displaced by' },
		{ name: 'seatAngleDeg', unit: 'deg', about: 'Towards' },
		{ name: 'remainingBestUm', unit: 'um', about: 'Off centre at best' },
		{ name: 'remainingWorstUm', unit: 'um', about: 'Off centre at worst' },
		{ name: 'rotate', about: 'Turned on its seat instead' },
		{ name: 'balanceChangeGmm', unit: 'gmm', about: 'Changes the balance by' }
	],
	example: {
		eccentricityUm: 140,
		highSpotAngleDeg: 215,
		boreClearanceUm: 160,
		seatAngleDeg: 180,
		massKg: 6.4
	},
	compute(values) {
		const play = values.boreClearanceUm / 2;
		const offset = values.seatOffsetUm ?? play;
		if (values.seatOffsetUm !== null && values.seatOffsetUm > play + 1e-9)
			throw new InputFault(
				'seatOffsetUm',
				'above-maximum',
				`Displaced by ${values.seatOffsetUm} µm, but the play allows only ${play}, half the clearance.`
			);
		if (values.seatOffsetUm !== null && values.seatOffsetUm > 0 && values.seatAngleDeg === null)
			throw new InputFault(
				'seatAngleDeg',
				'missing',
				'Displaced towards is missing. Say towards where the wheel is displaced, or leave both empty.'
			);
		if (values.hubEccentricityUm !== null && values.hubHighSpotAngleDeg === null)
			throw new InputFault(
				'hubHighSpotAngleDeg',
				'missing',
				'The high spot of the seat is missing. Give both, or neither.'
			);
		if (values.hubEccentricityUm === null && values.hubHighSpotAngleDeg !== null)
			throw new InputFault(
				'hubEccentricityUm',
				'missing',
				'How far the seat is off centre is missing. Give both, or neither.'
			);
		const E = vec(values.eccentricityUm, values.highSpotAngleDeg);
		const known = values.seatAngleDeg !== null || offset === 0;
		const S0 = vec(offset, values.seatAngleDeg ?? 0);
		const F = sub(E, S0);
		const now = bestSeat(F, play);
		const size = values.eccentricityUm;
		const move = known
			? sub(now.seat, S0)
			: vec(Math.min(size, values.boreClearanceUm), values.highSpotAngleDeg + 180);
		const moveUm = len(move);
		const remainingWorstUm = known ? now.remainingUm : size;
		const remainingTirUm = 2 * remainingWorstUm;
		let rotate: {
			turnAngleDeg: number;
			seatOffsetUm: number;
			seatAngleDeg: number;
			remainingUm: number;
		} | null = null;
		if (known && values.hubEccentricityUm !== null) {
			const H = vec(values.hubEccentricityUm, values.hubHighSpotAngleDeg!);
			const W = sub(F, H);
			const turnAngleDeg =
				len(H) < 1e-9 || len(W) < 1e-9 ? 0 : fold360(values.hubHighSpotAngleDeg! + 180 - angleOf(W));
			const turned = bestSeat(add(H, vec(len(W), angleOf(W) + turnAngleDeg)), play);
			rotate = {
				turnAngleDeg,
				seatOffsetUm: len(turned.seat),
				seatAngleDeg: angleOf(turned.seat),
				remainingUm: turned.remainingUm
			};
		}
		const findings = new Findings()
			.stop(
				'bore-too-loose',
				values.boreClearanceUm > values.maxClearanceUm,
				`${values.boreClearanceUm} µm of clearance is too loose. This wheel does not belong on this seat.`
			)
			.caution(
				'no-clearance',
				values.boreClearanceUm === 0,
				'There is no clearance: nothing to push. True it.'
			)
			.caution(
				'seat-unknown',
				!known,
				'Where the wheel sits in its play is not known: push, read again, and stop when it grows.'
			)
			.caution(
				'remaining-runout',
				remainingTirUm > values.limitTirUm,
				`${remainingTirUm.toFixed(0)} µm of run-out would remain, limit ${values.limitTirUm} µm. True the rest away.`
			);
		return {
			moveUm,
			moveAngleDeg: angleOf(move),
			seatOffsetUm: known ? len(now.seat) : null,
			seatAngleDeg: known ? angleOf(now.seat) : null,
			remainingBestUm: known ? now.remainingUm : Math.max(0, size - values.boreClearanceUm),
			remainingWorstUm,
			remainingTirUm,
			rotate,
			balanceChangeGmm: values.massKg === null ? null : values.massKg * moveUm,
			...findings.judged()
		};
	}
});
