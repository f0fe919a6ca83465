import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const G = {
	workLengthMm: 60,
	workWidthMm: 12,
	workDepthMm: 0.5,
	partCount: 20,
	diameterBeforeMm: 250,
	diameterAfterMm: 249.9,
	wheelWidthMm: 15,
	dressLossUm: 20
};
describe('keep.g-ratio', () => {
	it('twenty parts, dressed once between', () =>
		example('keep.g-ratio', G, {
			workVolumeMm3: 7200,
			wheelWearVolumeMm3: 353.3868,
			gRatio: 20.37428,
			gRatioWithDressing: 12.22554,
			radialWearUm: 30,
			radialWearPerPartUm: 1.5,
			relativeUncertainty: 0.04714045,
			gLow: 19.45706,
			gHigh: 21.38225,
			verdict: 'ok',
			codes: []
		}));
	it('the band holds the value, and has no top when the reading is no better than the wear', () => {
		example('keep.g-ratio', { ...G, diameterErrorUm: 50 }, { gHigh: null });
		example('keep.g-ratio', { ...G, workLengthMm: null, workVolumeMm3: 7200 }, { gRatio: 20.37428 });
	});
	it('refuses what says nothing', () => {
		refuses('keep.g-ratio', { ...G, diameterAfterMm: 249.96 }, 'diameterAfterMm', 'not-measurable');
		refuses('keep.g-ratio', { ...G, workWidthMm: null }, 'workWidthMm', 'missing');
		const { workLengthMm: _l, workWidthMm: _w, workDepthMm: _d, ...none } = G;
		refuses('keep.g-ratio', none, 'workVolumeMm3', 'missing');
	});
});
limits('keep.g-ratio', G, [
	{
		code: 'wear-too-small-to-measure',
		severity: 'caution',
		not: [{ diameterErrorUm: 12.72 }],
		yes: [{ diameterErrorUm: 12.74 }]
	}
]);
