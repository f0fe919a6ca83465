import { expect } from 'chai';
import { METHODS } from '../../../src/core/dress/methods.js';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { waysFor } from '../../../src/core/route/stations/dress/method.js';
import type { DresserFacts } from '../../../src/core/facts/shop.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { passes } from '../../../src/core/route/gate.js';
import { linesOf } from '../../../src/core/route/stations/index.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import { WHEEL, current, did, faults, line, took, worked } from '../../shared/setup-in-memory.js';
import { CUP, DRAWER, METAL, atDress, chose, settled } from './on-dress.js';

const DONE = { soundEven: true, diameterAfterMm: 289.6 };
const open = (f: SetupFacts): string[] =>
	linesOf('dress', f, Evidence.of(f))
		.filter((l) => !passes(l))
		.map((l) => l.key);

describe('why and with what comes first', () => {
	it('nothing is set or dressed before the way is known', () => {
		for (const step of ['position', 'settings', 'cluster', 'roll', 'wire', 'done'])
			expect(refuse(atDress(), 'dress', step)?.code, step).to.equal('dress.method');
	});
	it('any of the ranked ways is free, an excluded one is refused in a sentence', () => {
		const f = atDress();
		const { ranked, excluded } = waysFor(f, {
			seen: 'just-trued',
			form: 'flat',
			rimResistanceOhm: null
		}).output;
		expect(ranked.length + excluded.length).to.equal(METHODS.length);
		for (const { method } of ranked)
			expect(line(chose(f, method), 'dress', 'method'), method).to.include({ state: 'ok' });
		for (const { method } of excluded)
			expect(faults('inconsistent', 'method', () => chose(f, method)).message, method).to.match(/\.$/);
	});
	it('a diamond never touches a diamond wheel, no wire a bond that does not conduct', () => {
		expect(faults('inconsistent', 'method', () => chose(atDress(CUP), 'single-point')).message).to.match(
			/^Diamond on diamond/
		);
		expect(faults('inconsistent', 'method', () => chose(atDress(CUP), 'wire-edm')).message).to.match(
			/does not conduct/
		);
		faults('inconsistent', 'method', () => chose(atDress(METAL), 'crush-roll'));
	});
	it('a bond that nobody knows is not guessed', () => {
		faults('missing', 'bond', () => chose(atDress({ bondFamily: null }), 'single-point'));
	});
	it('a hybrid bond conducts only when somebody measured it', () => {
		const f = atDress({ ...METAL, bondFamily: 'hybrid' });
		faults('inconsistent', 'method', () => chose(f, 'wire-edm', { seen: 'runs-out' }));
		const measured = chose(f, 'wire-edm', { seen: 'runs-out', rimResistanceOhm: 2 });
		expect(line(measured, 'dress', 'method')).to.include({ state: 'ok' });
	});
	it('takes only a dresser that serves that way, the machine’s own first', () => {
		const two = [...DRAWER, { ...DRAWER[0]!, id: 20, code: 'A-1' }];
		const f = atDress({}, {}, two);
		expect(line(chose(f, 'single-point'), 'dress', 'method')!.value).to.equal('single point, D-9');
		expect(line(chose(f, 'single-point', { dresserCode: 'A-1' }), 'dress', 'method')!.value).to.equal(
			'single point, A-1'
		);
		faults('unknown-choice', 'dresserCode', () => chose(f, 'single-point', { dresserCode: 'N-1' }));
	});
	it('a way chosen anew takes what was set for the other one away', () => {
		const set = settled(chose(atDress(), 'cluster'), 'cluster');
		expect(open(set)).to.deep.equal(['sound']);
		expect(open(chose(set, 'rotary-disc'))).to.deep.equal(['disc', 'plan', 'sound']);
		expect(open(chose(chose(set, 'rotary-disc'), 'cluster'))).to.include('cluster');
	});
});

const CASES: readonly [string, SetupFacts, Record<string, unknown>][] = [
	['cluster', atDress(), {}],
	['rotary-disc', atDress(), {}],
	['rotary-form-roll', atDress(), {}],
	['crush-roll', atDress({}, { spindleRpmMin: 60 }), {}],
	['truing-wheel', atDress({ ...METAL, bondFamily: 'resin' }), { seen: 'runs-out' }],
	['steel-block', atDress({ ...METAL, bondFamily: 'resin' }), { seen: 'runs-out' }],
	['wire-edm', atDress(METAL), { seen: 'runs-out' }],
	['hand-cutter', atDress({}, { kind: 'bench' }), {}]
];

