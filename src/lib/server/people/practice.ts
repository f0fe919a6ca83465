import { type Drawn, drawWheel } from '../../../core/inspect/ring/trainer.js';
import { row, rows, write } from '../storage/pool.js';
import { InputFault } from '../refused.js';
import { signedIn } from './permission.js';
import type { User } from './sign-in.js';

export interface Score {
	rounds: number;
	right: number;
	missed: number;
	streak: number;
}
const EXERCISE = 'ring';

/** How somebody has done at the ear trainer: rounds, right ones, damaged wheels let through, right ones in a row now. */
export async function scoreOf(userId: number): Promise<Score> {
	const all = await rows<{ shown: string; answered: string }>(
		'SELECT shown, answered FROM practice_rounds WHERE user_id = ? AND exercise = ? ORDER BY id DESC LIMIT 5000',
		[userId, EXERCISE]
	);
	const wrong = all.findIndex((r) => r.shown !== r.answered);
	return {
		rounds: all.length,
		right: all.filter((r) => r.shown === r.answered).length,
		missed: all.filter(
			(r) =>
				(r.shown === 'cracked' || r.shown === 'damped') &&
				(r.answered === 'clear' || r.answered === 'organic')
		).length,
		streak: wrong < 0 ? all.length : wrong
	};
}

/** Everybody's score, best first. */
export async function scores(): Promise<(Score & { name: string })[]> {
	const people = await rows<{ id: number; name: string }>(
		'SELECT DISTINCT u.id, u.name FROM practice_rounds p JOIN users u ON u.id = p.user_id WHERE p.exercise = ?',
		[EXERCISE]
	);
	const list = await Promise.all(people.map(async (p) => ({ name: p.name, ...(await scoreOf(p.id)) })));
	return list.sort((a, b) => b.right / b.rounds - a.right / a.rounds || b.rounds - a.rounds);
}

/** Books one answer; the wheel that was played follows from the seed, so nobody can say it was another one. @throws InputFault */
export async function answerRound(
	seed: unknown,
	answered: unknown,
	user: User
): Promise<{ drawn: Drawn; score: Score }> {
	signedIn(user);
	if (typeof seed !== 'number' || !Number.isInteger(seed) || seed < 0 || seed > 4294967295)
		throw new InputFault('seed', 'not-an-integer', 'The round has no number. Load the page again.');
	const drawn = drawWheel(seed);
	if (typeof answered !== 'string' || !drawn.choices.some((choice) => choice === answered))
		throw new InputFault('answered', 'unknown-choice', `Say one of ${drawn.choices.join(', ')}.`);
	const before = await row('SELECT id FROM practice_rounds WHERE user_id = ? AND exercise = ? AND seed = ?', [
		user.id,
		EXERCISE,
		seed
	]);
	if (!before)
		await write(
			'INSERT IGNORE INTO practice_rounds (user_id, exercise, seed, shown, answered) VALUES (?, ?, ?, ?, ?)',
			[user.id, EXERCISE, seed, drawn.condition, answered]
		);
	return { drawn, score: await scoreOf(user.id) };
}
