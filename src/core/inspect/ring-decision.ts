import { choice } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';

/** Machine and ear together: the worse opinion wins and nothing lifts a dull. */
export const ringDecision = defineCalculation({
	id: 'inspect.ring-decision',
	title: 'Ring: the decision',
	about:
		'The ear and the recording each have a say; the worse one counts. A dull sound always ends the wheel.',
	source: 'General safety practice: a ring test can condemn a wheel, it never releases one.',
	formulas: ['result = the worse of ear and recording'],
	fields: [
		choice('applicability', 'Whether this wheel can be rung', ['yes', 'limited', 'no'], { required: true }),
		choice(
			'analysis',
			'What the recording shows',
			['clear', 'doubtful', 'dull', 'unusable-recording', 'none'],
			{ required: true, label: 'The recording' }
		),
		choice('ear', 'What the person heard', ['clear', 'doubtful', 'dull', 'none'], {
			required: true,
			label: 'The ear'
		})
	],
	outputs: [
		{ name: 'result', about: 'What counts', main: true },
		{ name: 'mayProceed', about: 'May go on' }
	],
	example: { applicability: 'limited', analysis: 'clear', ear: 'doubtful' },
	compute({ applicability, analysis, ear }) {
		const findings = new Findings()
			.stop('ear-dull', ear === 'dull', 'It sounded dull. Do not mount; quarantine it.')
			.stop('analysis-dull', analysis === 'dull', 'The recording is dull. Do not mount; quarantine it.')
			.caution(
				'ear-doubtful',
				ear === 'doubtful',
				'You were not sure. Clean and dry it, ring it again, ask a second person.'
			)
			.caution('analysis-doubtful', analysis === 'doubtful', 'The recording is doubtful. Ring it again.')
			.caution('ear-missing', ear === 'none' && applicability !== 'no', 'Nobody has listened yet.')
			.caution(
				'ring-not-applicable',
				applicability === 'no',
				'This wheel cannot be rung; look closely and run it in guarded.'
			)
			.caution('analysis-unusable', analysis === 'unusable-recording', 'The recording could not be used.');
		const doubtful = ear === 'doubtful' || analysis === 'doubtful';
		const result =
			findings.verdict === 'stop' ? 'dull' : doubtful ? 'doubtful' : ear === 'clear' ? 'clear' : 'not-tested';
		return {
			result,
			mayProceed: result === 'clear' || (result === 'not-tested' && applicability === 'no'),
			...findings.judged()
		};
	}
});
