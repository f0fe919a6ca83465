import { expect } from 'chai';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { notOnStand, notTurning } from '../../../src/core/route/stations/balance/where.js';
import { GOOD } from '../../shared/good-work.js';
import { current, did, faults, line, setup, took, worked } from '../../shared/setup-in-memory.js';
import { atBalance, backOnSpindle, onSpindle } from './at-balance.js';

const of = (step: string) => GOOD.find(([s, n]) => s === 'balance' && n === step)![2];
const VIBRATION = { initialMmPerS: 2, trialMassG: 20, trialRadiusMm: 60, runs: [] };

describe('Balance: over to the stand and back', () => {
	it('is not measured on the stand before it was booked there', () => {
		const f = onSpindle();
		expect(line(f, 'balance', 'off')).to.include({ state: 'open', value: 'lock out, lift over' });
		for (const step of ['swing', 'marks', 'mass', 'rest', 'stays'])
			expect(refuse(f, 'balance', step), step).to.include({ code: 'balance.off' });
		expect(refuse(f, 'balance', 'level'), 'the stand is levelled before').to.equal(null);
		expect(notOnStand(atBalance())).to.equal(null);
	});
	it('every line of taking it off is asked, and by whom it is lifted is judged by what it weighs', () => {
		const f = onSpindle();
		for (const [field, code] of [
			['isolated', 'inconsistent'],
			['arborClean', 'inconsistent']
		] as const)
			faults(code, field, () => did(f, 'balance', 'off', { ...of('off'), [field]: false }));
		faults('missing', 'lifted', () => did(f, 'balance', 'off', { isolated: true, arborClean: true }));
		faults('missing', 'hoistCapacityKg', () => did(f, 'balance', 'off', { ...of('off'), lifted: 'hoist' }));
		const heavy = { ...f, mount: { ...f.mount!, massKg: 40 } };
		expect(() => did(heavy, 'balance', 'off', { ...of('off'), lifted: 'hand' })).to.throw(/lift|hand|hoist/i);
		expect(line(did(f, 'balance', 'off', of('off')), 'balance', 'off')!.state).to.equal('ok');
	});
	it('what turns is measured on the spindle: after it ran, and after a guarded start when it was off', () => {
		expect(refuse(onSpindle(), 'balance', 'auto')).to.equal(null);
		expect(refuse(atBalance(), 'balance', 'auto')).to.include({ code: 'balance.turning' });
		const back = did(atBalance(), 'balance', 'back', of('back'));
		expect(notTurning(back)).to.match(/guarded start comes first/);
		expect(notTurning(did(back, 'balance', 'restart', of('restart')))).to.equal(null);
		expect(() => did(atBalance(), 'balance', 'runs', VIBRATION)).to.throw(/on the stand/);
	});
	it('where it is balanced before it ever ran, only the stand is open; Run in is its guarded start', () => {
		const { stations } = setup();
		const first = [
			...stations.slice(0, 4),
			'balance' as const,
			...stations.slice(4).filter((s) => s !== 'balance')
		];
		let f = took(did(setup({ stations: first }), 'brief', 'brief'));
		for (const [s, n, v] of GOOD) {
			if (s === 'run-in') break;
			f = did(f, s, n, v);
		}
		expect(current(f)).to.equal('balance');
		expect(notTurning(f)).to.match(/has not run here yet/);
		expect(refuse(f, 'balance', 'auto')).to.include({ code: 'balance.turning' });
		f = did(did(did(f, 'balance', 'off', of('off')), 'balance', 'stays'), 'balance', 'back', of('back'));
		expect(line(f, 'balance', 'restart')).to.equal(undefined);
		expect(current(f)).to.equal('run-in');
	});
	it('on the stand nothing else goes on: back, tight and started guarded come first', () => {
		const quiet = did(atBalance(), 'balance', 'stays');
		expect(current(quiet)).to.equal('balance');
		expect(decide(quiet).next).to.equal('Back on the spindle');
		expect(refuse(quiet, 'dress', 'method')).to.include({ code: 'balance.back' });
		for (const [station, step] of [
			['run-in', 'start'],
			['true', 'after']
		] as const)
			expect(refuse(quiet, station, step), 'nor what came before').to.include({ code: 'balance.back' });
		const back = did(quiet, 'balance', 'back', of('back'));
		expect(refuse(back, 'true', 'after')).to.equal(null);
		expect(refuse(back, 'dress', 'method')).to.include({ code: 'balance.restart' });
		expect(current(backOnSpindle(quiet))).to.equal('dress');
	});
	it('what comes back must be clean and tight; what is heard then stops it', () => {
		for (const field of ['isolated', 'tapersClean', 'tightened'])
			faults('inconsistent', field, () =>
				did(atBalance(), 'balance', 'back', { ...of('back'), [field]: false })
			);
		const back = did(did(atBalance(), 'balance', 'stays'), 'balance', 'back', of('back'));
		const open = did(back, 'balance', 'restart', { ...of('restart'), guardClosed: false });
		expect(line(open, 'balance', 'restart')!.state).to.equal('stop');
		const short = did(back, 'balance', 'restart', { ...of('restart'), ranS: 5 });
		expect(line(short, 'balance', 'restart')!.state).to.equal('stop');
		const knock = did(back, 'balance', 'restart', { ...of('restart'), heard: 'knock' });
		expect(knock.wheel!.state).to.equal('quarantined');
	});
	it('off again, and it has to come back again', () => {
		const again = did(worked('dress.method'), 'balance', 'off', of('off'));
		expect(line(again, 'balance', 'back')!.state).to.equal('open');
		expect(current(again)).to.equal('balance');
	});
	it('a wheel balanced on its spindle stays there', () => {
		const f = did(onSpindle(), 'balance', 'auto', { standIn: true });
		for (const key of ['off', 'back', 'restart']) expect(line(f, 'balance', key), key).to.equal(undefined);
		expect(current(f)).to.equal('dress');
	});
});
