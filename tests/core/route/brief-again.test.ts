import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import { requiredSpec } from '../../../src/core/route/stations/brief/steps.js';
import { current, did, faults, line, setup, took, worked } from '../../shared/setup-in-memory.js';

const job = (change: object) => ({ ...setup().brief, ...change });

describe('Brief: told again', () => {
	it('until a wheel is taken it is simply told anew, and the wheel it asks for follows', () => {
		const f = did(setup(), 'brief', 'brief');
		const finer = did(f, 'brief', 'again', job({ targetRaUm: 0.2 }));
		expect(finer.brief.targetRaUm).to.equal(0.2);
		expect(requiredSpec(finer).marking).not.to.equal(requiredSpec(f).marking);
		expect(line(finer, 'brief', 'job')!.value).to.equal(requiredSpec(finer).marking);
		expect(finer.records.map((r) => r.step).slice(0, 1), 'the first telling stays').to.deep.equal(['brief']);
		expect(current(finer)).to.equal('select');
	});
	it('with a wheel taken, it has to be chosen again, and nothing that was done with it is lost', () => {
		const f = worked('balance.off');
		const other = did(f, 'brief', 'again', job({ targetRaUm: 0.2 }));
		expect(current(other)).to.equal('select');
		expect(refuse(other, 'balance', 'off')).to.include({ code: 'select.taken' });
		const same = took(other, { ...f.wheel!, state: 'mounted' });
		expect(current(same)).to.equal('balance');
	});
	it('a name or a number is no other job', () => {
		const f = worked('balance.off');
		const more = did(f, 'brief', 'named', job({ quantity: 40, part: 'Port plate, rear' }));
		expect(more.brief).to.include({ quantity: 40, part: 'Port plate, rear' });
		expect(current(more)).to.equal('balance');
		faults('inconsistent', 'part', () => did(f, 'brief', 'named', job({ targetRaUm: 0.2 })));
		faults('inconsistent', 'part', () => did(f, 'brief', 'again', job({ quantity: 40 })));
	});
	it('as it was told already it is not told again, and not once it is released', () => {
		faults('inconsistent', 'part', () => did(worked('balance.off'), 'brief', 'again', job({})));
		expect(refuse({ ...worked('keep.entry'), state: 'released' }, 'brief', 'again')).to.include({
			code: 'released'
		});
	});
});
