import { expect } from 'chai';
import { answerRound, scoreOf, scores } from '../../src/lib/server/people/practice.js';
import { drawWheel } from '../../src/core/inspect/ring/trainer.js';
import { lead, refusedWith } from './fixtures.js';

describe('the ear trainer keeps score', () => {
	it('by what was really played, each wheel once', async () => {
		const who = await lead();
		const before = await scoreOf(who.id);
		const seed = 4242;
		const truth = drawWheel(seed).condition;
		const wrong = truth === 'clear' ? 'cracked' : 'clear';
		expect((await answerRound(seed, wrong, who)).drawn.condition).to.equal(truth);
		await answerRound(seed, truth, who);
		const after = await scoreOf(who.id);
		expect(after.rounds).to.equal(before.rounds + 1);
		expect(after.right).to.equal(before.right);
		expect((await answerRound(4243, drawWheel(4243).condition, who)).score.streak).to.equal(1);
		expect((await scores()).map((s) => s.name)).to.include('Mara Okonjo');
	});
	it('refuses what is no round and no answer', async () => {
		for (const seed of ['4', -1, 1.5, null, 2 ** 40])
			await refusedWith('not-an-integer', answerRound(seed, 'clear', await lead()));
		await refusedWith('unknown-choice', answerRound(5, 'loud', await lead()));
	});
});
