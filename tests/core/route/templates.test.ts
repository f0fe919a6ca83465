import { expect } from 'chai';
import fc from 'fast-check';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { extraCheck } from '../../../src/core/route/extra-check.js';
import { STATIONS, type StationId } from '../../../src/core/route/station-names.js';
import { type ExtraCheck, checkRoute } from '../../../src/core/route/templates.js';
import { refuses } from '../examples.js';

const TOOLROOM: StationId[] = [
	'brief',
	'select',
	'inspect',
	'mount',
	'run-in',
	'true',
	'balance',
	'dress',
	'prove',
	'keep'
];
const without = (...out: StationId[]) => TOOLROOM.filter((s) => !out.includes(s));
const says = (stations: StationId[], checks: ExtraCheck[] = []): string => {
	try {
		checkRoute(stations, checks);
		return '';
	} catch (e) {
		if (e instanceof InputFault) return `${e.field}: ${e.message}`;
		throw e;
	}
};
const check = (more: Partial<ExtraCheck> = {}): ExtraCheck => ({
	id: 'c1',
	station: 'mount',
	text: 'Coolant nozzle aimed',
	kind: 'yes',
	unit: '',
	atMost: null,
	...more
});

describe('routes: what may be changed', () => {
	it('the schools may differ: balance before truing, dress before balance, no balance at all', () => {
		expect(says(TOOLROOM)).to.equal('');
		expect(
			says(['brief', 'select', 'inspect', 'mount', 'balance', 'run-in', 'true', 'dress', 'prove', 'keep'])
		).to.equal('');
		expect(
			says(['brief', 'select', 'inspect', 'mount', 'run-in', 'true', 'dress', 'balance', 'prove', 'keep'])
		).to.equal('');
		expect(says(without('balance', 'true'))).to.equal('');
	});
	it('what protects people may not be left out or put later', () => {
		expect(says(without('inspect'))).to.match(/Inspect is never left out/);
		expect(says(without('run-in'))).to.match(/Run in is never left out/);
		expect(says(['brief', 'select', 'mount', 'inspect', 'run-in', 'keep'])).to.match(
			/Inspect comes before Mount/
		);
		expect(says(['brief', 'select', 'inspect', 'mount', 'true', 'run-in', 'keep'])).to.match(
			/Run in comes before True/
		);
		expect(says([...TOOLROOM.slice(0, -1), 'mount', 'keep'])).to.match(/stands twice/);
		expect(says(['select', 'brief', 'inspect', 'mount', 'run-in', 'keep'])).to.match(/begins with Brief/);
	});
	it('whatever order is accepted, a wheel is looked at before it is mounted and run in before it cuts', () =>
		fc.assert(
			fc.property(fc.shuffledSubarray([...STATIONS], { minLength: 5 }), (order) => {
				if (says(order) !== '') return;
				const at = (s: StationId) => order.indexOf(s);
				expect(at('inspect')).to.be.within(0, at('mount'));
				expect(at('run-in')).to.be.above(at('mount'));
				for (const s of ['true', 'dress', 'prove'] as const)
					if (at(s) >= 0) expect(at(s)).to.be.above(at('run-in'));
			}),
			{ numRuns: 500 }
		));
	it('a check of the shop stands at a station of the route, with its limit, once', () => {
		expect(says(TOOLROOM, [check()])).to.equal('');
		expect(says(without('balance'), [check({ station: 'balance' })])).to.match(
			/checks.0.station: .*not on this route/
		);
		expect(says(TOOLROOM, [check({ kind: 'number' })])).to.match(/checks.0.atMost: .*needs its limit/);
		expect(says(TOOLROOM, [check(), check()])).to.match(/checks.\d.id: Two checks/);
	});
	it('is answered by yes, or by a value within its limit', () => {
		expect(extraCheck.run({ text: 'Nozzle', kind: 'yes', yes: true }).verdict).to.equal('ok');
		expect(extraCheck.run({ text: 'Nozzle', kind: 'yes', yes: false }).verdict).to.equal('stop');
		expect(extraCheck.run({ text: 'Play', kind: 'number', value: -9, atMost: 8 }).verdict).to.equal('stop');
		refuses('route.extra-check', { text: 'Nozzle', kind: 'yes' }, 'yes', 'missing');
		refuses('route.extra-check', { text: 'Play', kind: 'number', atMost: 5 }, 'value', 'missing');
	});
});
