import { expect } from 'chai';
import { alternativesOf } from '../../../src/core/spec/alternatives.js';
import { recommend } from '../../../src/core/spec/recommend.js';
import { limits } from '../limits.js';

const JOB = { material: 'steel-hardened', operation: 'surface' };
const of = (more: object = {}) => recommend.run({ ...JOB, ...more });
const work = (material: string, more: object = {}) => ({ material, ...more });

limits('spec.recommend', JOB, [
	{
		code: 'titanium-dry',
		severity: 'caution',
		not: [work('titanium'), { coolant: false }],
		yes: [work('titanium', { coolant: false })]
	},
	{
		code: 'loads-wheel',
		severity: 'caution',
		not: [work('aluminium'), work('copper-alloy'), { operation: 'off-hand' }],
		yes: [work('aluminium', { operation: 'off-hand' }), work('copper-alloy', { operation: 'off-hand' })]
	},
	{
		code: 'dry-burn-risk',
		severity: 'caution',
		not: [{ burnProne: true }, { coolant: false }],
		yes: [{ burnProne: true, coolant: false }]
	},
	{
		code: 'needs-superabrasive',
		severity: 'caution',
		not: [work('ceramic'), { superabrasiveAvailable: false }],
		yes: [work('ceramic', { superabrasiveAvailable: false })]
	},
	{
		code: 'finish-outside-operation-range',
		severity: 'caution',
		not: [{}, { targetRaUm: 0.6 }],
		yes: [{ targetRaUm: 0.05 }, { targetRaUm: 3 }]
	},
	{
		code: 'outside-anchored-range',
		severity: 'caution',
		not: [{ targetRaUm: 0.1 }, { targetRaUm: 3.2 }],
		yes: [{ targetRaUm: 0.099 }, { targetRaUm: 3.21 }]
	},
	{
		code: 'shift-clamped',
		severity: 'caution',
		not: [{}, { burnProne: true }],
		yes: [{ burnProne: true, hardnessHrc: 66, contactLengthMm: 30, contactArea: 'wide' }]
	}
]);

describe('spec.recommend: grit and marking', () => {
	it('without a finish the usual grit of the operation, a step aside where the material asks for it', () => {
		expect(of().grit).to.equal(46);
		expect(of(work('aluminium')).grit, 'one step coarser').to.equal(36);
		expect(of(work('carbide', { superabrasiveAvailable: false })).grit, 'one step finer').to.equal(54);
		const ends = (material: string, grit: number) =>
			of(work(material, { stockedGrits: [grit], superabrasiveAvailable: false })).grit;
		expect([ends('aluminium', 46), ends('carbide', 46)], 'nothing beyond what is stocked').to.deep.equal([
			46, 46
		]);
	});
	it('with a finish the grit that gives it, held to what the operation takes', () => {
		expect(of({ targetRaUm: 0.8 }).grit).to.equal(60);
		expect(of({ targetRaUm: 0.05 }).grit, 'finest of surface grinding').to.equal(220);
		expect(of({ targetRaUm: 3 }).grit, 'coarsest of surface grinding').to.equal(36);
	});
	it('a finish is said to be a hint where the rule was not drawn for the grain', () => {
		const notes = (material: string, more: object = {}) =>
			of(work(material, { targetRaUm: 0.8, ...more })).notes;
		expect(notes('steel-hardened')).not.to.include('finish-not-anchored');
		expect(notes('cast-iron-grey')).to.include('finish-not-anchored');
		expect(of(work('cast-iron-grey')).notes).not.to.include('finish-not-anchored');
		expect(notes('carbide')).to.include('hard-metal-dust');
		expect(notes('steel-hardened')).not.to.include('hard-metal-dust');
	});
	it('is not moved by more than three letters', () => {
		const far = of({ burnProne: true, hardnessHrc: 66, contactLengthMm: 30, contactArea: 'wide' });
		expect([far.baseGrade, far.gradeShift, far.grade]).to.deep.equal(['H', -3, 'E']);
	});
});

