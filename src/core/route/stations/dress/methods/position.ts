import { dresserPosition } from '../../../../dress/dresser-position.js';
import { type Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { wheelOf } from '../../../wheel-size.js';
import { type Chosen, since } from '../method.js';
import { formToKeep } from '../../form/for-dress.js';
import { dresserSetup, turns } from '../turns.js';

export const positionStep = defineStep({
	station: 'dress',
	step: 'position',
	title: 'Place the diamond',
	fields: pick(dresserPosition.fields, 'offsetMm', 'dragAngleDeg', 'surfaceMotion'),
	compute(facts, values) {
		// Along a form the tip stands on the height of the axis; past it the form comes out shallower.
		const setup = formToKeep(facts) ? 'radius-dress' : dresserSetup(facts);
		const motion = setup === 'cylindrical-side' ? (values.surfaceMotion ?? 'down') : null;
		return single(
			compute(facts, dresserPosition, {
				setup,
				wheelDiameterMm: wheelOf(facts).diameterMm,
				rotation: turns(facts),
				surfaceMotion: motion,
				offsetMm: values.offsetMm,
				dragAngleDeg: values.dragAngleDeg
			})
		);
	}
});

/** Where the diamond stands, in one word for each side. @example sideWords('outgoing') // "on the leaving side" */
export const sideWords = (side: string | undefined): string =>
	side === 'outgoing' ? 'on the leaving side' : side === 'ingoing' ? 'on the entering side' : 'on centre';

/** Which way from the centre the leaving side lies, and the sign of an offset to it. */
export function leavingSide(facts: SetupFacts, motion: string): string {
	if (dresserSetup(facts) === 'surface-below')
		return turns(facts) === 'clockwise' ? 'left, so minus' : 'right, so plus';
	return motion === 'up' ? 'above, so plus' : 'below, so minus';
}

/** The diamond trails on the leaving side. */
export function positionLine(facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine {
	const position = since(chosen, evidence.step(positionStep));
	const where = partOf(position, dresserPosition)?.output;
	return line({
		key: 'position',
		title: 'Diamond past centre',
		from: position,
		value:
			position?.verdict === 'stop'
				? recordedText(position, '')
				: `${show(facts)(where?.pastCentreMm, 'mm')} ${sideWords(where?.side)}`,
		waiting: 'leaving side, tip trailing'
	});
}

/** A diamond wears to a plateau unless it is turned in its holder now and then. */
export function turnedLine(chosen: Pick<Chosen, 'dresser'>): GateLine {
	const dresser = chosen.dresser;
	const [made, every] = [dresser?.dressesSinceTurn ?? 0, dresser?.turnEvery ?? Infinity];
	return line({
		key: 'turned',
		title: 'Diamond turned in its holder',
		state: dresser && made >= every ? 'caution' : 'ok',
		value: dresser ? `${made} dresses since, turn at ${every}` : 'no diamond on record'
	});
}
