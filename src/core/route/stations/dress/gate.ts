import { dresserPosition } from '../../../dress/dresser-position.js';
import { dressPlan } from '../../../dress/plan.js';
import { singlePoint } from '../../../dress/single-point.js';
import { partOf } from '../../evidence.js';
import { UNLESS_STOPPED, line } from '../../gate.js';
import { said, show } from '../../say.js';
import type { Gate, Station } from '../station.js';
import { dressedStep, positionStep, settingsStep } from './steps.js';

/** The diamond trails, the dress suits the work, wheel is left after it, and it sounded even. */
export const dressGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const position = evidence.step(positionStep);
	const settings = evidence.step(settingsStep);
	const done = evidence.step(dressedStep);
	const where = partOf(position, dresserPosition)?.output;
	const point = partOf(settings, singlePoint);
	const plan = partOf(settings, dressPlan);
	// What was recorded before idle passes were counted knows the overlap of one pass only.
	const dense = point?.output.overlap.effectiveOverlapRatio ?? point?.output.overlap.overlapRatio ?? 0;
	const even = done?.entered.soundEven === true;
	const d = facts.dresser;
	return [
		line({
			key: 'position',
			title: 'Diamond past centre',
			from: position,
			value:
				position?.verdict === 'stop'
					? said(position, '')
					: `${q(where?.pastCentreMm, 'mm')} on the ${where?.side ?? ''} side`,
			waiting: 'leaving side, tip trailing'
		}),
		line({
			key: 'settings',
			title: 'Dress suits the work',
			from: point,
			value: said(point, point ? `overlap ${dense.toFixed(1)}, ${point.output.overlap.dressClass}` : ''),
			waiting: 'depth, traverse, passes'
		}),
		line({
			key: 'plan',
			title: 'Wheel is left after it',
			from: plan,
			value: said(plan, `${plan?.output.dressesLeft ?? ''} such dresses left`),
			waiting: 'from the plan'
		}),
		line({
			key: 'sound',
			title: 'Sounded even across the face',
			from: done,
			accepts: UNLESS_STOPPED,
			holds: even,
			value: even ? 'heard over the whole width' : 'not even: dress again',
			waiting: 'you listen and say so'
		}),
		line({
			key: 'turned',
			title: 'Diamond turned in its holder',
			state: d && d.dressesSinceTurn >= d.turnEvery ? 'caution' : 'ok',
			value: d ? `${d.dressesSinceTurn} dresses since, turn at ${d.turnEvery}` : 'no diamond on record'
		})
	];
};

/** Nothing is dressed before the diamond stands right and the settings are known. */
export const dressOrder: Station['order'] = () => ({ done: ['position', 'settings', 'plan'] });
