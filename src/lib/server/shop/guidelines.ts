import type { System } from '../../../core/quantity/parse.js';
import { addUpToOne } from '../../../core/spec/rank-score.js';
import type { Guidelines } from '../../../core/facts/shop.js';
import { CALCULATIONS } from '../../../core/calculations.js';
import { labelOf } from '../../../core/calculation/fields.js';
import { type Limits, beyondEnds, checkLimits } from '../../../core/calculation/limits.js';
import { checkInput } from '../../../core/calculation/check.js';
import { InputFault } from '../../../core/calculation/fault.js';
import { SHOP_POINTS, type ShopPoint, checkPoints } from '../../../core/prove/shop-points.js';
import { type Tables, TABLE_FIELDS, WEIGHT_FIELDS } from '../../../core/spec/guidelines.js';
import { Refused } from '../refused.js';
import { type Runner, isDuplicate, row, rows, transaction, write } from '../storage/pool.js';
import { mayLead } from '../people/permission.js';
import type { User } from '../people/sign-in.js';

export const TOPICS = ['recommend', 'rank', 'limits', 'points'] as const;
export type Topic = (typeof TOPICS)[number];
export interface GuidelineVersion {
	topic: Topic;
	version: number;
	shipped: number;
	note: string;
	by: string;
	at: Date;
}

interface Points {
	shopPoints: ShopPoint[];
}
interface Raw {
	topic: Topic;
	version: number;
	body: string | null;
}
/** The guideline figures that count now; null where the shipped ones do. */
export async function guidelinesNow(on?: Runner): Promise<Guidelines> {
	const found = await rows<Raw>(
		'SELECT topic, version, body FROM guidelines g WHERE version = (SELECT MAX(version) FROM guidelines x WHERE x.topic = g.topic)',
		[],
		on
	);
	const of = (topic: Topic) => found.find((r) => r.topic === topic && r.body !== null);
	const recommend = of('recommend');
	const rank = of('rank');
	const [limits, points] = [of('limits'), of('points')];
	return {
		tables: recommend
			? ({ ...(JSON.parse(recommend.body!) as object), version: recommend.version } as Tables)
			: null,
		weights: rank ? { ...(JSON.parse(rank.body!) as Record<string, number>) } : null,
		weightsVersion: rank?.version ?? 0,
		limits: limits ? (JSON.parse(limits.body!) as Limits) : {},
		points: points ? (JSON.parse(points.body!) as Points).shopPoints : []
	};
}

/** Figures of this shop that lie beyond an end that no shop may pass, in words; what counts instead stands with each. */
export const beyondInWords = async (on?: Runner): Promise<string[]> =>
	beyondEnds(CALCULATIONS, await limitsNow(on)).map(
		({ calculation, field, own, counts }) =>
			`${calculation.title}, ${labelOf(field).toLowerCase()}: ${own} is beyond what any shop may allow itself; ${counts} counts.`
	);

/** The shop's limits and usual values; empty where the shipped ones count. */
export const limitsNow = async (on?: Runner): Promise<Limits> => (await guidelinesNow(on)).limits;

/** Every change of base grades and weights, newest first. */
export function guidelineHistory(): Promise<GuidelineVersion[]> {
	return rows(
		"SELECT g.topic, g.version, g.body IS NULL AS shipped, g.note, u.name AS `by`, g.at FROM guidelines g JOIN users u ON u.id = g.user_id WHERE g.topic IN ('recommend', 'rank') ORDER BY g.id DESC LIMIT 100"
	);
}

export interface LimitsVersion {
	version: number;
	limits: Limits;
	note: string;
	by: string;
	at: Date;
}
/** Every version of the shop's limits, newest first, with its figures. */
export async function limitsHistory(): Promise<LimitsVersion[]> {
	return (await versionsOf('limits')).map(({ body, ...r }) => ({
		...r,
		limits: body ? (JSON.parse(body) as Limits) : {}
	}));
}
/** Every version of the shop's points of troubles, newest first, with what it weighed otherwise. */
export async function pointsHistory() {
	return (await versionsOf('points')).map(({ body, ...r }) => ({
		...r,
		points: body ? (JSON.parse(body) as Points).shopPoints : []
	}));
}
const versionsOf = (topic: Topic) =>
	rows<Omit<LimitsVersion, 'limits'> & { body: string | null }>(
		'SELECT g.version, g.body, g.note, u.name AS `by`, g.at FROM guidelines g JOIN users u ON u.id = g.user_id WHERE g.topic = ? ORDER BY g.version DESC LIMIT 100',
		[topic]
	);

function checkedBody(topic: Topic, body: unknown, system: System): object {
	if (topic === 'limits') return checkLimits(CALCULATIONS, body, system);
	if (topic === 'rank') {
		const weights = checkInput(WEIGHT_FIELDS, body) as Record<string, number>;
		addUpToOne(weights, 'abrasive');
		return weights;
	}
	if (topic === 'points') return { shopPoints: checkPoints(checkInput([SHOP_POINTS], body).shopPoints) };
	const { materials, operations } = checkInput(TABLE_FIELDS, body);
	operations.forEach((operation, i) => {
		if (
			operation.coarsest > operation.finest ||
			operation.grit < operation.coarsest ||
			operation.grit > operation.finest
		)
			throw new InputFault(
				`operations.${i}.grit`,
				'inconsistent',
				`${operation.operation}: the usual grit ${operation.grit} must lie between ${operation.coarsest} and ${operation.finest}.`
			);
	});
	return { materials, operations };
}

/** Keeps a new version of a topic's figures, or goes back to the shipped ones with a null body. @throws Refused, InputFault */
export async function keepGuidelines(
	topic: Topic,
	body: unknown,
	note: string,
	basedOn: number,
	user: User,
	system: System = 'mm'
): Promise<number> {
	mayLead(user, 'A lead changes guideline figures.');
	if (note.trim().length < 5 || note.length > 200)
		throw new InputFault(
			'note',
			note.length > 200 ? 'above-maximum' : 'missing',
			'Say in 5 to 200 characters why the figures change.'
		);
	const kept = body === null ? null : checkedBody(topic, body, system);
	return transaction(async (on) => {
		const last =
			(
				await row<{ v: number | null }>(
					'SELECT MAX(version) AS v FROM guidelines WHERE topic = ? FOR UPDATE',
					[topic],
					on
				)
			)?.v ?? 0;
		const meanwhile = new Refused(
			409,
			'changed-meanwhile',
			'Somebody changed these figures meanwhile. They are shown as they are now; yours stay here, look and keep them again.'
		);
		if (last !== basedOn) throw meanwhile;
		await write(
			'INSERT INTO guidelines (topic, version, body, note, user_id) VALUES (?, ?, ?, ?, ?)',
			[topic, last + 1, kept === null ? null : JSON.stringify(kept), note.trim(), user.id],
			on
		).catch((e: unknown) => {
			throw isDuplicate(e) ? meanwhile : e;
		});
		return last + 1;
	});
}

/** The newest version number of a topic, 0 when it was never changed. */
export async function guidelineVersion(topic: Topic): Promise<number> {
	return (
		(await row<{ v: number | null }>('SELECT MAX(version) AS v FROM guidelines WHERE topic = ?', [topic]))
			?.v ?? 0
	);
}
