import { expect } from 'chai';
import { calculation } from '../../src/core/calculations.js';
import { parseQuantity } from '../../src/core/quantity/parse.js';
import { example, refuses } from './examples.js';

type Output = Record<string, unknown> & { reasons: { code: string }[]; verdict: string };
const run = (id: string, input: object) => calculation(id).run(input) as Output;
const codes = (id: string, input: object) => run(id, input).reasons.map((r) => r.code);

describe('corners: choice of a wheel', () => {
	const job = { material: 'steel-hardened', operation: 'surface' };
	const open = (value: number) => {
		const row = { material: 'steel-hardened', family: 'alumina-white', grades: 'IIIIIIII', gritStep: 0 };
		return run('spec.recommend', { ...job, tables: { materials: [{ ...row, open: value }] } }).structure;
	};
	it('what a material is opened by is added to the structure', () => {
		expect([open(0), open(2), open(-3)]).to.deep.equal([8, 10, 5]);
	});
	it('creep feed is never dry', () =>
		expect(codes('spec.recommend', { ...job, operation: 'creep-feed', coolant: false })).to.include(
			'creep-feed-dry'
		));
	it('a wheel too narrow for the job, or on a seat of another size, is ruled out', () => {
		const wheel = { id: 'K', diameterMm: 240, widthMm: 19, boreMm: 31.75, minDiameterMm: 150 };
		const rank = (change: object) =>
			(
				run('spec.rank-rack', {
					today: '2030-06-01',
					job: { family: 'alumina', gritMeanUm: 185, minWidthMm: 20 },
					machine: { maxDiameterMm: 255, maxWidthMm: 30, boreMm: 31.75, spindleRpm: 2300 },
					candidates: [{ ...wheel, newDiameterMm: 250, ratedSpeedMps: 35, ...change }]
				}).excluded as { codes: string[] }[]
			)[0]?.codes;
		expect(rank({})).to.deep.equal(['too-narrow']);
		expect(rank({ widthMm: 31 })).to.deep.equal(['too-wide']);
		expect(rank({ widthMm: 20, boreMm: 32 })).to.deep.equal(['bore-mismatch']);
		expect(rank({ widthMm: 20 })).to.equal(undefined);
	});
	it('cups grind on their wall', () => {
		for (const type of ['2', '6', '11'])
			example(
				'spec.shape',
				{ type, useFace: 'periphery' },
				{ grindingFaces: ['side'], codes: ['dimension-missing', 'wrong-face'], verdict: 'stop' }
			);
	});
	it('a standard in front, a type with its profile, a speed behind the bond', () => {
		const text = 'ISO 603-1 1 N-300x50x76,2-A/F 36 L 5 V-50';
		example(
			'spec.parse-marking',
			{ text },
			{
				shape: '1',
				dimsMm: [300, 50, 76.2],
				'abrasive.letters': 'A',
				'grit.number': 36,
				grade: 'L',
				structure: 5,
				'bond.letters': 'V',
				maxSpeedMps: 50,
				makerSuffix: '',
				verdict: 'ok'
			}
		);
		for (const standard of ['EN 12413 ', 'ANSI B7.1 '])
			example('spec.parse-marking', { text: `${standard}A 36 L 5 V` }, { 'grit.number': 36, unknown: [] });
		example(
			'spec.parse-marking',
			{ text: 'A 36 L 5 V50' },
			{ maxSpeedMps: null, makerSuffix: '50', codes: ['ambiguous-trailing-number'] }
		);
		example('spec.parse-marking', { text: 'A 36 L 5 V 51' }, { maxSpeedMps: null, makerSuffix: '51' });
	});
	it('a small number behind D or B is micrometres', () => {
		for (const [label, meanUm] of [
			['D25', 25],
			['MD40', 40],
			['D46', 41.5],
			['B46', 41.5],
			['D54', 49]
		] as const)
			example('spec.grit-size', { system: 'FEPA', label }, { meanUm });
		example('spec.parse-marking', { text: 'D25 B C75' }, { 'grit.system': 'um', 'grit.meanUm': 25 });
		example('spec.parse-marking', { text: 'MD6 B C75' }, { 'grit.system': 'um', 'grit.meanUm': 6 });
	});
	it('m/s written for ft/min is a slip with a name', () => {
		const quoted = { diameterMm: 250, statedRpm: 2522 };
		example(
			'spec.speed-statement',
			{ ...quoted, statedSpeedSfpm: 33.02 },
			{ likelySlip: 'metres-per-second-read-as-feet-per-minute' }
		);
		example('spec.speed-statement', { ...quoted, statedSpeedMps: 4500 }, { likelySlip: null });
		example(
			'spec.speed-statement',
			{ diameterMm: 150, statedRpm: 2000, statedSpeedMps: 3092 },
			{ likelySlip: 'feet-per-minute-read-as-metres-per-second' }
		);
	});
	it('turns a minute and bar are units', () => {
		for (const n of ['2300 min-1', '2300 1/min', '2300 U/min'])
			expect(parseQuantity(n, 'rpm')).to.deep.equal({ value: 2300 });
		expect(parseQuantity('6 bar', 'MPa')).to.deep.equal({ value: 0.6 });
	});
});

