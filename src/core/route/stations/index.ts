import type { Evidence } from '../evidence.js';
import type { SetupFacts } from '../../facts/setup.js';
import { basisOf } from '../basis-of.js';
import type { StationId } from '../station-names.js';
import { type GateLine, line } from '../gate.js';
import { recordedText } from '../gate-text.js';
import { balanceGate } from './balance/gate.js';
import { balanceSteps } from './balance/steps.js';
import { balancePlace, whileOnSpindle } from './balance/where.js';
import { briefGate } from './brief/gate.js';
import { againStep, namedStep } from './brief/again.js';
import { briefStep } from './brief/steps.js';
import { dressGate, dressOrder } from './dress/gate.js';
import { dressSteps } from './dress/steps.js';
import { formGate, formOrder } from './form/gate.js';
import { formSteps } from './form/steps.js';
import { inspectGate, inspectOrder } from './inspect/gate.js';
import { inspectSteps } from './inspect/steps.js';
import { keepGate } from './keep/gate.js';
import { keepSteps } from './keep/steps.js';
import { machineGate } from './machine/gate.js';
import { machineSteps } from './machine/steps.js';
import { mountSteps } from './mount/steps.js';
import { mountGate, mountOrder } from './mount/methods.js';
import { proveGate } from './prove/gate.js';
import { proveTroubleStep } from './keep/trouble.js';
import { proveSteps } from './prove/steps.js';
import { runInGate, runInOrder } from './run-in/gate.js';
import { runInSteps } from './run-in/steps.js';
import { selectGate } from './select/gate.js';
import { selectSteps } from './select/steps.js';
import { type Station, anyOrder } from './station.js';
import { trueGate, trueOrder } from './true/gate.js';
import { trueSteps } from './true/steps.js';

/** Every station a route may have. */
export const STATION: Readonly<Record<StationId, Station>> = {
	brief: { steps: [briefStep, againStep, namedStep], gate: briefGate, order: anyOrder },
	machine: { steps: machineSteps, gate: machineGate, order: anyOrder },
	select: { steps: selectSteps, gate: selectGate, order: anyOrder },
	inspect: { steps: inspectSteps, gate: inspectGate, order: inspectOrder },
	mount: { steps: mountSteps, gate: mountGate, order: mountOrder },
	'run-in': {
		steps: runInSteps,
		gate: runInGate,
		order: runInOrder,
		place: whileOnSpindle,
		morning: 'asked'
	},
	true: { steps: trueSteps, gate: trueGate, order: trueOrder, place: whileOnSpindle, morning: 'asked' },
	balance: { steps: balanceSteps, gate: balanceGate, order: anyOrder, place: balancePlace },
	form: { steps: formSteps, gate: formGate, order: formOrder, place: whileOnSpindle, morning: 'asked' },
	dress: {
		steps: dressSteps,
		gate: dressGate,
		order: dressOrder,
		place: whileOnSpindle,
		morning: 'asked',
		whileReleased: true
	},
	prove: { steps: [...proveSteps, proveTroubleStep], gate: proveGate, order: anyOrder, morning: 'asked' },
	keep: { steps: keepSteps, gate: keepGate, order: anyOrder, morning: 'shown', whileReleased: true }
};

export { basisOf };

/** The lines of a station: what the route asks of everybody, then what this shop has added. */
export function linesOf(station: StationId, facts: SetupFacts, evidence: Evidence): GateLine[] {
	const own = facts.route.checks
		.filter((check) => check.station === station)
		.map((c) => {
			const answer = evidence.keyed({ station, step: 'check' }, c.id);
			const limit = `at most ${c.atMost}`;
			const value = c.kind === 'yes' ? 'yes' : `${String(answer?.entered.value ?? '')} ${c.unit}, ${limit}`;
			return line({
				key: `check-${c.id}`,
				title: c.text,
				from: answer,
				value: answer?.verdict === 'stop' ? recordedText(answer, '') : value,
				waiting: c.kind === 'yes' ? 'to be said' : `${limit} ${c.unit}`
			});
		});
	return [...STATION[station].gate(facts, evidence), ...own].map((shown) => ({
		...shown,
		basis: shown.basis ?? basisOf(shown.recordId === null ? null : evidence.standingWith(shown.recordId))
	}));
}
