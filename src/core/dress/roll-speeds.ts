import { between, choice, from0, number, over0, rpm } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { Findings } from '../calculation/verdict.js';
import { surfaceSpeedMps } from '../spec/speed.js';
import { SLACK } from '../numeric/rounding.js';

/** How fast a driven roll or disc turns: by its ratio, or by its rpm and which way its surface moves. */
export const rollFields = <const R extends string, const M extends string>(rollRpm: R, maxRpm: M) =>
	[
		rpm(maxRpm, 'Of roll or drive', { ...over0(200000), label: 'Roll turns at most' }),
		number('speedRatio', 'Roll over wheel surface, minus when they move against each other', {
			...between(-3, 3),
			label: 'Speed ratio'
		}),
		rpm(rollRpm, 'Instead of the ratio', { ...from0(200000), label: 'Roll turns' }),
		choice('contactDirection', 'How the surfaces move where they meet', ['with', 'against'], {
			label: 'Surfaces move'
		})
	] as const;

/** Ratio or rpm, not both. @throws InputFault */
export function checkOneSpeed(speedRatio: unknown, rollRpm: unknown, name: string): void {
	if (speedRatio === null && rollRpm === null)
		throw new InputFault(
			'speedRatio',
			'missing',
			'Speed ratio is missing. Enter the ratio or the rpm of the roll.'
		);
	if (speedRatio !== null && rollRpm !== null)
		throw new InputFault(
			name,
			'inconsistent',
			'Ratio and rpm were both given. Enter one; the other follows.'
		);
}

interface Given {
	wheelDiameterMm: number;
	wheelSpeedRpm: number;
	rollDiameterMm: number;
	rollMaxRpm: number | null;
	speedRatio: number | null;
	rollRpm: number | null;
	contactDirection: 'with' | 'against' | null;
}

const WIDTH = 0.02;
const MAX_TURNS = 4;
const TURNS = Array.from({ length: MAX_TURNS }, (_, i) => i + 1);

/** The fractions near a ratio of turns, after which the same points meet again within four turns of the wheel. */
function fractionsNear(x: number): { p: number; q: number; at: number; half: number }[] {
	return TURNS.flatMap((q) => {
		const nearest = Math.round(x * q);
		return [nearest - 1, nearest, nearest + 1]
			.filter((p) => p >= 1)
			.map((p) => ({ p, q, at: p / q, half: WIDTH / q }));
	});
}

/** The fraction a ratio of turns lies in, the closest for its width; and the nearest ratio that lies in none. */
export function repeats(
	x: number,
	mostRatio: number
): { nearFraction: string | null; clearRpmRatio: number | null } {
	const within = (y: number, slack: number) =>
		fractionsNear(y).filter((f) => Math.abs(y - f.at) < f.half - slack);
	const hit = within(x, 0).sort((a, b) => Math.abs(x - a.at) / a.half - Math.abs(x - b.at) / b.half)[0];
	if (!hit) return { nearFraction: null, clearRpmRatio: x };
	const edges = fractionsNear(x)
		.flatMap((f) => [f.at - f.half, f.at + f.half])
		.filter((y) => y <= mostRatio + SLACK && within(y, SLACK).length === 0)
		.sort((a, b) => a - b);
	const clear = edges.reduce<number | null>(
		(best, y) => (best === null || Math.abs(y - x) < Math.abs(best - x) - SLACK ? y : best),
		null
	);
	return { nearFraction: `${hit.p}/${hit.q}`, clearRpmRatio: clear };
}

/** Speeds of wheel and roll where they meet. Kinematics. @throws InputFault `missing` on the direction of a roll given by its rpm */
export function rollSpeeds(values: Given) {
	if (values.rollRpm !== null && values.contactDirection === null)
		throw new InputFault(
			'contactDirection',
			'missing',
			'Say how the surfaces move where they meet: with each other, or against.'
		);
	const speedMps = surfaceSpeedMps(values.wheelDiameterMm, values.wheelSpeedRpm);
	const perWheelTurn = values.wheelDiameterMm / values.rollDiameterMm;
	const rollSpeedRpm = values.rollRpm ?? Math.abs(values.speedRatio!) * values.wheelSpeedRpm * perWheelTurn;
	const sense = values.contactDirection === 'against' ? -1 : 1;
	const q = values.speedRatio ?? (sense * rollSpeedRpm) / (values.wheelSpeedRpm * perWheelTurn);
	const speedRatio = q || 0;
	const rpmRatio = rollSpeedRpm / values.wheelSpeedRpm;
	return {
		surfaceSpeedMps: speedMps,
		rollSpeedRpm,
		rollSpeedMps: surfaceSpeedMps(values.rollDiameterMm, rollSpeedRpm),
		speedRatio,
		contactDirection: speedRatio > 0 ? 'with' : speedRatio < 0 ? 'against' : 'none',
		// Two surfaces that move the same way belong to spindles that turn in opposite senses, as two gears do.
		spindleSense: speedRatio > 0 ? 'opposite' : speedRatio < 0 ? 'same' : 'none',
		slipSpeedMps: Math.abs(1 - speedRatio) * speedMps,
		rpmRatio,
		...repeats(rpmRatio, values.rollMaxRpm === null ? Infinity : values.rollMaxRpm / values.wheelSpeedRpm)
	};
}

/** How much rougher than a standing roll makes it a ratio leaves the wheel (engineering model). @example ratioRoughness(0.8) // 1.7320508 */
export const ratioRoughness = (speedRatio: number): number =>
	Math.sqrt(1.2 / (0.2 + Math.abs(1 - speedRatio)));

/** The roll turns, within what it may, and not so that the same points meet over and over. */
export function judgeRoll(
	findings: Findings,
	s: ReturnType<typeof rollSpeeds>,
	rollMaxRpm: number | null
): Findings {
	return findings
		.stop('roll-not-turning', s.rollSpeedRpm === 0, 'The roll stands: a flat would be ground on it.')
		.stop(
			'roll-over-speed',
			rollMaxRpm !== null && s.rollSpeedRpm > rollMaxRpm * (1 + SLACK),
			`The roll would turn ${s.rollSpeedRpm.toFixed(0)} rpm; it or its drive may turn ${rollMaxRpm}.`
		)
		.caution(
			'near-crush-ratio',
			Math.abs(s.speedRatio - 1) < 0.05,
			'Both surfaces run almost together: the roll crushes instead of cutting.'
		)
		.caution(
			'integer-rpm-ratio',
			s.nearFraction !== null,
			`Roll and wheel turn close to ${s.nearFraction}: the same points meet over and over and lobes build up.${
				s.clearRpmRatio === null ? '' : ` At ${s.clearRpmRatio.toFixed(3)} they do not.`
			}`
		);
}
