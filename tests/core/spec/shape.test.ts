import { expect } from 'chai';
import { SHAPE_NUMBERS } from '../../../src/core/spec/shape-tables.js';
import { shape } from '../../../src/core/spec/shape.js';
import { example, refuses } from '../examples.js';

describe('spec.shape', () => {
	const id = 'spec.shape';
	it('recessed one side', () =>
		example(
			id,
			{
				type: 5,
				diameterMm: 300,
				thicknessMm: 40,
				boreMm: 76.2,
				recessDiameterMm: 150,
				recessDepthMm: 13,
				useFace: 'periphery'
			},
			{
				webThicknessMm: 27,
				verdict: 'ok',
				name: 'recessed one side',
				missing: [],
				grindingFaces: ['periphery']
			}
		));
	it('a cup whose rim is too wide', () =>
		example(
			id,
			{ type: 6, diameterMm: 125, thicknessMm: 50, boreMm: 32, rimWidthMm: 65, backThicknessMm: 13 },
			{ conflicts: ['rimWidthMm'], verdict: 'stop', codes: ['impossible-dimensions'] }
		));
	it('the side of a cutting-off wheel', () => {
		example(
			id,
			{ type: 41, diameterMm: 125, thicknessMm: 2, boreMm: 22.23, useFace: 'side' },
			{ verdict: 'stop', codes: ['face-not-meant-for-grinding'] }
		);
		example(
			id,
			{ type: 1, diameterMm: 125, thicknessMm: 20, boreMm: 22.23, useFace: 'side' },
			{ verdict: 'caution' }
		);
	});
	it('thin webs and missing sizes', () => {
		example(
			id,
			{
				type: 7,
				diameterMm: 300,
				thicknessMm: 40,
				boreMm: 76.2,
				recessDiameterMm: 150,
				recessDepthMm: 13,
				secondRecessDepthMm: 10
			},
			{ webThicknessMm: 17, codes: ['web-thin'] }
		);
		example(
			id,
			{
				type: 7,
				diameterMm: 300,
				thicknessMm: 40,
				boreMm: 76.2,
				recessDiameterMm: 150,
				recessDepthMm: 25,
				secondRecessDepthMm: 15
			},
			{ conflicts: ['recessDepthMm'] }
		);
		example(
			id,
			{ type: 11, diameterMm: 100 },
			{
				missing: [
					'thicknessMm',
					'boreMm',
					'rimWidthMm',
					'backThicknessMm',
					'smallDiameterMm',
					'insideFlatDiameterMm'
				],
				codes: ['dimension-missing']
			}
		);
	});
	it('knows nine types and no other', () => {
		for (const type of SHAPE_NUMBERS) expect(shape.run({ type }).required.length).to.be.at.least(3);
		expect(shape.run({ type: 12 })).to.deep.equal(shape.run({ type: '12' }));
		refuses(id, { type: 3 }, 'type', 'unknown-choice');
		refuses(id, { type: 1, boreMm: 0 }, 'boreMm', 'below-minimum');
	});
});
