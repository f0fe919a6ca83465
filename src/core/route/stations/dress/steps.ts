import { between, from0, whole, yesNo } from '../../../calculation/field/index.js';
import { dressPlan } from '../../../dress/plan.js';
import { surfaceSpeed } from '../../../spec/surface-speed.js';
import { InputFault } from '../../../calculation/fault.js';
import { dresserPosition } from '../../../dress/dresser-position.js';
import { singlePoint } from '../../../dress/single-point.js';
import { abrasiveGroup } from '../../../spec/families.js';
import type { Effect } from '../../effect.js';
import type { SetupFacts, WheelFacts } from '../../facts.js';
import {
	alone,
	DIAMETER_AFTER,
	checkDiameter,
	compute,
	defineStep,
	pick,
	wheelOf,
	type Step
} from '../../step.js';

/** Where the dresser stands on this kind of machine. */
export const dresserSetup = (facts: SetupFacts): 'surface-below' | 'cylindrical-side' =>
	facts.machine.kind === 'cylindrical' || facts.machine.kind === 'lathe' || facts.machine.kind === 'internal'
		? 'cylindrical-side'
		: 'surface-below';
/** The one stored sense of rotation, in the words of the dress calculations. */
export const turns = (facts: SetupFacts): 'clockwise' | 'counter-clockwise' =>
	facts.machine.rotation === 'cw' ? 'clockwise' : 'counter-clockwise';

/** The diamond of the machine. @throws InputFault `missing` where there is none */
export function dresserOf(facts: SetupFacts): NonNullable<SetupFacts['dresser']> {
	if (!facts.dresser)
		throw new InputFault(
			'dresser',
			'missing',
			'This machine has no diamond on record. Enter one under Shop.'
		);
	return facts.dresser;
}

export const positionStep = defineStep({
	station: 'dress',
	step: 'position',
	title: 'Place the diamond',
	fields: pick(dresserPosition.fields, 'offsetMm', 'dragAngleDeg', 'surfaceMotion'),
	compute(facts, v) {
		const setup = dresserSetup(facts);
		const motion = setup === 'cylindrical-side' ? (v.surfaceMotion ?? 'down') : null;
		return alone(
			compute(facts, dresserPosition, {
				setup,
				wheelDiameterMm: wheelOf(facts).diameterMm,
				rotation: turns(facts),
				surfaceMotion: motion,
				offsetMm: v.offsetMm,
				dragAngleDeg: v.dragAngleDeg
			})
		);
	}
});

/** The fastest a dress knows; no spindle turns faster, so a mark above it limits nothing. */
const FASTEST_RPM = 200_000;
const ratedOf = (w: Pick<WheelFacts, 'ratedMps' | 'ratedRpm'>) => ({
	ratedSpeedMps: w.ratedMps,
	ratedSpeedRpm: w.ratedRpm === null ? null : Math.min(w.ratedRpm, FASTEST_RPM)
});

export const settingsStep = defineStep({
	station: 'dress',
	step: 'settings',
	title: 'Set the dress',
	fields: [
		...pick(singlePoint.fields, 'depthUm', 'traverseMmPerMin', 'coolant'),
		whole('passes', 'With feed', { ...between(1, 200), required: true, label: 'Passes' }),
		whole('dryPasses', 'They smooth and dull', { ...from0(50), default: 1, label: 'With no feed' }),
		yesNo('dustExtraction', 'When dressed dry', { default: false })
	],
	compute(facts, v) {
		const w = wheelOf(facts);
		const d = dresserOf(facts);
		if (v.traverseMmPerMin === null)
			throw new InputFault('traverseMmPerMin', 'missing', 'Traverse is missing. Enter it.');
		const speed = facts.machine.spindleRpm;
		const point = compute(facts, singlePoint, {
			wheelDiameterMm: w.diameterMm,
			wheelSpeedRpm: speed,
			...ratedOf(w),
			grainSizeUm: w.gritMeanUm,
			abrasive: abrasiveGroup(w.family ?? 'alumina'),
			depthUm: v.depthUm,
			traverseMmPerMin: v.traverseMmPerMin,
			tipRadiusUm: d.tipRadiusUm,
			flatWidthUm: d.flatWidthUm,
			coolant: v.coolant,
			dustExtraction: v.dustExtraction,
			idlePasses: v.dryPasses
		});
		const plan = compute(facts, dressPlan, {
			wheelDiameterMm: w.diameterMm,
			wheelWidthMm: w.widthMm,
			wheelMinDiameterMm: w.minDiameterMm,
			wheelSpeedRpm: speed,
			...ratedOf(w),
			grainSizeUm: w.gritMeanUm,
			abrasive: abrasiveGroup(w.family ?? 'alumina'),
			finishStockUm: v.passes * v.depthUm,
			finishDepthUm: v.depthUm,
			finishLeadUm: point.output.leadUm,
			sparkOutPasses: v.dryPasses
		});
		return { main: point, beside: [plan] };
	}
});

export const dressedStep = defineStep({
	station: 'dress',
	step: 'done',
	title: 'Dressed',
	fields: [
		yesNo('soundEven', 'You listen and say so', { required: true, label: 'Sounded even across the face' }),
		DIAMETER_AFTER,
		yesNo('diamondTurned', 'A little, so that it wears to a point', {
			default: false,
			label: 'Diamond turned in its holder'
		})
	],
	compute(facts, v) {
		const w = wheelOf(facts);
		const diameterMm = Math.min(checkDiameter(facts, v.diameterAfterMm), w.newDiameterMm);
		return alone(
			compute(facts, surfaceSpeed, {
				diameterMm,
				newDiameterMm: w.newDiameterMm,
				speedRpm: facts.machine.spindleRpm,
				ratedSpeedMps: w.ratedMps,
				ratedSpeedRpm: w.ratedRpm,
				machineMaxRpm: facts.machine.spindleRpmMax
			})
		);
	},
	event: (_facts, v) => ({ kind: 'dressed', diameterAfterMm: v.diameterAfterMm, note: null }),
	effectsUnlessStopped: (facts, v): Effect[] =>
		facts.dresser ? [{ kind: 'count-dress', dresserId: facts.dresser.id, turned: v.diamondTurned }] : []
});

/** Everything that can be recorded at Dress. */
export const dressSteps: readonly Step[] = [positionStep, settingsStep, dressedStep];
