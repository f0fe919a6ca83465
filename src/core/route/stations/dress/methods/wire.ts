import { foundBy } from '../../../basis.js';
import { between, over0, percent, yesNo } from '../../../../calculation/field/index.js';
import { bareGrain } from '../../../../dress/bare-grain.js';
import { wireEdm } from '../../../../dress/edm.js';
import { Evidence, partOf } from '../../../evidence.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { bondOfWheel, dressed, told } from '../wheel.js';

/** Sparks take the bond; flood, mist and fire are seen to before the first of them. */
export const wireStep = defineStep({
	station: 'dress',
	step: 'wire',
	title: 'Set the wire',
	fields: [
		...pick(
			wireEdm.fields,
			'gapUm',
			'wireFeedMPerMin',
			'roughCurrentA',
			'finishCurrentA',
			'runoutTirUm',
			'formStockUm',
			'finishStockUm',
			'roughBiteUm',
			'finishBiteUm',
			'flooded',
			'dielectric',
			'rimResistanceOhm',
			'smallestConcaveRadiusMm',
			'protrusionPass'
		),
		yesNo('mistDrawnOff', 'Extraction on, covers of the device shut', {
			required: true,
			label: 'Mist drawn off'
		}),
		yesNo('fireWatch', 'Extinguisher at hand, nobody leaves it alone', {
			default: false,
			label: 'Fire watch'
		}),
		percent('concentrationPercent', 'From the marking when left empty', {
			...over0(300),
			label: 'Concentration'
		})
	] as const,
	notAgainstStop: true,
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const w = dressed(facts);
		const { concentrationPercent, mistDrawnOff: _mist, fireWatch: _fire, ...given } = values;
		return single(
			compute(facts, wireEdm, {
				...given,
				bond: bondOfWheel(facts),
				wheelDiameterMm: w.wheelDiameterMm,
				wheelWidthMm: w.wheelWidthMm,
				grainSizeUm: told(w.grainSizeUm, 'grainSizeUm', 'Mean grain of the wheel'),
				concentrationPercent: told(
					concentrationPercent ?? facts.wheel?.concentrationPercent ?? null,
					'concentrationPercent',
					'Concentration'
				),
				wireDiameterMm: told(dresser.wireMm, 'dresser', 'Wire'),
				spoolLengthM: told(dresser.spoolM, 'dresser', 'Spool'),
				wheelSpeedRpm: w.wheelSpeedRpm,
				ratedSpeedMps: w.ratedSpeedMps,
				ratedSpeedRpm: w.ratedSpeedRpm
			})
		);
	}
});

/** How far the grains stand proud, under the glass. */
export const proudStep = defineStep({
	station: 'dress',
	step: 'proud',
	title: 'Look how far the grains stand proud',
	basis: () => foundBy('by eye, under the glass'),
	fields: [
		percent('barePercent', 'Of the grain, under the glass', {
			...between(0, 100),
			required: true,
			label: 'Bare grain'
		})
	],
	compute(facts, values) {
		const grainSizeUm = told(dressed(facts).grainSizeUm, 'grainSizeUm', 'Mean grain of the wheel');
		return single(compute(facts, bareGrain, { barePercent: values.barePercent, grainSizeUm }));
	}
});

/** The bond conducts, the gap is flooded, mist and fire are seen to. */
export const wireMethod: DressingMethod = {
	steps: [wireStep, proudStep],
	lines(facts, evidence, chosen) {
		const q = show(facts);
		const set = since(chosen, evidence.step(wireStep));
		const wire = partOf(set, wireEdm);
		const ohm = set?.entered.rimResistanceOhm;
		const oil = set?.entered.dielectric === 'oil';
		return [
			line({
				key: 'wire',
				title: 'Bond conducts, wire holds',
				from: wire,
				value: recordedText(
					wire,
					`${ohm === null || ohm === undefined ? 'metal' : `${ohm} Ω across the rim`}, wire holds ${wire?.output.wireMargin.toFixed(2)} times`
				),
				waiting: 'gap, current, wire feed'
			}),
			line({
				key: 'mist',
				title: oil ? 'Mist drawn off, fire watched' : 'Mist drawn off',
				state: !set ? 'open' : set.entered.mistDrawnOff && (!oil || set.entered.fireWatch) ? 'ok' : 'stop',
				value: !set
					? 'extraction, covers, extinguisher'
					: set.entered.mistDrawnOff && (!oil || set.entered.fireWatch)
						? 'seen to'
						: oil
							? 'Oil mist burns: draw it off, and somebody watches with an extinguisher at hand.'
							: 'Draw the mist off before the first spark.',
				recordId: wire?.id ?? null
			}),
			line({
				key: 'time',
				title: 'Spool lasts',
				state: wire ? (wire.output.spoolRemainingM < 0 ? 'open' : 'ok') : 'open',
				value: wire
					? `${wire.output.wireUsedM.toFixed(0)} m of ${q(chosen.dresser?.spoolM ?? null, 'm')}`
					: 'from the plan',
				recordId: wire?.id ?? null
			})
		];
	}
};
