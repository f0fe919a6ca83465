import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Station } from '../station.js';
import { outcomeStep } from '../run-in/outcome.js';
import { backStep, restartAsked, restartStep, standsWhere } from './off-and-back.js';

/** Why nothing can be measured on the stand now; null when it can. */
export const notOnStand = (facts: SetupFacts): string | null =>
	standsWhere(Evidence.of(facts)) === 'stand'
		? null
		: 'The wheel is not booked onto the stand yet. Lock the spindle out, lift it over, then book that first.';

/** Why nothing can be measured at speed now; null when it can: it has run, and stands on the spindle again. */
export function notTurning(facts: SetupFacts): string | null {
	const evidence = Evidence.of(facts);
	if (standsWhere(evidence) === 'stand') return ON_THE_STAND;
	const ran = evidence.step(outcomeStep);
	if (!ran || ran.verdict === 'stop')
		return 'This wheel has not run here yet. Run in comes first; until then balance it on the stand.';
	const [back, restart] = [evidence.step(backStep), evidence.step(restartStep)];
	return back && restartAsked(facts) && (!restart || restart.id < back.id)
		? 'It was put back on the spindle. A guarded start comes first.'
		: null;
}

/** Whatever turns the wheel waits until it is back on the spindle, wherever on the route it stands. */
export const whileOnSpindle: NonNullable<Station['place']> = (facts) =>
	standsWhere(Evidence.of(facts)) === 'stand' ? { code: 'balance.back', message: ON_THE_STAND } : null;
const ON_THE_STAND = 'The wheel is on the stand. Put it back on the spindle first.';

const ON_STAND: readonly string[] = ['swing', 'marks', 'mass', 'rest', 'stays'];
const AT_SPEED: readonly string[] = ['phase', 'runs', 'planes', 'planes-made', 'auto'];
/** What rolls must be on the stand, and what turns on the spindle, before it is measured. */
export const balancePlace: NonNullable<Station['place']> = (facts, step) => {
	const says = ON_STAND.includes(step)
		? notOnStand(facts)
		: AT_SPEED.includes(step)
			? notTurning(facts)
			: null;
	return says === null
		? null
		: { code: ON_STAND.includes(step) ? 'balance.off' : 'balance.turning', message: says };
};
