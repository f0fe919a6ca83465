import {
	choice,
	from0,
	kilowatts,
	over0,
	rpm as rpmField,
	seconds,
	text,
	um,
	yesNo
} from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { MACHINE_CLASSES } from '../balance/tolerance.js';
import { MAINS_HZ } from '../run-in/nameplate-speed.js';
import { CODE, size } from './fields.js';
import { BORE_MM, SPINDLE_RPM, WHEEL_DIAMETER_MM, WHEEL_WIDTH_MM } from './ranges.js';

const rpm = <const N extends string>(name: N, label: string, about: string, required: boolean) =>
	rpmField(name, about, {
		...(required ? { required } : { default: 0 }),
		...(required ? SPINDLE_RPM : from0(SPINDLE_RPM.max)),
		label
	});

/** The torque of a motor at the speed it is rated for: P = T omega. @example Math.round(motorTorqueNm(3, 1500)) // 19 */
export const motorTorqueNm = (powerKw: number, spindleRpm: number): number =>
	(powerKw * 1000) / ((spindleRpm * 2 * Math.PI) / 60);

/** What the shop keeps of a machine. The sense of rotation is stored once, as seen facing the nut. */
export const MACHINE_FIELDS = [
	CODE,
	text('name', 'What it is', { required: true, maxLength: 60, label: 'Name' }),
	choice(
		'kind',
		'Decides where the dresser stands',
		['surface-toolroom', 'cylindrical', 'tool-cutter', 'creep-feed', 'internal', 'bench', 'lathe'],
		{ required: true, label: 'Kind' }
	),
	choice('balanceClass', 'Decides the grade of balance', MACHINE_CLASSES, {
		required: true,
		label: 'Balance class'
	}),
	rpm('spindleRpm', 'Spindle speed', 'As it is run', true),
	rpm('spindleRpmMin', 'Slowest', 'If it can be set', false),
	rpm('spindleRpmMax', 'Fastest', 'If it can be set', true),
	size('seatMm', 'Seat', 'Where the wheel or its mount sits', BORE_MM),
	size('maxDiameterMm', 'Largest wheel', 'Under the guard', WHEEL_DIAMETER_MM),
	size('maxWidthMm', 'Widest wheel', 'Between the flanges', WHEEL_WIDTH_MM),
	choice('rotation', 'As seen facing the nut', ['cw', 'ccw'], { required: true, label: 'Turns' }),
	kilowatts('motorPowerKw', 'From its plate, in kW or hp', {
		...over0(2000),
		required: true,
		label: 'Motor power'
	}),
	choice('axes', 'Decides what can be formed, and who keeps the pace', ['by-hand', 'power-feed', 'cnc'], {
		default: 'power-feed',
		label: 'Slides move'
	}),
	um('dialDivisionUm', 'Of the infeed dial, as it is engraved', {
		...over0(1000),
		label: 'One division is'
	}),
	choice('dialReads', 'What the infeed dial counts', ['radius', 'diameter'], {
		default: 'radius',
		label: 'Dial shows'
	}),
	seconds('coastS', 'From switching off until it stands, by a watch, with a wheel on', {
		...over0(3600),
		label: 'Coasts, measured'
	}),
	choice(
		'drive',
		'Induction direct: the wheel on the shaft of an induction motor; never a universal or an air motor',
		['induction-direct', 'pulleys', 'variable'],
		{
			label: 'Spindle is driven by'
		}
	),
	rpmField('plateRpm', 'On the plate of the motor', { ...over0(4000), label: 'Plate of the motor' }),
	choice('mainsHz', 'Its frequency in Hz', MAINS_HZ, { label: 'Mains frequency' }),
	yesNo('wet', 'Coolant is used', { required: true, label: 'Grinds wet' })
] as const satisfies readonly Field[];
