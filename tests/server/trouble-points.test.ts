import { expect } from 'chai';
import { guidelineVersion, keepGuidelines, pointsHistory } from '../../src/lib/server/shop/guidelines.js';
import { facts, freeSpindles, lead, machinist, refusedWith, step, workedUpTo } from './fixtures.js';

const OWN = { of: 'burr', cause: 'diamond-loose', points: 9 };
const keep = async (shopPoints: object[] | null, note = 'seen at the machine') =>
	keepGuidelines(
		'points',
		shopPoints && { shopPoints },
		note,
		await guidelineVersion('points'),
		await lead()
	);

describe('points of the trouble finder', () => {
	after(async () => {
		await keep(null, 'back to the shipped ones');
		await freeSpindles(0);
	});
	it("are a lead's, checked, and kept version by version", async () => {
		await refusedWith(
			'lead-only',
			keepGuidelines('points', { shopPoints: [OWN] }, 'because', 0, await machinist())
		);
		const slip = await refusedWith(
			'below-minimum',
			keep([{ of: 'vibration', cause: 'mount-faulty', points: 0 }])
		);
		expect(slip.field).to.equal('shopPoints.0.points');
		await refusedWith('unknown-choice', keep([{ ...OWN, cause: 'gremlins' }]));
		await keep([OWN, { of: 'chatter', cause: 'run-out', points: 4 }]);
		expect((await pointsHistory())[0]!.points, 'what is as shipped is left out').to.deep.equal([OWN]);
	});
	it('weigh in the next search, and what was searched before stays as it was', async () => {
		const { id } = await workedUpTo('never');
		const found = async () => {
			await step(id, 'keep', 'trouble', { symptoms: ['burr'], facts: [] });
			return (await facts(id)).records.filter((r) => r.step === 'trouble').at(-1)!;
		};
		await keep(null, 'back to the shipped ones');
		const before = await found();
		await keep([OWN]);
		expect((await found()).output.top).to.equal('diamond-loose');
		expect(before.output.top).to.not.equal('diamond-loose');
	});
});
