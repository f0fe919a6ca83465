import { LETTERS_OF_FAMILY, type AbrasiveFamily } from './families.js';

/** What another grain brings, in a few words. */
const GRAIN_SAYS: Readonly<Record<string, string>> = {
	alumina: 'tougher, lasts longer, runs hotter',
	'alumina-white': 'breaks more easily, runs cooler, wears sooner',
	'alumina-ceramic': 'keeps breaking into sharp edges: more parts a dress, needs pressure',
	'silicon-carbide': 'sharper and more brittle: loads less, wears sooner on steel',
	'silicon-carbide-green': 'sharpest of the ordinary grains, wears soonest',
	cbn: 'stays sharp far longer and runs coolest; costs more and wants a rigid machine',
	diamond: 'cuts hard metal freely and lasts; costs more'
};
export interface Choice {
	kind: string;
	family: string;
	grit: number;
	grade: string | null;
	structure: number | null;
	bond: string;
	concentrationC: number | null;
	alternativeFamilies: readonly string[];
}
export interface Other {
	marking: string;
	change: string;
	brings: string;
}

const shifted = (grade: string, by: number): string =>
	String.fromCharCode(Math.max(68, Math.min(83, grade.charCodeAt(0) + by)));

/** Two other choices for a job, with what each would change: another grain, and a grade one letter away. */
export function alternativesOf(wish: Choice, burnProne: boolean): Other[] {
	const marking = (letters: string, grade: string) =>
		`${letters} ${wish.grit} ${grade} ${wish.structure} ${wish.bond}`;
	if (wish.kind === 'superabrasive') {
		const less = Math.max(25, (wish.concentrationC ?? 75) - 25);
		const others: Other[] = [
			{
				marking: `D${wish.grit} B C${less}`,
				change: 'less diamond',
				brings: 'cuts freer and costs less, wears sooner'
			}
		];
		const family = wish.alternativeFamilies[0];
		if (family)
			others.push({
				marking: `${LETTERS_OF_FAMILY[family as AbrasiveFamily]} 60 I 8 V`,
				change: 'another grain',
				brings: GRAIN_SAYS[family] ?? ''
			});
		else
			others.push({
				marking: `D${wish.grit} M C${wish.concentrationC}`,
				change: 'metal bond',
				brings: 'holds its shape far longer, runs hotter and is harder to dress'
			});
		return others;
	}
	const own = LETTERS_OF_FAMILY[wish.family as AbrasiveFamily];
	const others: Other[] = [];
	const family = wish.alternativeFamilies[0];
	const grade = wish.grade ?? 'K';
	if (family) {
		const letters = LETTERS_OF_FAMILY[family as AbrasiveFamily];
		const superabrasive = family === 'cbn' || family === 'diamond';
		others.push({
			marking: superabrasive ? `${letters}126 V C100` : marking(letters, grade),
			change: 'another grain',
			brings: GRAIN_SAYS[family] ?? ''
		});
	}
	others.push(
		burnProne
			? {
					marking: marking(own, shifted(grade, -1)),
					change: 'one letter softer',
					brings: 'cooler still, loses size sooner'
				}
			: {
					marking: marking(own, shifted(grade, 1)),
					change: 'one letter harder',
					brings: 'holds size and form longer, burns sooner'
				}
	);
	if (others.length < 2)
		others.push({
			marking: marking(own, shifted(grade, burnProne ? 1 : -1)),
			change: burnProne ? 'one letter harder' : 'one letter softer',
			brings: burnProne ? 'holds size longer, burns sooner' : 'cooler, loses size sooner'
		});
	return others.slice(0, 2);
}
