import { bareGrain } from '../../../dress/bare-grain.js';
import { overlap } from '../../../dress/overlap.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate, Station } from '../station.js';
import { type Chosen, chosenMethod, methodStep, since } from './method.js';
import { openedStep } from './opened.js';
import { METHODS, dressingMethod } from './methods.js';
import { LISTENED, RUN_WORDS } from './run-words.js';
import { dressOf, packAgainLines } from './pack-again.js';
import { SET_BEFORE, setLines } from './set-dresser.js';
import { stickLine } from './methods/stick.js';
import { proudStep } from './methods/wire.js';
import { METHOD_WORDS } from './words.js';

/** Why and with what, then whatever that way asks for, then that it was done evenly, then what must follow it. */
export const dressGate: Gate = (facts, evidence) => {
	const chosen = chosenMethod(facts, evidence);
	const told = evidence.step(methodStep);
	const way = chosen ? dressingMethod(chosen.method) : null;
	const words = chosen ? RUN_WORDS[chosen.method] : LISTENED;
	const done = since(chosen, evidence.newest('dress', ['done', 'again']));
	const method = line({
		key: 'method',
		title: 'Method fits the wheel',
		...(chosen && !told
			? { state: 'ok' as const }
			: { from: told, accepts: UNLESS_STOPPED, waiting: 'why, and with what' }),
		value: chosen ? `${METHOD_WORDS[chosen.method]}${chosen.dresser ? `, ${chosen.dresser.code}` : ''}` : ''
	});
	return [
		method,
		...(way && chosen ? way.lines(facts, evidence, chosen) : []),
		line({
			key: 'sound',
			title: words.even,
			from: done,
			accepts: UNLESS_STOPPED,
			holds: done?.entered.soundEven === true,
			value:
				done?.verdict === 'stop'
					? recordedText(done, '')
					: done?.entered.soundEven === true
						? words.yes
						: words.no,
			waiting: words.waiting
		}),
		...packLines(facts, evidence, chosen),
		...packAgainLines(facts, evidence),
		...(chosen ? setLines(facts, evidence, chosen) : []),
		...(chosen
			? afterwards(facts, evidence, { ...chosen, since: Math.max(chosen.since, done?.id ?? 0) })
			: [])
	];
};

/** Each of the other wheels of a pack is dressed by itself. */
function packLines(facts: SetupFacts, evidence: Evidence, chosen: Chosen | null): GateLine[] {
	return facts.companions.map(({ wheel }) => {
		const done = since(chosen, dressOf(evidence, wheel.number));
		return line({
			key: `sound-${wheel.number}`,
			title: `Wheel ${wheel.number} dressed`,
			from: done,
			accepts: UNLESS_STOPPED,
			holds: done?.entered.soundEven === true,
			value: done?.entered.soundEven === true ? 'sounded even' : 'not even: dress again',
			waiting: 'one by one'
		});
	});
}

/** What is looked at or done after each dress anew: what was seen before it says nothing of the face as it is now. */
const afterwards = (facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine[] => [
	...(dressingMethod(chosen.method).after?.(facts, evidence, chosen) ?? []),
	...followed(facts, evidence, chosen)
];

/** What must follow the way that was taken. */
function followed(facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine[] {
	if (chosen.followUp === 'stick') return [stickLine(facts, evidence, chosen)];
	if (chosen.followUp === 'check-protrusion') {
		const proud = since(chosen, evidence.step(proudStep));
		const bare = partOf(proud, bareGrain);
		return [
			line({
				key: 'proud',
				title: 'Grains stand proud',
				from: bare,
				value: recordedText(
					bare,
					`${proud?.entered.barePercent} %, ${show(facts)(bare?.output.protrusionUm, 'um')}`
				),
				waiting: 'under the glass: 15 to 35 %'
			})
		];
	}
	if (chosen.followUp === 'opening-dress') {
		const opened = since(chosen, evidence.step(openedStep));
		const part = partOf(opened, overlap);
		return [
			line({
				key: 'opening',
				title: 'Opened after truing',
				from: part,
				holds: opened?.entered.done === true,
				value: recordedText(
					part,
					`overlap ${part?.output.overlapRatio.toFixed(1)}, ${part?.output.dressClass}`
				),
				waiting: 'one pass, ordinary bite, quick lead'
			})
		];
	}
	return [];
}

/** Nothing is set before it is known with what, and nothing dressed before it is set. */
export const dressOrder: Station['order'] = (facts) => {
	const own = Object.values(METHODS).flatMap((w) => w.steps.map((step) => step.step));
	const chosen = chosenMethod(facts, Evidence.of(facts));
	const way = chosen ? dressingMethod(chosen.method) : null;
	const before =
		way && chosen
			? ['method', ...way.lines(facts, Evidence.of(facts), chosen).map((l) => l.key), ...SET_BEFORE]
			: ['method'];
	return {
		...Object.fromEntries(own.map((step) => [step, ['method', ...(way?.order?.[step] ?? [])]])),
		opened: ['method'],
		cut: ['method', 'sound'],
		done: before.filter((key) => key !== 'opened'),
		again: before.filter((key) => key !== 'opened')
	};
};
