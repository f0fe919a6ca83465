import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const PAPER = {
	present: true,
	outerDiameterMm: 95,
	innerDiameterMm: 51.5,
	thicknessMm: 0.6,
	condition: 'good'
};
const PAIR = {
	wheelDiameterMm: 240,
	boreMm: 50.8,
	backFlangeDiameterMm: 90,
	frontFlangeDiameterMm: 90,
	backRecessDiameterMm: 62,
	frontRecessDiameterMm: 62,
	clean: true,
	burred: false,
	blotters: { back: PAPER, front: PAPER }
};
const flanges = (backFlangeDiameterMm: number, frontFlangeDiameterMm = backFlangeDiameterMm) => ({
	backFlangeDiameterMm,
	frontFlangeDiameterMm
});
const hollows = (backRecessDiameterMm: number, frontRecessDiameterMm = backRecessDiameterMm) => ({
	backRecessDiameterMm,
	frontRecessDiameterMm
});
/** One blotter other than the good ones, on either side. */
const paper = (other: object, side: 'back' | 'front' = 'front') => ({
	blotters: { ...PAIR.blotters, [side]: { ...PAPER, ...other } }
});
const bothSides = (other: object) => [paper(other, 'back'), paper(other, 'front')];

limits('mount.flange-check', PAIR, [
	{
		code: 'flanges-unequal',
		severity: 'stop',
		not: [{}, flanges(90, 89.5), flanges(89.5, 90), { ...flanges(90, 89), equalToleranceMm: 1 }],
		yes: [flanges(90, 89.4), flanges(89.4, 90)]
	},
	{
		code: 'relief-unequal',
		severity: 'stop',
		not: [{}, hollows(62, 61.5), hollows(61.5, 62)],
		yes: [hollows(62, 61.4), hollows(61.4, 62)]
	},
	{
		code: 'flange-too-small',
		severity: 'stop',
		not: [
			flanges(80),
			{ ...flanges(80), wheelType: 'recessed' },
			{ ...flanges(70), wheelType: 'cutting-off' },
			{ ...flanges(72), minRatio: 0.3 }
		],
		yes: [
			flanges(79.9),
			flanges(80, 79.9),
			flanges(79.9, 80),
			{ ...flanges(70), ...hollows(55), wheelDiameterMm: 281, wheelType: 'cutting-off' },
			{ ...flanges(71.9), minRatio: 0.3 }
		]
	},
	{
		code: 'not-relieved',
		severity: 'stop',
		not: [{}, hollows(50.9)],
		yes: [hollows(50.8), hollows(51, 50.8), hollows(50.8, 51), hollows(0)]
	},
	{
		code: 'contact-narrow',
		severity: 'caution',
		// 240 mm across needs 7.4993 mm.
		not: [hollows(75), { ...hollows(86), minContactWidthMm: 2 }, hollows(84)],
		yes: [hollows(75.1), hollows(75.1, 75), hollows(75, 75.1), hollows(82)]
	},
	{
		code: 'contact-too-narrow',
		severity: 'stop',
		not: [hollows(82.5), { ...hollows(86), minContactWidthMm: 2 }],
		yes: [hollows(82.6)]
	},
	{
		code: 'pressed-hard',
		severity: 'caution',
		not: [{}, { clampForceN: 33420 }, { clampForceN: 84000 }],
		yes: [{ clampForceN: 33450 }, { clampForceN: 83500 }]
	},
	{
		code: 'crushed',
		severity: 'stop',
		not: [{}, { clampForceN: 83500 }],
		yes: [{ clampForceN: 84000 }]
	},
	{ code: 'flange-dirty', severity: 'caution', not: [{}], yes: [{ clean: false }] },
	{ code: 'flange-burred', severity: 'stop', not: [{}], yes: [{ burred: true }] },
	{
		code: 'blotter-missing',
		severity: 'stop',
		not: [{}, { blotters: null, blotterExempt: true }],
		yes: bothSides({ present: false })
	},
	{
		code: 'blotter-damaged',
		severity: 'stop',
		not: [{}, paper({ present: false, condition: 'torn' })],
		yes: [...bothSides({ condition: 'creased' }), paper({ condition: 'torn' }), paper({ condition: 'wet' })]
	},
	{
		code: 'blotter-short',
		severity: 'stop',
		not: [paper({ outerDiameterMm: 90 }), paper({ innerDiameterMm: 62 })],
		yes: [...bothSides({ outerDiameterMm: 89.9 }), ...bothSides({ innerDiameterMm: 62.1 })]
	},
	{
		code: 'blotter-thickness',
		severity: 'caution',
		not: [paper({ thicknessMm: 0.2 }), paper({ thicknessMm: 1.5 })],
		yes: [...bothSides({ thicknessMm: 0.19 }), ...bothSides({ thicknessMm: 1.51 })]
	},
	{
		code: 'flange-runout',
		severity: 'stop',
		not: [{}, { runoutUm: 24.9 }],
		yes: [{ runoutUm: 25 }, { runoutUm: 10, runoutLimitUm: 10 }]
	},
	{
		code: 'flange-runout-high',
		severity: 'caution',
		not: [{}, { runoutUm: 5 }, { runoutUm: 25 }],
		yes: [{ runoutUm: 5.1 }, { runoutUm: 24.9 }]
	}
]);

