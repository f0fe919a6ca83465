import { example, refuses } from '../examples.js';

describe('spec.concentration', () => {
	const id = 'spec.concentration';
	it('diamond C75 in a rim', () =>
		example(
			id,
			{ family: 'diamond', notation: 'C', value: 75, diameterMm: 150, rimWidthMm: 10, rimDepthMm: 5 },
			{ volPercent: 18.75, caratPerCm3: 3.3, rimVolumeCm3: 22.777, rimCarat: 75.16 },
			5e-4
		));
	it('boron nitride V240', () =>
		example(
			id,
			{ family: 'cbn', notation: 'V', value: 240 },
			{ volPercent: 24, concentrationC: 96, caratPerCm3: 4.176, rimCarat: null, verdict: 'ok' }
		));
	it('doubts more than half and refuses more than can be', () => {
		example(id, { family: 'diamond', notation: 'C', value: 210 }, { codes: ['concentration-high'] });
		refuses(id, { family: 'diamond', notation: 'C', value: 241 }, 'value', 'above-maximum');
		refuses(
			id,
			{ family: 'diamond', notation: 'C', value: 75, diameterMm: 20, rimWidthMm: 5, rimDepthMm: 11 },
			'rimDepthMm',
			'above-maximum'
		);
	});
});
