import { expect } from 'chai';
import { keepRoute, routeHistory } from '../../src/lib/server/shop/route-templates.js';
import { lead, refusedWith, step, wheel } from './fixtures.js';
import { on, current, line } from './on-a-route.js';

describe('a check of the shop', () => {
	it('holds the gate until it is answered, and a no stops it', async () => {
		const r = (await routeHistory('lathe-tool-post'))[0]!;
		await keepRoute(
			'lathe-tool-post',
			{
				...r,
				checks: [
					{
						id: 'play',
						station: 'brief',
						text: 'Play of the slide',
						kind: 'number',
						unit: 'mm',
						atMost: 0.05
					}
				],
				note: 'worn slide found'
			},
			r.version,
			await lead()
		);
		const id = await on('lathe-tool-post', 'SG-1');
		expect(await current(id)).to.equal('brief');
		await refusedWith('brief.check-play', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'brief', 'check', { checkId: 'play', value: 0.2 });
		expect((await line(id, 'brief', 'check-play')).state).to.equal('stop');
		await step(id, 'brief', 'check', { checkId: 'play', value: 0.03 });
		expect(await current(id)).to.equal('select');
		await refusedWith('unknown-choice', step(id, 'select', 'check', { checkId: 'play', value: 1 }));
	});
});
