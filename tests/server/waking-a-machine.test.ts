import { expect } from 'chai';
import { refusedWith, step, wheel } from './fixtures.js';
import { on, current, line } from './on-a-route.js';

describe('crash recovery and waking an old machine', () => {
	it('the spindle is measured before any wheel', async () => {
		const id = await on('crash-recovery', 'SG-1');
		expect(await current(id)).to.equal('machine');
		await refusedWith('machine.runout', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'machine', 'runout', { taperRunoutUm: 4, flangeRunoutUm: 30 });
		await refusedWith('machine.runout', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'machine', 'runout', { taperRunoutUm: 4, flangeRunoutUm: 5 });
		await step(id, 'select', 'take', { wheelNumber: await wheel() });
		expect(await current(id)).to.equal('inspect');
	});
	it('an old machine is looked at dead, its stop tried, its direction seen', async () => {
		const id = await on('recommission', 'SG-1');
		const woken = {
			inspectedIsolated: true,
			stopsSetClose: true,
			guardSound: true,
			wheelFitted: false,
			hydraulic: false,
			rotationSeen: 'ccw',
			emergencyStop: 'works'
		};
		await step(id, 'machine', 'recommission', woken);
		expect((await line(id, 'machine', 'awake')).value).to.match(/wrong way/);
		await refusedWith('machine.awake', step(id, 'select', 'take', { wheelNumber: await wheel() }));
		await step(id, 'machine', 'recommission', { ...woken, rotationSeen: 'cw' });
		expect(await current(id)).to.equal('select');
	});
});
