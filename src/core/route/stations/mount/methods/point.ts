import { measuredWith } from '../../../basis.js';
import { AFTER_MOUNT } from '../../after.js';
import { rpm } from '../../../../calculation/field/index.js';
import { InputFault } from '../../../../calculation/fault.js';
import { SHANKS_MM, mountPoint } from '../../../../mount/point.js';
import { RATED_RPM } from '../../../../shop/ranges.js';
import { Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import type { WheelFacts } from '../../../../facts/wheel.js';
import { UNLESS_STOPPED, line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { wheelOf } from '../../../wheel-size.js';
import { tightenStep } from '../tightening.js';
import type { MountingMethod } from '../mounting-method.js';

/** A shank measures this near to the size it is made in. */
const SHANK_WITHIN_MM = 0.03;

/** The size the shank of a point is made in. @throws InputFault `inconsistent` where what was measured is none of them */
export function shankMm(w: Pick<WheelFacts, 'number' | 'boreMm'>): string {
	const near = [...SHANKS_MM].sort((a, b) => Math.abs(+a - w.boreMm) - Math.abs(+b - w.boreMm))[0]!;
	if (Math.abs(+near - w.boreMm) > SHANK_WITHIN_MM)
		throw new InputFault(
			'wheel',
			'inconsistent',
			`No shank is made ${w.boreMm} mm thick. Measure it, and put it right on the page of point ${w.number}.`
		);
	return near;
}

export const pointStep = defineStep({
	station: 'mount',
	step: 'point',
	title: 'Shank and collet',
	basis: () => measuredWith('rule or caliper'),
	invalidates: AFTER_MOUNT,
	fields: [
		...pick(mountPoint.fields, 'overhangMm', 'spindleLengthMm'),
		rpm('tableRpm', "In its maker's table for this overhang", { ...RATED_RPM, label: 'Rpm by the table' })
	] as const,
	compute(facts, { tableRpm, ...v }) {
		const wheel = wheelOf(facts);
		const marked = [wheel.ratedRpm, tableRpm].filter((x) => x !== null);
		return single(
			compute(facts, mountPoint, {
				...v,
				// A head worn small is lighter and whirls later: the new one is the safe side.
				headDiameterMm: wheel.newDiameterMm,
				headLengthMm: wheel.widthMm,
				spindleDiameterMm: shankMm(wheel),
				ratedRpm: marked.length ? Math.min(...marked) : null,
				ratedSpeedMps: wheel.ratedMps,
				measuredRpm: facts.machine.spindleRpm
			})
		);
	}
});

/** What is known of the point in its collet; null before it was measured there. */
export const pointGripped = (facts: SetupFacts) =>
	Evidence.of(facts).of(mountPoint, 'mount', ['point'])?.output ?? null;

/** A mounted point: cemented on a shank of its own, held by a collet. */
export const point: MountingMethod = {
	words: 'by its own shank in a collet',
	lead: 'The shank is pushed in as deep as it goes and overhangs as little as the work allows.',
	steps: [pointStep],
	parts: [
		{ id: 'point', title: 'Grip', lines: ['point'] },
		{ id: 'collet', title: 'Close the collet', lines: ['tighten'] }
	],
	gate(facts, evidence) {
		const recorded = evidence.step(pointStep);
		const last = evidence.step(tightenStep);
		// Measured anew, it was opened.
		const closed = last && recorded && last.id > recorded.id ? last : null;
		const out = partOf(recorded, mountPoint)?.output;
		const held = show(facts)(out?.gripMm, 'mm');
		return [
			line({
				key: 'point',
				title: 'Held deep, below its whirl',
				from: recorded,
				value: recordedText(
					recorded,
					`${held} held, ${Math.round(100 * (out?.whirlShare ?? 0))} % of its whirl`
				),
				waiting: 'overhang and length of the shank'
			}),
			line({
				key: 'tighten',
				title: 'Collet closed',
				from: closed,
				accepts: UNLESS_STOPPED,
				value: recordedText(closed, `on ${held}`),
				waiting: 'wiped, pushed in, closed'
			})
		];
	},
	beforeTightening: ['point'],
	shownBeforeStart: ['point'],
	spared: ['inspect.ring', 'mount.thread']
};
