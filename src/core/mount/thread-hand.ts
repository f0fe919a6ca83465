import { choice, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';

/** Which hand of thread the drag of the wheel winds tighter. */
export const threadHand = defineCalculation({
	id: 'mount.thread-hand',
	title: 'Hand of the thread',
	about:
		'Drag holds wheel and nut back against the spindle. A clockwise spindle, seen facing the nut, needs a left-hand thread; an anticlockwise one a right-hand thread.',
	source: "First principles: friction on the nut opposes the spindle's rotation.",
	formulas: [
		'clockwise spindle: left-hand thread tightens',
		'anticlockwise spindle: right-hand thread tightens'
	],
	fields: [
		choice('rotation', 'How the spindle turns', ['cw', 'ccw'], { required: true }),
		choice('viewedFrom', 'Where you stood', ['nut-side', 'back-side'], {
			required: true,
			label: 'Seen from'
		}),
		choice('threadHand', 'Hand of the thread', ['left', 'right'], {
			required: true,
			label: 'Thread on the spindle'
		}),
		choice('retention', 'How the wheel is held', ['single-nut', 'flange-screws'], { default: 'single-nut' }),
		yesNo('reversible', 'The spindle reverses', { default: false, label: 'Can run both ways' }),
		yesNo('hardBrake', 'The spindle is braked', { default: false, label: 'Brakes hard' }),
		yesNo('positiveLock', 'A key or lock holds the nut', { default: false, label: 'Nut is locked' })
	],
	outputs: [
		{ name: 'tightens', about: 'Running tightens the nut', main: true },
		{ name: 'requiredThreadHand', about: 'Hand needed' },
		{ name: 'rotationFacingNut', about: 'Rotation seen facing the nut' },
		{ name: 'dragOnNut', about: 'Which way drag urges the nut' },
		{ name: 'checked', about: 'A nut thread was judged' }
	],
	example: { rotation: 'ccw', viewedFrom: 'back-side', threadHand: 'left', hardBrake: true },
	compute(values) {
		const flip = { cw: 'ccw', ccw: 'cw' } as const;
		const rotationFacingNut = values.viewedFrom === 'nut-side' ? values.rotation : flip[values.rotation];
		const requiredThreadHand = rotationFacingNut === 'cw' ? 'left' : 'right';
		const tightens = values.threadHand === requiredThreadHand;
		const checked = values.retention === 'single-nut';
		const findings = new Findings()
			.stop(
				'thread-hand-loosens',
				checked && !tightens,
				`Running would unwind this nut. This spindle needs a ${requiredThreadHand}-hand thread.`
			)
			.stop(
				'reversible-without-lock',
				checked && values.reversible && !values.positiveLock,
				'A spindle that runs both ways unwinds an unlocked nut in one of them.'
			)
			.caution(
				'brake-may-loosen',
				checked && values.hardBrake && !values.positiveLock,
				'Hard braking drives the other way and can loosen the nut. Lock it or brake gently.'
			);
		return {
			rotationFacingNut,
			requiredThreadHand,
			dragOnNut: flip[rotationFacingNut],
			tightens,
			checked,
			...findings.judged()
		};
	}
});
