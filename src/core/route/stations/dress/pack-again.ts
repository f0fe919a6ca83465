import { from0, group, list, mm, over0, text, um, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { mountPack } from '../../../mount/pack.js';
import { Evidence, type Recorded, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, line } from '../../gate.js';
import { recordedText } from '../../gate-text.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { packStep } from '../mount/methods/pack.js';

/** Wheels of the pack, the leading one first. */
export const packNumbers = (facts: SetupFacts): string[] => [
	wheelOf(facts).number,
	...facts.companions.map((companion) => companion.wheel.number)
];

/** What was dressed is measured again, every wheel of it, and stood for as it is now. */
export const packAgainStep = defineStep({
	station: 'dress',
	step: 'pack',
	title: 'Pack measured after the dress',
	fields: [
		list(
			'wheels',
			'Each by itself',
			group(
				'wheel',
				'A wheel of the pack',
				[
					text('number', 'As on its tag', { required: true, maxLength: 20, label: 'Wheel' }),
					mm('diameterMm', 'Across, after the dress', {
						...over0(1000),
						required: true,
						label: 'Diameter now'
					}),
					um('radialRunoutUm', 'Tightened', { ...from0(5000), required: true, label: 'Rim' }),
					um('axialRunoutUm', 'Tightened', { ...from0(5000), required: true, label: 'Face' })
				],
				{ required: true }
			),
			{ required: true, minItems: 1, maxItems: 20, label: 'Wheels of the pack' }
		),
		yesNo('stoodFor', 'Nothing was touched since', { required: true, label: 'Stood for as it is now' })
	] as const,
	compute(facts, values) {
		const built = Evidence.of(facts).step(packStep)?.entered;
		if (!built)
			throw new InputFault('wheels', 'missing', 'No pack is built in this setup. Build it at Mount first.');
		const missing = packNumbers(facts).find(
			(number) => !values.wheels.some((wheel) => wheel.number === number)
		);
		if (missing)
			throw new InputFault(
				'wheels',
				'missing',
				`Wheel ${missing} of the pack is missing. Measure every one of them.`
			);
		const items = built.items.map(({ fingerRadialUm: _rim, fingerAxialUm: _face, ...item }) => {
			const now = values.wheels.find((wheel) => wheel.number === item.name?.trim());
			if (!now || !item.measured) return item;
			const { diameterMm, radialRunoutUm, axialRunoutUm } = now;
			const revision = item.measured.revision + 1;
			const confirmedRevision = values.stoodFor ? revision : item.measured.confirmedRevision;
			return {
				...item,
				diameterMm,
				measured: { ...item.measured, diameterMm, radialRunoutUm, axialRunoutUm, revision, confirmedRevision }
			};
		});
		return single(
			compute(facts, mountPack, {
				arbor: built.arbor,
				stage: 'release',
				items,
				requestedRpm: facts.machine.spindleRpm
			})
		);
	}
});

/** The newest dress of one of the other wheels of a pack. */
export function dressOf(evidence: Evidence, number: string): Recorded | null {
	const all = ['done', 'again'].map((step) => evidence.keyed({ station: 'dress', step }, number));
	return all.reduce((newest, r) => (r && (!newest || r.id > newest.id) ? r : newest), null);
}

/** A dress takes the pack's standing away; measured again and stood for, it has it back. */
export function packAgainLines(facts: SetupFacts, evidence: Evidence): GateLine[] {
	if (!facts.companions.length) return [];
	const dresses = [
		evidence.newest('dress', ['done', 'again']),
		...facts.companions.map((companion) => dressOf(evidence, companion.wheel.number))
	];
	const last = Math.max(...dresses.map((dress) => dress?.id ?? 0));
	const measured = evidence.step(packAgainStep);
	const now = measured && measured.id > last ? partOf(measured, mountPack) : null;
	return [
		line({
			key: 'pack',
			title: 'Pack measured after the dress',
			from: now,
			holds: measured?.entered.stoodFor === true,
			value: recordedText(now, `${packNumbers(facts).length} wheels, stood for`),
			waiting: 'every wheel, then stand for it'
		})
	];
}