describe('corners: other verdicts', () => {
	it('many small chips are a broken rim', () => {
		const chips = (n: number, sizeMm: number) =>
			run('inspect.visual', {
				bond: 'vitrified',
				crack: false,
				markingLegible: true,
				ratedSpeedMps: 50,
				todayDate: '2030-06-01',
				chips: Array.from({ length: n }, () => ({ sizeMm, zone: 'rim' }))
			});
		const said = (n: number, sizeMm: number) => chips(n, sizeMm).reasons.map((r) => r.code);
		expect(said(2, 2.5)).to.deep.equal(['chip-small']);
		expect(said(3, 0.5)).to.deep.equal(['chip-small', 'many-chips']);
		expect(said(2, 2.6)).to.deep.equal(['chip-small', 'many-chips']);
		expect(chips(20, 2.9).verdict).to.equal('stop');
	});
	it('a quill that bends or breaks', () => {
		const quill = (over: object) =>
			run('mount.quill', { ...(calculation('mount.quill').example as object), ...over });
		const bent = quill({ normalForceN: 10000, quillDiameterMm: 10, overhangMm: 30 });
		expect(bent.bendingStressMPa).to.be.closeTo(3055.8, 0.1);
		expect(bent.reasons.map((r) => r.code)).to.include.members(['quill-bends', 'quill-stress']);
		expect(bent.verdict).to.equal('stop');
	});
	it('a stop in the way of the wheel', () => {
		const held = {
			...(calculation('set.work-holding').example as object),
			blocking: 'stop',
			partHeightMm: 30
		};
		expect(codes('set.work-holding', { ...held, stopHeightMm: 40 })).to.include('stop-above-work');
		expect(codes('set.work-holding', { ...held, stopHeightMm: 29.98 })).to.include('stop-above-work');
		expect(codes('set.work-holding', { ...held, stopHeightMm: 29 })).not.to.include('stop-above-work');
	});
	it('another stack than the one wanted', () => {
		expect(codes('form.wrung', { blocksMm: [25], targetMm: 47.7 })).to.deep.equal(['wrong-stack']);
		expect(codes('form.block-stack', { blocksMm: [25], targetMm: 47.7 })).to.deep.equal(['wrong-stack']);
		example(
			'form.block-stack',
			{ blocksMm: [25, 20.5, 1.21, 1.005], targetMm: 47.715, grade: 2 },
			{ stackErrorUm: 2.25 }
		);
	});
	it('a trial that pulls too hard', () => {
		const trial = {
			...(calculation('balance.influence').example as object),
			trialMassG: 500,
			trialRadiusMm: 80
		};
		const heavy = run('balance.influence', { ...trial, speedRpm: 3000 });
		expect(heavy.trialForceN).to.be.closeTo(3948, 0.5);
		expect(heavy.verdict).to.equal('stop');
		const light = { ...trial, trialMassG: 10, speedRpm: 3000 };
		expect(codes('balance.influence', light)).to.deep.equal([]);
		expect(codes('balance.influence', { ...light, rotorMassKg: 50 })).to.deep.equal(['trial-heavy']);
		expect(run('balance.influence', { ...light, rotorMassKg: 5 }).verdict).to.equal('stop');
		expect(codes('balance.influence', { ...light, initialMmPerS: 4.5 })).to.include('vibration-too-high');
		refuses('balance.influence', { ...light, stopMmPerS: 7.2 }, 'stopMmPerS', 'above-maximum');
	});
	it('a shake as a meter shows it', () => {
		const shake = run('balance.tolerance', calculation('balance.tolerance').example);
		expect(Number(shake.vibrationRmsMmPerS) * Math.SQRT2).to.be.closeTo(Number(shake.vibrationMmPerS), 1e-12);
	});
	it('the first working day is day 1', () => {
		const life = (fromDate: string, parts: number, partsPerDay: number) =>
			run('keep.life-forecast', {
				diameterMm: 300,
				minDiameterMm: 299.999,
				redressUm: 100,
				partsPerRedress: parts,
				partsPerDay,
				fromDate
			}).lastDate;
		expect(life('2026-05-04', 10, 5)).to.equal('2026-05-05');
		expect(life('2026-05-02', 15, 1)).to.equal('2026-05-22');
	});
	it('a trial cut that stands out is named, and left out on wish', () => {
		const base = { leadUm: 60, depthUm: 10, specificRemovalMm2PerS: 1, wheelSpeedMps: 30, raUm: 0.3 };
		const cuts = [base, { ...base, raUm: 0.31 }, { ...base, raUm: 0.29 }, { ...base, raUm: 0.9 }];
		const fit = run('dress.fit-finish', { grainSizeUm: 170, cuts });
		expect(fit.outliers).to.deep.equal([3]);
		const without = run('dress.fit-finish', { grainSizeUm: 170, cuts, leaveOut: [3] });
		expect(without.cutsUsed).to.equal(3);
		expect(without.outliers).to.deep.equal([]);
		refuses('dress.fit-finish', { grainSizeUm: 170, cuts, leaveOut: [0, 1] }, 'leaveOut', 'too-many');
		refuses('dress.fit-finish', { grainSizeUm: 170, cuts, leaveOut: [4] }, 'leaveOut.0', 'above-maximum');
		const wild = [0.1, 0.3, 0.9, 2.7].map((raUm) => ({ ...base, raUm }));
		expect(codes('dress.fit-finish', { grainSizeUm: 170, cuts: wild })).to.include('scatter');
	});
	it('a taper that is a slip', () =>
		refuses(
			'set.register-dresser',
			{ ...(calculation('set.register-dresser').example as object), odStartXMm: 1245, odEndXMm: 12.45 },
			'odStartXMm',
			'not-a-taper'
		));
	it('where a dress is dull that is said first', () =>
		expect(codes('dress.overlap', { tipRadiusUm: 100, depthUm: 120, leadUm: 5 })[0]).to.equal(
			'dressed-dull'
		));
	it('exactly a quarter quicker is not too quick, and no stroke ends where it begins', () => {
		const pace = { wheelWidthMm: 19, wheelSpeedRpm: 2850, leadUm: 60 };
		const s = Number(run('dress.hand-pace', pace).passTimeS);
		expect(codes('dress.hand-pace', { ...pace, measuredPassTimeS: s / 1.25 })).to.deep.equal([]);
		refuses(
			'set.stroke',
			{ workStartMm: 10, workEndMm: 10, tableSpeedMPerMin: 15 },
			'workEndMm',
			'inconsistent'
		);
	});
	it('no dress takes the whole radius', () => {
		const crush = {
			...(calculation('dress.crush').example as object),
			wheelDiameterMm: 10,
			totalDepthUm: 5000
		};
		refuses('dress.crush', crush, 'totalDepthUm', 'above-maximum');
		const plunge = calculation('dress.rotary-plunge').example as object;
		refuses(
			'dress.rotary-plunge',
			{ ...plunge, wheelDiameterMm: 10, totalDepthUm: 5000 },
			'totalDepthUm',
			'above-maximum'
		);
	});
});
