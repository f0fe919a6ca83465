import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { BITE_HEAVY_UM, BITE_STOP_UM } from '../dress/dress-infeed.js';
import { SLACK } from '../numeric/rounding.js';
import { flankBite, segmentFeed } from './flank-bite.js';
import { passList } from './pass-list.js';
import { PASS_FIELDS, checkSizes } from './pass-fields.js';
import { chainOf, summaryOf } from './profile/chain.js';
import { lengthBelow, radiusTimesDepth, squaredRadius } from './profile/integrals.js';
import { offsetPath } from './profile/offset-path.js';
import { type Segment, lengthOf } from './profile/segment.js';
import { unreached } from './profile/unreached.js';
import { offsetOf } from './tool.js';

const LEFT_UM = 1;

/** The passes that bring a form into a blank rim, nested to its shape, and what they do. */
export const formPasses = defineCalculation({
	id: 'form.passes',
	worse: { minDiameterMm: 'up', roughDepthUm: 'up' },
	title: 'Passes of a form',
	about:
		'How the form is worked in: passes, time, volume, what each flank really gets of them, and what is left of the wheel.',
	source: 'First principles; body of revolution by Pappus; limits of the bite are guidelines.',
	formulas: [
		'stock = deepest x - blank',
		'time = passes (60 path/feed + return)',
		'volume = integral of pi [(R - blank)^2 - (R - x)^2] dz; cup: integral of 2 pi r (x - blank) dz',
		'bite on a flank p: a cos p; sideways shift a tan(p/2)'
	],
	fields: PASS_FIELDS,
	outputs: [
		{ name: 'passCount', about: 'Passes', main: true },
		{ name: 'roughCount', about: 'Rough' },
		{ name: 'roughEachUm', unit: 'um', about: 'Each rough' },
		{ name: 'finishCount', about: 'Finish' },
		{ name: 'finishEachUm', unit: 'um', about: 'Each finish' },
		{ name: 'sparkOutCount', about: 'With no feed' },
		{ name: 'stockUm', unit: 'um', about: 'To take off at the deepest place' },
		{ name: 'timeS', unit: 's', about: 'Time' },
		{ name: 'pathLengthMm', unit: 'mm', fine: true, about: 'Path' },
		{ name: 'removedVolumeMm3', unit: 'mm3', about: 'Wheel taken off' },
		{ name: 'largestDiameterMm', unit: 'mm', fine: true, about: 'Largest diameter' },
		{ name: 'smallestDiameterMm', unit: 'mm', fine: true, about: 'Smallest diameter' },
		{ name: 'crestUsedMm', unit: 'mm', fine: true, about: 'Rim lost at the crest' },
		{ name: 'stockLeftMm', unit: 'mm', fine: true, about: 'Abrasive left beneath' },
		{ name: 'passes', about: 'One by one' },
		{ name: 'segmentBites', about: 'What each flank gets' },
		{ name: 'segmentFeeds', about: 'Feed that keeps the contact even' }
	],
	example: {
		segments: [
			{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
			{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
		],
		tool: { kind: 'single-point', tipRadiusMm: 0.2, includedAngleDeg: 60 },
		wheelDiameterMm: 160,
		roughDepthUm: 40,
		finishDepthUm: 10,
		feedMmPerMin: 100
	},
	compute(values) {
		const chain = chainOf(values.segments);
		const form = summaryOf(chain);
		checkSizes(values, form);
		const rho = values.tool ? offsetOf(values.tool) : 0;
		const path = offsetPath(chain, rho);
		const pathLengthMm = path.segments.reduce((l, segment) => l + lengthOf(segment), 0);
		const stockUm = Math.max(0, 1000 * (form.maxXMm - values.blankXMm));
		const plan = passList({ ...values, stockUm });
		const { roughEachUm, finishEachUm } = plan;
		const lastUm = plan.finishCount ? finishEachUm : roughEachUm;
		const bites = chain.map((segment, i) =>
			flankBite(segment, i, { roughUm: roughEachUm, finishUm: finishEachUm, lastUm })
		);
		const face = values.surface === 'face';
		const smallest = values.wheelDiameterMm - 2 * form.maxXMm;
		const deepest = values.rimDepthMm === null ? null : values.rimDepthMm - values.rimDepthMinMm;
		const left = values.tool ? 1000 * unreached(chain, path, rho).mm : 0;
		const bite = Math.max(roughEachUm, finishEachUm);
		const none = bites.some((b) => b.state === 'none');
		const dull = bites.some((b) => b.state === 'dull');
		const findings = new Findings()
			.stop(
				'below-minimum-diameter',
				!face && values.minDiameterMm !== null && smallest < values.minDiameterMm - SLACK,
				`The form goes down to ${smallest.toFixed(3)} mm, the abrasive ends at ${values.minDiameterMm} mm.`
			)
			.stop(
				'deeper-than-rim',
				face && deepest !== null && form.maxXMm > deepest + SLACK,
				`The form goes ${form.maxXMm.toFixed(3)} mm deep, the rim has ${deepest?.toFixed(3)} mm to give.`
			)
			.caution(
				'wall-not-dressed',
				none,
				'A wall gets nothing of a shift straight in. Shift along the axis as well.'
			)
			.caution(
				'flank-dressed-dull',
				dull,
				'A flank gets so little that it is rubbed dull. Shift along the axis as well.'
			)
			.stop(
				'depth-too-great',
				bite > BITE_STOP_UM + SLACK,
				`A bite of ${bite.toFixed(1)} µm breaks diamonds and wheels. Take ${BITE_STOP_UM} µm at most.`
			)
			.caution(
				'dress-depth-over-guideline',
				bite <= BITE_STOP_UM + SLACK && values.roughDepthUm > BITE_HEAVY_UM + SLACK,
				`Bites over ${BITE_HEAVY_UM} µm are hard on the diamond.`
			)
			.caution(
				'unreachable-concave',
				left > LEFT_UM + SLACK,
				`The nose leaves ${left.toFixed(1)} µm in a hollow.`
			);
		return {
			surface: values.surface,
			stockUm,
			roughCount: plan.roughCount,
			roughEachUm,
			finishCount: plan.finishCount,
			finishEachUm,
			sparkOutCount: values.sparkOutPasses,
			passCount: plan.passes.length,
			passes: plan.passes.map((pass) => ({
				...pass,
				contactLengthMm: contact(chain, values.blankXMm + pass.remainingUm / 1000)
			})),
			pathLengthMm,
			timeS: plan.passes.length * ((60 * pathLengthMm) / values.feedMmPerMin + values.returnS),
			removedVolumeMm3: face ? offTheFace(chain, values, form.start.zMm) : offTheRim(chain, values),
			largestDiameterMm: face ? null : values.wheelDiameterMm - 2 * form.minXMm,
			smallestDiameterMm: face ? null : smallest,
			crestUsedMm: form.minXMm - values.blankXMm,
			stockLeftMm: face
				? deepest === null
					? null
					: deepest - form.maxXMm
				: values.minDiameterMm === null
					? null
					: (values.wheelDiameterMm - values.minDiameterMm) / 2 - form.maxXMm,
			segmentBites: bites,
			segmentFeeds: chain.map((segment, i) => segmentFeed(segment, i, rho, values.feedMmPerMin)),
			...findings.judged()
		};
	}
});

/** Length of the form that a pass touches: what lies deeper than it. */
const contact = (chain: readonly Segment[], levelMm: number): number =>
	chain.reduce((l, segment) => l + lengthBelow(segment, levelMm), 0);

interface Blank {
	wheelDiameterMm: number;
	blankXMm: number;
	rimWidthMm: number | null;
}
const offTheRim = (chain: readonly Segment[], v: Blank): number => {
	const rim = v.wheelDiameterMm / 2;
	return chain.reduce(
		(sum, segment) =>
			sum + Math.PI * ((rim - v.blankXMm) ** 2 * (segment.z1Mm - segment.z0Mm) - squaredRadius(segment, rim)),
		0
	);
};
/** Of a cup: the smallest z lies on the inner diameter of its rim. */
const offTheFace = (chain: readonly Segment[], v: Blank, leastZMm: number): number =>
	chain.reduce(
		(sum, segment) =>
			sum +
			2 * Math.PI * radiusTimesDepth(segment, v.wheelDiameterMm / 2 - v.rimWidthMm! - leastZMm, v.blankXMm),
		0
	);