describe('spec.recommend: diamond', () => {
	const diamond = (targetRaUm: number | null, more: object = {}) =>
		of(work('ceramic', { targetRaUm, ...more }));
	it('a finer code for a finer finish', () => {
		const codes: [number | null, number][] = [
			[null, 126],
			[0.61, 151],
			[0.6, 126],
			[0.41, 126],
			[0.4, 91],
			[0.26, 91],
			[0.25, 64],
			[0.16, 64],
			[0.15, 46]
		];
		for (const [ra, code] of codes) expect(diamond(ra).grit, String(ra)).to.equal(code);
	});
	it('as much of it as the operation wants', () => {
		const c = (operation: string) => diamond(null, { operation }).marking;
		expect([c('surface'), c('creep-feed'), c('face-segment')]).to.deep.equal([
			'D126 B C75',
			'D126 B C100',
			'D126 B C50'
		]);
	});
	it('for carbide where diamond may be used and it is not held by hand', () => {
		const family = (more: object) => of(work('carbide', more)).family;
		expect(family({})).to.equal('diamond');
		expect(family({ superabrasiveAvailable: false })).to.equal('silicon-carbide-green');
		expect(family({ operation: 'off-hand' })).to.equal('silicon-carbide-green');
		expect(of(work('carbide')).alternativeFamilies).to.deep.equal(['silicon-carbide-green']);
		expect(diamond(null).alternativeFamilies).to.deep.equal([]);
	});
});

describe('two other wheels for a job', () => {
	const wish = {
		kind: 'conventional',
		family: 'alumina-white',
		grit: 60,
		grade: 'K',
		structure: 8,
		bond: 'V',
		concentrationC: null,
		alternativeFamilies: [] as string[]
	};
	const markings = (more: object = {}, burnProne = false) =>
		alternativesOf({ ...wish, ...more } as Parameters<typeof alternativesOf>[0], burnProne).map(
			(o) => o.marking
		);
	it('a letter either way where no other grain serves; the softer first where it burns', () => {
		expect(markings()).to.deep.equal(['WA 60 L 8 V', 'WA 60 J 8 V']);
		expect(markings({}, true)).to.deep.equal(['WA 60 J 8 V', 'WA 60 L 8 V']);
		expect(markings({ grade: null })).to.deep.equal(['WA 60 L 8 V', 'WA 60 J 8 V']);
	});
	it('never beyond D and S', () => {
		expect(markings({ grade: 'S' })).to.deep.equal(['WA 60 S 8 V', 'WA 60 R 8 V']);
		expect(markings({ grade: 'D' })).to.deep.equal(['WA 60 E 8 V', 'WA 60 D 8 V']);
	});
	it('another grain and one letter, two in all', () => {
		expect(markings({ alternativeFamilies: ['alumina-ceramic', 'cbn'] })[1]).to.equal('WA 60 L 8 V');
		expect(markings({ alternativeFamilies: ['silicon-carbide'] })).to.deep.equal([
			'C 60 K 8 V',
			'WA 60 L 8 V'
		]);
		expect(markings({ alternativeFamilies: ['cbn'] })[0]).to.equal('B126 V C100');
		expect(markings({ alternativeFamilies: ['diamond'] })[0]).to.equal('D126 V C100');
	});
	it('of diamond: less of it, and another grain or a metal bond', () => {
		const diamond = {
			kind: 'superabrasive',
			family: 'diamond',
			grit: 91,
			grade: null,
			structure: null,
			bond: 'B'
		};
		expect(markings({ ...diamond, concentrationC: 75 })).to.deep.equal(['D91 B C50', 'D91 M C75']);
		expect(markings({ ...diamond, concentrationC: 40 })[0], 'a quarter is the least').to.equal('D91 B C25');
		expect(
			markings({ ...diamond, concentrationC: 75, alternativeFamilies: ['silicon-carbide-green'] })
		).to.deep.equal(['D91 B C50', 'GC 60 I 8 V']);
	});
});
