import { choice, list } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { FACTS, SHOP_POINTS, SYMPTOMS, pointsHere } from './shop-points.js';
import { CAUSES, type Cause, type Fact, type Symptom } from './trouble-points.js';

const MOUNT_FIRST = 4;

export interface Suspect {
	code: Cause;
	score: number;
	share: number;
	because: { code: Symptom | Fact; points: number }[];
	action: string;
}

/** What is seen, heard and known, weighed: likely causes with the points that led there, and what to do next. */
export const troubleshoot = defineCalculation({
	id: 'prove.troubleshoot',
	title: 'Find the trouble',
	about:
		'Symptoms bring causes in, facts speak for and against them. The points are shown, so that everybody can see why.',
	source: 'Shop judgement, editable; no measurement.',
	formulas: [
		'score = points of the symptoms + points of the facts',
		'a fact counts only for causes a symptom brought in; nothing counts twice'
	],
	fields: [
		list('symptoms', 'What is seen or heard', choice('symptom', 'Symptom', SYMPTOMS, { required: true }), {
			required: true,
			minItems: 1,
			maxItems: 50
		}),
		list('facts', 'What is known', choice('fact', 'Fact', FACTS, { required: true }), {
			default: [] as Fact[],
			maxItems: 100
		}),
		SHOP_POINTS
	],
	outputs: [
		{ name: 'top', about: 'Most likely', main: true },
		{ name: 'nextAction', about: 'Do this next' },
		{ name: 'causeCount', about: 'Causes left' },
		{ name: 'causes', about: 'Ranked' }
	],
	example: { symptoms: ['poor-finish'], facts: ['overlap-below-2'] },
	compute({ symptoms, facts, shopPoints }) {
		const because = new Map<Cause, Suspect['because']>();
		for (const code of new Set(symptoms))
			for (const [cause, points] of pointsHere(code, shopPoints))
				because.set(cause, [...(because.get(cause) ?? []), { code, points }]);
		for (const code of new Set(facts))
			for (const [cause, points] of pointsHere(code, shopPoints)) because.get(cause)?.push({ code, points });
		const scored = [...because]
			.map(([code, why]) => ({ code, score: why.reduce((s, w) => s + w.points, 0), because: why }))
			.filter((c) => c.score > 0)
			.sort((a, b) => b.score - a.score || (a.code < b.code ? -1 : 1));
		const sum = scored.reduce((s, c) => s + c.score, 0);
		const causes: Suspect[] = scored.map(({ code, score, because }) => ({
			code,
			score,
			share: score / sum,
			because,
			action: CAUSES[code]
		}));
		const findings = new Findings().stop(
			'check-mounting-first',
			causes.some((cause) => cause.code === 'mount-faulty' && cause.score >= MOUNT_FIRST),
			'The mounting may be at fault. Stop, lock out, check flanges, blotters, nut and bore fit before any more running.'
		);
		return {
			causes,
			causeCount: causes.length,
			top: causes[0]?.code ?? null,
			nextAction: causes[0]?.action ?? null,
			...findings.judged()
		};
	}
});
