import { expect } from 'chai';
import fc from 'fast-check';
import { CAUSES, FACT_POINTS, SYMPTOM_POINTS, pointsOf } from '../../../src/core/prove/trouble-points.js';
import { FACTS, SYMPTOMS } from '../../../src/core/prove/shop-points.js';
import type { Suspect } from '../../../src/core/prove/troubleshoot.js';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

interface Found {
	causes: Suspect[];
	causeCount: number;
	top: string | null;
}
const find = (symptoms: readonly string[], facts: readonly string[] = []) =>
	run<Found>('prove.troubleshoot', { symptoms, facts });

describe('prove.troubleshoot', () => {
	it('a finish too rough after a quick dress', () =>
		example(
			'prove.troubleshoot',
			{ symptoms: ['poor-finish'], facts: ['overlap-below-2'] },
			{
				top: 'dress-too-coarse',
				causeCount: 8,
				'causes.0.score': 8,
				'causes.0.share': 0.3809524,
				'causes.1.code': 'grit-too-coarse',
				'causes.1.score': 4,
				verdict: 'ok'
			}
		));
	it('every cause of the tables has its action, and every point its cause', () => {
		for (const line of [...Object.values(SYMPTOM_POINTS), ...Object.values(FACT_POINTS)])
			for (const [cause, points] of pointsOf(line)) {
				expect(CAUSES, cause).to.have.property(cause);
				expect(points).to.satisfy(Number.isInteger);
			}
	});
	it('shares add up to one, scores fall, the points shown make the score, and nothing counts twice', () =>
		fc.assert(
			fc.property(
				fc.subarray([...SYMPTOMS], { minLength: 1 }),
				fc.subarray([...FACTS]),
				(symptoms, facts) => {
					const o = find(symptoms, facts);
					if (o.causes.length) expect(o.causes.reduce((s, c) => s + c.share, 0)).to.be.closeTo(1, 1e-9);
					for (const [i, c] of o.causes.entries()) {
						expect(c.because.reduce((s, b) => s + b.points, 0)).to.equal(c.score);
						expect(c.score).to.be.above(0);
						if (i) expect(o.causes[i - 1]!.score).to.be.at.least(c.score);
					}
					expect(find([...symptoms, ...symptoms], [...facts, ...facts])).to.deep.equal(o);
				}
			),
			{ numRuns: 60 }
		));
	it('a fact alone brings no cause in, and facts may leave none', () => {
		expect(find(['taper'], ['diamond-rattles']).causes.map((c) => c.code)).to.not.include('diamond-loose');
		refuses('prove.troubleshoot', { symptoms: [], facts: ['face-shiny'] }, 'symptoms', 'too-few');
		refuses('prove.troubleshoot', { symptoms: ['smell'] }, 'symptoms.0', 'unknown-choice');
		refuses(
			'prove.troubleshoot',
			{ symptoms: ['taper'], facts: ['taper', 'moon'] },
			'facts.0',
			'unknown-choice'
		);
	});
});
limits('prove.troubleshoot', { symptoms: ['vibration'] }, [
	{
		code: 'check-mounting-first',
		severity: 'stop',
		not: [{ symptoms: ['chatter'], facts: ['started-after-mounting'] }],
		yes: [{}, { facts: ['started-after-mounting'] }]
	}
]);
