import { choice, from0, list, metres, mm, over0, text, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { surfaceSpeed } from '../../../spec/surface-speed.js';
import type { Effect } from '../../effect.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { DIAMETER_AFTER, MEASURING_NOISE_MM, checkDiameter, wheelOf } from '../../wheel-size.js';
import { compute } from '../../compute-step.js';
import { isTurned } from '../../../shop/dresser.js';
import { chosenMethod } from './method.js';
import { surfaceOf } from './wheel.js';

/** What is heard at a pass. */
export const HEARD = ['even', 'uneven', 'nothing'] as const;

/** What is asked when the wheel was dressed, whichever way. */
export const DRESSED_FIELDS = [
	yesNo('soundEven', 'You listen and say so', { required: true, label: 'Sounded even across the face' }),
	DIAMETER_AFTER,
	mm('rimDepthAfterMm', 'Abrasive left on the face of a cup or dish', {
		...from0(500),
		label: 'Rim depth now'
	}),
	mm('widthAfterMm', 'Where the side was dressed too', { ...over0(1000), label: 'Width now' }),
	yesNo('diamondTurned', 'A little, so that it wears to a point', {
		default: false,
		label: 'Diamond turned in its holder'
	}),
	mm('truingWheelAfterMm', 'Of the truing wheel', { ...over0(1000), label: 'Truing wheel now' }),
	metres('spoolLeftM', 'Of the wire', { ...from0(1e6), label: 'Left on the spool' }),
	text('wheelNumber', 'Of a pack: the one that was dressed', { maxLength: 20, label: 'Wheel' }),
	list('heard', 'Pass by pass', choice('pass', 'At one pass', HEARD, { required: true }), {
		default: [] as (typeof HEARD)[number][],
		maxItems: 300,
		label: 'Heard at the passes'
	})
] as const;

interface Sizes {
	diameterAfterMm: number;
	rimDepthAfterMm: number | null;
	widthAfterMm: number | null;
	wheelNumber: string | null;
}

/** The wheel of the setup that was dressed: the leading one, or another one of its pack. @throws InputFault `unknown-choice` */
function dressedWheel(facts: SetupFacts, number: string | null): WheelFacts {
	const lead = wheelOf(facts);
	if (!number || number === lead.number) return lead;
	const other = facts.companions.find((companion) => companion.wheel.number === number)?.wheel;
	if (!other)
		throw new InputFault('wheelNumber', 'unknown-choice', `Wheel ${number} is not one of this setup.`);
	return other;
}

/** Each of the other wheels of a pack is dressed by itself, and its dress stands beside that of the leading one. */
export const otherWheelOfPack = (entered: Record<string, unknown>, leadingWheel: string): string | null =>
	entered.wheelNumber && entered.wheelNumber !== leadingWheel ? String(entered.wheelNumber) : null;

/** What was measured afterwards can be: nothing grew, nothing is gone. @throws InputFault */
function checkSizes(facts: SetupFacts, values: Sizes): void {
	const wheel = dressedWheel(facts, values.wheelNumber);
	checkDiameter({ wheel: wheel }, values.diameterAfterMm);
	const grown = (field: 'rimDepthAfterMm' | 'widthAfterMm', before: number | null, what: string) => {
		const now = values[field];
		if (now !== null && before !== null && now > before + MEASURING_NOISE_MM)
			throw new InputFault(
				field,
				'above-maximum',
				`${now} mm is more than the last entry, ${before} mm. A ${what} does not grow; measure again.`
			);
	};
	grown('rimDepthAfterMm', wheel.rimDepthMm, 'rim');
	grown('widthAfterMm', wheel.widthMm, 'wheel');
	if (surfaceOf(wheel) === 'face' && values.rimDepthAfterMm === null)
		throw new InputFault(
			'rimDepthAfterMm',
			'missing',
			'Rim depth is missing. A cup or dish loses depth of rim, not diameter.'
		);
}

/** The speed it runs at its new diameter. */
export function speedAfter(facts: SetupFacts, values: Sizes) {
	checkSizes(facts, values);
	const wheel = dressedWheel(facts, values.wheelNumber);
	return compute(facts, surfaceSpeed, {
		diameterMm: Math.min(values.diameterAfterMm, wheel.newDiameterMm),
		newDiameterMm: wheel.newDiameterMm,
		speedRpm: facts.machine.spindleRpm,
		ratedSpeedMps: wheel.ratedMps,
		ratedSpeedRpm: wheel.ratedRpm,
		machineMaxRpm: facts.machine.spindleRpmMax
	});
}

/** What the book of the wheel and the dresser say after it. */
export function dressedEffects(
	facts: SetupFacts,
	v: Sizes & {
		diamondTurned: boolean;
		truingWheelAfterMm: number | null;
		spoolLeftM: number | null;
	},
	event: 'dressed' | 'redressed',
	note: string | null
): Effect[] {
	const dresser = chosenMethod(facts, Evidence.of(facts))?.dresser;
	const book: Effect = {
		kind: 'ledger',
		wheelId: dressedWheel(facts, v.wheelNumber).id,
		event,
		diameterAfterMm: v.diameterAfterMm,
		widthAfterMm: v.widthAfterMm,
		rimDepthAfterMm: v.rimDepthAfterMm,
		note
	};
	if (!dresser) return [book];
	const left = {
		...(v.truingWheelAfterMm === null ? {} : { bodyDiameterMm: v.truingWheelAfterMm }),
		...(v.spoolLeftM === null ? {} : { spoolM: v.spoolLeftM })
	};
	return [
		book,
		{
			kind: 'count-dress',
			dresserId: dresser.id,
			turned: isTurned(dresser.kind) && v.diamondTurned,
			...(Object.keys(left).length ? { left } : {})
		}
	];
}
