import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import { passes } from '../../../src/core/route/gate.js';
import { did, line } from '../../shared/setup-in-memory.js';
import { FLANGE } from '../../shared/good-work.js';
import { held, inspected, keys } from './on-mount.js';

describe('Mount: bench grinder and tool post', () => {
	const gap = (restGapMm: number, tongueGapMm = 5) =>
		did(inspected(held('bench')), 'mount', 'bench', {
			restGapMm,
			tongueGapMm,
			restAtCentre: true,
			guardsOn: true,
			shieldClear: true,
			boltedDown: true
		});
	it('a rest too far off, a tongue too far off or a guard left off never passes', () => {
		expect(passes(line(gap(2.5), 'mount', 'bench')!)).to.equal(true);
		expect(passes(line(gap(3.5), 'mount', 'bench')!)).to.equal(false);
		expect(passes(line(gap(2.5, 6.5), 'mount', 'bench')!)).to.equal(false);
		const bare = did(inspected(held('bench')), 'mount', 'bench', {
			restGapMm: 2,
			tongueGapMm: 5,
			restAtCentre: true,
			guardsOn: false,
			shieldClear: true,
			boltedDown: true
		});
		expect(line(bare, 'mount', 'bench')!.state).to.equal('stop');
	});
	it('a tool post comes to height before the wheel is fitted, with the ways covered', () => {
		const f = inspected(held('tool-post'));
		expect(keys(f)[0]).to.equal('tool-post');
		expect(
			refuse(
				did(
					did(
						did(f, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false }),
						'mount',
						'flange',
						FLANGE
					),
					'mount',
					'thread'
				),
				'mount',
				'tighten'
			)!.code
		).to.equal('mount.tool-post');
		const set = (more: object) =>
			line(
				did(f, 'mount', 'tool-post', {
					centreOffsetMm: 0.1,
					workDiameterMm: 40,
					grinding: 'external',
					waysCovered: true,
					wheelClearOfChuck: true,
					sizeToleranceUm: 20,
					...more
				}),
				'mount',
				'tool-post'
			)!;
		expect(set({}).state).to.equal('ok');
		expect(passes(set({ waysCovered: false }))).to.equal(false);
		expect(set({ wheelClearOfChuck: false }).state).to.equal('stop');
	});
});
