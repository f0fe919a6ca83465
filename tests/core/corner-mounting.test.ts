import { expect } from 'chai';
import { calculation } from '../../src/core/calculations.js';
import { example, refuses } from './examples.js';

type Output = Record<string, unknown> & { reasons: { code: string }[]; verdict: string };
const run = (id: string, input: object) => calculation(id).run(input) as Output;
const codes = (id: string, input: object) => run(id, input).reasons.map((r) => r.code);
const blotter = {
	present: true,
	outerDiameterMm: 250,
	innerDiameterMm: 30,
	thicknessMm: 0.5,
	condition: 'good'
};
const flanges = (wheel: number, bore: number, flange: number, hollow: number) => ({
	wheelDiameterMm: wheel,
	boreMm: bore,
	backFlangeDiameterMm: flange,
	frontFlangeDiameterMm: flange,
	backRecessDiameterMm: hollow,
	frontRecessDiameterMm: hollow,
	clean: true,
	burred: false,
	blotters: { back: blotter, front: blotter }
});
describe('corners: mounting', () => {
	it('a bore far too loose is a stop and is not called loose beside it', () => {
		expect(codes('mount.fit-check', { boreMm: 63.5, arborMm: 35 })).to.deep.equal([
			'nominal-mismatch',
			'far-too-loose'
		]);
		expect(codes('mount.fit-check', { boreMm: 40.3, arborMm: 40 })).to.deep.equal(['loose-fit']);
		refuses(
			'mount.fit-check',
			{ boreMm: 40.3, arborMm: 40, mostPlayUm: 1001 },
			'mostPlayUm',
			'above-maximum'
		);
	});
	it('the contact ring follows the wheel', () => {
		example('mount.flange-check', flanges(600, 203.2, 212, 205), {
			minContactWidthMm: 18.45,
			frontContactWidthMm: 3.5,
			codes: ['contact-too-narrow']
		});
		example('mount.flange-check', flanges(205, 31.75, 80, 68), {
			minContactWidthMm: 6.40623,
			frontContactWidthMm: 6,
			codes: ['contact-narrow']
		});
		refuses('mount.flange-check', flanges(200, 50, 200, 60), 'backFlangeDiameterMm', 'above-maximum');
		refuses(
			'mount.flange-check',
			{ ...flanges(205, 31.75, 80, 68), minRatio: 0.2 },
			'minRatio',
			'below-minimum'
		);
	});
	it('screws are judged by what they are proved to', () => {
		const m6 = (finalTorqueNm: number) => ({ screwCount: 4, finalTorqueNm, screwDiameterMm: 6 });
		example('mount.tightening-order', m6(8), {
			forcePerScrewN: 6666.667,
			totalForceN: 26666.67,
			proofShare: 0.5712,
			contactPressureMPa: null,
			verdict: 'ok'
		});
		example('mount.tightening-order', m6(12), {
			proofShare: 0.8568,
			codes: ['screw-high'],
			verdict: 'caution'
		});
		example('mount.tightening-order', m6(75), { codes: ['screw-yields'], verdict: 'stop' });
		example(
			'mount.tightening-order',
			{ screwCount: 4, finalTorqueNm: 75 },
			{ proofShare: null, forcePerScrewN: null, verdict: 'ok' }
		);
		expect(codes('mount.tightening-order', { ...m6(8), contactAreaMm2: 2000 })).to.deep.equal([
			'pressed-hard'
		]);
		expect(codes('mount.tightening-order', { ...m6(8), contactAreaMm2: 1000 })).to.deep.equal(['crushed']);
	});
});