describe('each way of dressing', () => {
	for (const [method, facts, more] of CASES)
		it(`${method}: is set before it is done, and is done once it sounded even`, () => {
			const chosen = chose(facts, method, more);
			expect(refuse(chosen, 'dress', 'done')?.code, 'nothing set yet').to.match(/^dress\./);
			const set = settled(chosen, method);
			expect(refuse(set, 'dress', 'done'), JSON.stringify(open(set))).to.equal(null);
			const uneven = did(set, 'dress', 'done', { ...DONE, soundEven: false });
			expect(line(uneven, 'dress', 'sound')!.state).to.equal('open');
			expect(line(did(set, 'dress', 'done', DONE), 'dress', 'sound')!.state).to.equal('ok');
		});
	it('what must follow is a line of its own', () => {
		const after = (method: string, facts: SetupFacts, more: object) =>
			open(did(settled(chose(facts, method, { ...more }), method), 'dress', 'done', DONE));
		expect(after('truing-wheel', CASES[4]![1], { seen: 'runs-out' })).to.deep.equal(['opened']);
		expect(after('wire-edm', CASES[6]![1], { seen: 'runs-out' })).to.deep.equal(['proud']);
		expect(after('hand-cutter', CASES[7]![1], { seen: 'runs-out' })).to.deep.equal(['face', 'opening']);
		expect(after('cluster', CASES[0]![1], {})).to.deep.equal([]);
	});
	it('truing is done once: what was trued at True is opened at Dress, and no truing is asked for again', () => {
		for (const wheel of [CUP, METAL]) {
			const ways = waysFor(atDress(wheel), {
				seen: 'just-trued',
				form: 'flat',
				rimResistanceOhm: null
			}).output;
			expect(ways.best, 'opens, and trues no more').to.be.oneOf(['stick', 'wire-edm']);
			const f = chose(atDress(wheel), 'stick');
			expect(linesOf('dress', f, Evidence.of(f)).map((l) => l.key)).to.deep.equal([
				'method',
				'opened',
				'sound'
			]);
		}
	});
	it('the stick opens: glazed holds the gate, open lets it go', () => {
		const trued = did(
			settled(chose(CASES[4]![1], 'truing-wheel', { seen: 'runs-out' }), 'truing-wheel'),
			'dress',
			'done',
			DONE
		);
		const pressed = (pressForcesN: number[]) => did(trued, 'dress', 'stick', { pressForcesN });
		expect(line(pressed([50, 49, 48]), 'dress', 'opened')!.state).to.not.equal('ok');
		expect(line(pressed([]), 'dress', 'opened')!.state).to.equal('open');
		const done = pressed([50, 31, 18, 14, 13]);
		expect(line(done, 'dress', 'opened')).to.include({ state: 'ok', value: 'open after 5 presses' });
		expect(current(done)).to.equal('prove');
	});
	it('what is looked at after erosion may be too little or too much', () => {
		const eroded = did(
			settled(chose(CASES[6]![1], 'wire-edm', { seen: 'runs-out' }), 'wire-edm'),
			'dress',
			'done',
			DONE
		);
		const bare = (barePercent: number) =>
			line(did(eroded, 'dress', 'proud', { barePercent }), 'dress', 'proud')!.state;
		expect([bare(8), bare(20), bare(40), bare(60)]).to.deep.equal(['caution', 'ok', 'caution', 'stop']);
	});
});

describe('what a dress takes off', () => {
	it('a cup loses depth of its rim, not its diameter', () => {
		const f = settled(
			chose(atDress({ ...CUP, diameterMm: 125, newDiameterMm: 125, minDiameterMm: 60 }), 'truing-wheel', {
				seen: 'runs-out'
			}),
			'truing-wheel'
		);
		faults('missing', 'rimDepthAfterMm', () =>
			did(f, 'dress', 'done', { soundEven: true, diameterAfterMm: 125 })
		);
		faults('above-maximum', 'rimDepthAfterMm', () =>
			did(f, 'dress', 'done', { soundEven: true, diameterAfterMm: 125, rimDepthAfterMm: 3.1 })
		);
		const done = did(f, 'dress', 'done', { soundEven: true, diameterAfterMm: 125, rimDepthAfterMm: 2.9 });
		expect(done.wheel).to.include({ diameterMm: 125, rimDepthMm: 2.9 });
	});
	it('decides again where the setup stands', () => {
		const f = settled(chose(atDress(), 'rotary-disc'), 'rotary-disc');
		expect(decide(did(f, 'dress', 'done', DONE)).current).to.equal('prove');
	});
});

describe('Select knows what can be dressed here', () => {
	const taken = (wheel: object, dressers: readonly DresserFacts[]): SetupFacts =>
		took({ ...worked('select.take'), dressers }, { ...WHEEL, ...wheel });
	it('a wheel that this shop can dress is said with what', () => {
		expect(line(taken({}, DRAWER), 'select', 'dressable')).to.include({ state: 'ok', value: 'single point' });
	});
	it('one that nothing here brings round or opens is a caution with what is missing', () => {
		const resin = { family: 'diamond', bondFamily: 'resin', gritMeanUm: 115.5 };
		const only = (...kinds: string[]) => DRAWER.filter((d) => kinds.includes(d.kind));
		const l = line(taken(resin, only('single-point', 'stick')), 'select', 'dressable')!;
		expect(l).to.include({ state: 'caution', needsReason: true });
		expect(l.value).to.match(/^nothing here does; missing: truing wheel/);
		expect(line(taken(resin, only('truing-wheel')), 'select', 'dressable')!.state).to.equal('ok');
		expect(line(taken(METAL, only('wire')), 'select', 'dressable')!.state).to.equal('ok');
		expect(line(taken(METAL, only('single-point')), 'select', 'dressable')!.value).to.include('wire erosion');
	});
	it('is not asked where nothing is dressed, or nobody knows the bond', () => {
		const f = worked('select.take');
		const without = { ...f, stations: f.stations.filter((s) => s !== 'dress') };
		expect(line(took(without), 'select', 'dressable')).to.equal(undefined);
		expect(line(took(f, { ...WHEEL, bondFamily: null }), 'select', 'dressable')).to.equal(undefined);
	});
});