describe('mount.flange-check: what it measures', () => {
	it('the ring of each flange, and the pressure on the smaller one', () => {
		const area = (Math.PI / 4) * (90 ** 2 - 70 ** 2);
		example(
			'mount.flange-check',
			{ ...PAIR, ...hollows(60, 70), clampForceN: 5000 },
			{
				minFlangeDiameterMm: 80,
				backRatio: 0.375,
				frontRatio: 0.375,
				backContactWidthMm: 15,
				frontContactWidthMm: 10,
				contactAreaMm2: area,
				contactPressureMPa: 5000 / area
			}
		);
	});
	it('a flange presses on paper from the hollow out, or from the bore where it has no hollow', () => {
		example(
			'mount.flange-check',
			{ ...PAIR, ...hollows(0) },
			{ contactAreaMm2: (Math.PI / 4) * (90 ** 2 - 50.8 ** 2), contactPressureMPa: null }
		);
	});
	it('a blotter need not reach further in than the bore', () => {
		const wide = (innerDiameterMm: number) => ({
			...PAIR,
			...hollows(40),
			blotters: { back: { ...PAPER, innerDiameterMm }, front: { ...PAPER, innerDiameterMm } }
		});
		example('mount.flange-check', wide(50.8), { codes: ['not-relieved'] });
		example('mount.flange-check', wide(50.9), { codes: ['blotter-short', 'not-relieved'] });
	});
	it('a wheel that needs no paper is not asked for any', () => {
		example(
			'mount.flange-check',
			{ ...PAIR, blotters: null, blotterExempt: true },
			{ verdict: 'ok', codes: [] }
		);
	});
	it('refuses sizes that cannot be, by their field', () => {
		const no = (v: object, field: string, code = 'above-maximum') =>
			refuses('mount.flange-check', { ...PAIR, ...v }, field, code);
		no({ boreMm: 240 }, 'boreMm');
		no({ backRecessDiameterMm: 90 }, 'backRecessDiameterMm');
		no({ frontRecessDiameterMm: 90 }, 'frontRecessDiameterMm');
		no({ blotters: null }, 'blotters', 'missing');
		no({ blotters: { front: PAPER } }, 'blotters.back', 'missing');
		no({ blotters: { back: PAPER } }, 'blotters.front', 'missing');
		for (const key of ['outerDiameterMm', 'innerDiameterMm', 'thicknessMm', 'condition'])
			no(paper({ [key]: null }), `blotters.front.${key}`, 'missing');
	});
	it('a blotter that is not there need not be described', () => {
		const out = calculation('mount.flange-check').run({
			...PAIR,
			blotters: { back: { present: false }, front: PAPER }
		}) as { verdict: string };
		expect(out.verdict).to.equal('stop');
	});
});
