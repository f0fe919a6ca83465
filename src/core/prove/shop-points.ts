import { between, choice, group, keysOf, list, whole } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import {
	CAUSES,
	type Cause,
	FACT_POINTS,
	type Fact,
	SYMPTOM_POINTS,
	type Symptom,
	pointsOf
} from './trouble-points.js';

export const SYMPTOMS = keysOf(SYMPTOM_POINTS);
export const FACTS = keysOf(FACT_POINTS);
const MAX = 9;

/** What a symptom or a fact says of a cause in this shop, in place of the shipped points. */
export interface ShopPoint {
	of: Symptom | Fact;
	cause: Cause;
	/** 0: it says nothing of it any more. */
	points: number;
}
export const SHOP_POINTS = list(
	'shopPoints',
	'Where this shop weighs otherwise than shipped',
	group(
		'point',
		'One point',
		[
			choice('of', 'Seen, heard or known', [...SYMPTOMS, ...FACTS], { required: true, label: 'When' }),
			choice('cause', 'What it speaks for or against', keysOf(CAUSES), { required: true }),
			whole('points', '0: it says nothing of it', { ...between(-MAX, MAX), required: true })
		],
		{ required: true }
	),
	{ default: [] as ShopPoint[], maxItems: 300, label: 'Points of the shop' }
);

const SHIPPED: Readonly<Record<Symptom | Fact, string>> = { ...SYMPTOM_POINTS, ...FACT_POINTS };
/** Points as shipped; 0 where a symptom or a fact says nothing of a cause. @example shippedPoints('chatter', 'run-out') // 4 */
export const shippedPoints = (of: Symptom | Fact, cause: Cause): number =>
	pointsOf(SHIPPED[of]).find(([c]) => c === cause)?.[1] ?? 0;

/** What a symptom or a fact says in this shop: the shipped points, the shop's own in their place. */
export function pointsHere(of: Symptom | Fact, own: readonly ShopPoint[]): [Cause, number][] {
	const mine = own.filter((p) => p.of === of);
	const shipped = pointsOf(SHIPPED[of]).filter(([cause]) => !mine.some((p) => p.cause === cause));
	return [...shipped, ...mine.map((p): [Cause, number] => [p.cause, p.points])].filter(([, n]) => n !== 0);
}

/**
 * Points as a lead sends them: each pair once, a symptom never against a cause, and nothing that speaks less for a faulty mounting than
 * shipped, because that one stops. What is as shipped is left out. @throws InputFault
 */
export function checkPoints(given: readonly ShopPoint[]): ShopPoint[] {
	const kept: ShopPoint[] = [];
	for (const [i, p] of given.entries()) {
		const at = `shopPoints.${i}.points`;
		const shipped = shippedPoints(p.of, p.cause);
		if (given.findIndex((o) => o.of === p.of && o.cause === p.cause) !== i)
			throw new InputFault(
				`shopPoints.${i}.cause`,
				'inconsistent',
				`Point ${i + 1} says the same pair as one above it. Leave one of the two out.`
			);
		if (p.of in SYMPTOM_POINTS && p.points < 0)
			throw new InputFault(
				at,
				'below-minimum',
				`Points of what is seen must be 0 or more; you entered ${p.points}. Let a fact speak against a cause.`
			);
		if (p.cause === 'mount-faulty' && p.points < shipped)
			throw new InputFault(
				at,
				'below-minimum',
				`A faulty mounting counts ${shipped} or more here; you entered ${p.points}. It stops the search so that nobody runs on: more may speak for it, never less.`
			);
		if (p.points !== shipped) kept.push(p);
	}
	return kept;
}
