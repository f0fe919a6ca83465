import { mm, over0, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { nominalBore } from './bore-sizes.js';

/** A bore that slides on its seat and does not rock, where both are marked with the same size; anything else is measured. */
export const fitByHand = defineCalculation({
	id: 'mount.fit-by-hand',
	worse: { boreMm: 'none', seatMm: 'none' },
	title: 'Bore fit, felt',
	about:
		'Where bore and seat are of the same size and there is no bushing, the hand tells: it slides on without force and does not rock. Everything else needs a caliper.',
	source: 'Practice of the trade; the sizes in common use.',
	formulas: ['size of the bore = size of the seat'],
	fields: [
		mm('boreMm', 'Marked on the wheel', { ...over0(1000), required: true, label: 'Bore' }),
		mm('seatMm', 'Of the mount', { ...over0(1000), required: true, label: 'Seat' }),
		yesNo('bushing', 'A ring in the bore that makes it smaller', {
			required: true,
			label: 'A bushing is in it'
		}),
		yesNo('slidesOn', 'By hand, without force', { required: true, label: 'Slides on' }),
		yesNo('rocks', 'Tilted to and fro on its seat', { required: true, label: 'Rocks' })
	],
	outputs: [{ name: 'sameSize', about: 'Of the same size', main: true }],
	example: { boreMm: 31.75, seatMm: 31.75, bushing: false, slidesOn: true, rocks: false },
	compute({ boreMm, seatMm, bushing, slidesOn, rocks }) {
		const size = (measured: number) => nominalBore(measured) ?? measured;
		const sameSize = Math.abs(size(boreMm) - size(seatMm)) <= SLACK;
		const findings = new Findings()
			.stop(
				'sizes-differ',
				!sameSize,
				`Bore ${boreMm} mm, seat ${seatMm} mm: two sizes. The hand does not tell; measure both with a caliper.`
			)
			.stop('bushing', bushing, 'A bushing is in the bore: measure it and the seat with a caliper.')
			.stop('goes-on-hard', !slidesOn, 'Never force a wheel on. Take it off, clean the seat, measure both.')
			.stop('rocks', rocks, 'It rocks on its seat: too much play. Take it off and measure bore and seat.');
		return { sameSize, ...findings.judged() };
	}
});
