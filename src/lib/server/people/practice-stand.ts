import { judge } from '../../../core/balance/practice/round.js';
import { rows, write } from '../storage/pool.js';
import { InputFault } from '../refused.js';
import { signedIn } from './permission.js';
import type { User } from './sign-in.js';

export interface StandRun {
	id: number;
	name: string;
	how: 'feel' | 'computed';
	spins: number;
	residualGmm: number;
	toleranceGmm: number;
}

/** The best runs: fewest rolls first, then least left; at most one of each person and way. */
export async function bestRuns(limit = 12): Promise<StandRun[]> {
	const all = await rows<StandRun>(
		`SELECT p.id, u.name, p.how, p.spins, p.residual_gmm AS residualGmm, p.tolerance_gmm AS toleranceGmm FROM practice_runs p JOIN users u ON u.id = p.user_id ORDER BY p.spins, p.residual_gmm / p.tolerance_gmm LIMIT 500`
	);
	const seen = new Set<string>();
	return all.filter((r) => !seen.has(`${r.name}/${r.how}`) && seen.add(`${r.name}/${r.how}`)).slice(0, limit);
}

const whole = (value: unknown, most: number): value is number =>
	typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= most;
/** Keeps a finished run when it is inside the tolerance: what is left is worked out here, from the seed and the weights. @throws InputFault */
export async function keepRun(
	given: Record<string, unknown>,
	user: User
): Promise<{ kept: boolean; residualGmm: number }> {
	signedIn(user);
	if (!whole(given.seed, 4294967295))
		throw new InputFault('seed', 'not-an-integer', 'The round has no number. Load the page again.');
	if (given.how !== 'feel' && given.how !== 'computed')
		throw new InputFault('how', 'unknown-choice', 'Say whether it was by feel or computed.');
	if (!whole(given.spins, 1000) || given.spins < 1)
		throw new InputFault('spins', 'not-an-integer', 'Say how many rolls it took, 1 or more.');
	const weights = given.weights;
	if (
		!Array.isArray(weights) ||
		weights.length !== 2 ||
		!weights.every((weight) => typeof weight === 'number' && Number.isFinite(weight))
	)
		throw new InputFault('weights', 'not-a-list', 'Say where both weights stand.');
	const j = judge(given.seed, weights as number[]);
	if (j.inside)
		await write(
			'INSERT IGNORE INTO practice_runs (user_id, seed, how, spins, residual_gmm, tolerance_gmm) VALUES (?, ?, ?, ?, ?, ?)',
			[user.id, given.seed, given.how, given.spins, j.residualGmm, j.toleranceGmm]
		);
	return { kept: j.inside, residualGmm: j.residualGmm };
}
