import { between, choice, deg, mm, over0, rpm, um, whole } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { DEG } from '../numeric/angles.js';
import { floorKind } from '../numeric/rounding.js';
import { judgeBite } from './dress-infeed.js';
import { ABRASIVE_GROUP, DEPTH, GRAIN } from './overlap.js';
import { TIP_FIELDS, checkTip, judgeDull, judgeTip, overlapOf } from './tip.js';
import { clearLead, largestGap, suggestedLead } from './tracks.js';

/** Longest lead as a share of the effective width, and how often the worst place should be met (guidelines). */
const TARGETS = {
	rough: { share: 1 / 2, overlap: 2.5 },
	general: { share: 1 / 3, overlap: 4 },
	finish: { share: 1 / 5, overlap: 6 }
} as const;
/** Radius of one point where none was measured (guideline). */
const POINT_RADIUS_UM = 300;
const SLACK = 1 + 1e-9;

/** A nib or cluster of many points: where their tracks fall. */
export const cluster = defineCalculation({
	id: 'dress.cluster',
	worse: {
		clusterWidthMm: 'down',
		pointsAcross: 'up',
		depthUm: 'none',
		tiltDeg: 'up',
		leadUm: 'none',
		tipRadiusUm: 'down',
		flatWidthUm: 'up'
	},
	title: 'Cluster or nib',
	about:
		'Where the tracks of the points fall over one lead, the widest gap between them, and the longest lead that leaves none.',
	source: 'Counting and geometry (first principles); shares and overlaps wanted are guidelines.',
	formulas: [
		'effective width = min(W, a/tan(tilt))',
		'tracks at i p mod lead, the gap going round',
		'track overlap = width a point cuts/largest gap'
	],
	fields: [
		mm('clusterWidthMm', 'Along the traverse', { ...over0(100), required: true }),
		whole('pointsAcross', 'Along the traverse', {
			...between(1, 200),
			required: true,
			label: 'Points across'
		}),
		rpm('wheelSpeedRpm', 'While dressing', { ...over0(200000), required: true }),
		DEPTH,
		deg('tiltDeg', "Nib's face against the wheel's", { ...between(0, 45), default: 0, label: 'Tilt' }),
		choice('target', 'What the wheel is for', ['rough', 'general', 'finish'], { default: 'general' }),
		um('leadUm', 'Judged in place of the one suggested', { ...over0(100000), label: 'Lead' }),
		...TIP_FIELDS,
		ABRASIVE_GROUP,
		GRAIN
	],
	outputs: [
		{ name: 'suggestedLeadUm', unit: 'um', about: 'Lead to use', main: true },
		{ name: 'largestGapUm', unit: 'um', about: 'Widest gap between tracks' },
		{ name: 'clearLeadUm', unit: 'um', about: 'Nearest lead without a gap' },
		{ name: 'leadUm', unit: 'um', about: 'Lead' },
		{ name: 'traverseMmPerMin', unit: 'mm/min', about: 'Traverse' },
		{ name: 'trackOverlapRatio', about: 'Overlap at the worst place' },
		{ name: 'meanOverlapRatio', about: 'Overlap on the mean' },
		{ name: 'overlapRatio', about: 'Times the nib passes a place' },
		{ name: 'effectiveWidthMm', unit: 'mm', about: 'Width that cuts' },
		{ name: 'activePoints', about: 'Points that cut' },
		{ name: 'pointSpacingUm', unit: 'um', about: 'Point to point' },
		{ name: 'activeWidthUm', unit: 'um', about: 'Width one point cuts' },
		{ name: 'sharpnessIndex', about: 'Sharpness index' },
		{ name: 'dressClass', about: 'What kind of dress' }
	],
	example: { clusterWidthMm: 5.8, pointsAcross: 4, wheelSpeedRpm: 1780, depthUm: 23 },
	compute(values) {
		const none = values.tipRadiusUm === null && values.flatWidthUm === 0;
		const point = { ...values, tipRadiusUm: none ? POINT_RADIUS_UM : values.tipRadiusUm };
		checkTip(point.tipRadiusUm, point.flatWidthUm);
		const W = values.clusterWidthMm;
		const effectiveWidthMm =
			values.tiltDeg === 0 ? W : Math.min(W, values.depthUm / 1000 / Math.tan(values.tiltDeg * DEG));
		const pitch = (1000 * W) / values.pointsAcross;
		const activePoints = Math.max(1, floorKind((values.pointsAcross * effectiveWidthMm) / W));
		const nib = { pitchUm: pitch, points: activePoints, effectiveUm: 1000 * effectiveWidthMm };
		const width = overlapOf({ ...point, leadUm: 1 }).activeWidthUm;
		const { share, overlap } = TARGETS[values.target];
		const suggestedLeadUm = suggestedLead(nib, share, width / overlap);
		const leadUm = values.leadUm ?? suggestedLeadUm;
		const gap = largestGap(nib, leadUm);
		const thread = gap > width * SLACK;
		const clearLeadUm = thread ? clearLead(nib, leadUm, 0.9 * width) : null;
		const o = overlapOf({ ...point, leadUm: leadUm / activePoints });
		const beyond = leadUm > nib.effectiveUm * SLACK;
		const findings = judgeBite(new Findings(), values.depthUm, values.abrasive).caution(
			'tracks-leave-thread',
			thread,
			`The points leave ${gap.toFixed(0)} µm between their tracks, each cuts ${width.toFixed(0)} µm: a thread. The nearest lead without one is ${clearLeadUm?.toFixed(0)} µm.`
		);
		judgeDull(judgeTip(findings, point), o.dressClass)
			.caution(
				'cluster-tilted',
				effectiveWidthMm < W / 2,
				'The nib is tilted: only its edge cuts. Set its face flat on the wheel.'
			)
			.caution('thread-on-wheel', beyond, 'The lead is wider than the nib: it cuts a thread into the wheel.')
			.caution(
				'lead-exceeds-half-width',
				!beyond && leadUm > (nib.effectiveUm / 2) * SLACK,
				'The lead is more than half of the width that cuts.'
			);
		return {
			effectiveWidthMm,
			suggestedLeadUm,
			leadUm,
			traverseMmPerMin: (leadUm * values.wheelSpeedRpm) / 1000,
			overlapRatio: nib.effectiveUm / leadUm,
			pointSpacingUm: pitch,
			activePoints,
			activeWidthUm: width,
			largestGapUm: gap,
			trackOverlapRatio: width / gap,
			meanOverlapRatio: (width * activePoints) / leadUm,
			clearLeadUm,
			sharpnessIndex: o.sharpnessIndex,
			dressClass: o.dressClass,
			...findings.judged()
		};
	}
});
