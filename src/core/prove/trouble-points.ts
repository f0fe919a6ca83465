/** Points that a symptom or a fact gives to a cause. Shop judgement, shown to whoever asks. */
type Points = Readonly<Record<string, string>>;

export const CAUSES = {
	'coolant-poor': 'Check flow, aim, pressure and strength; the jet must meet the wheel at the cut.',
	'diamond-loose': 'Stop the wheel; tighten the diamond and its holder; check for slop; dress again.',
	'diamond-worn': 'Turn the diamond in its holder, or change it; log the flat.',
	'dirty-coolant': 'Clean the filter and tank; flush the guard after every dress.',
	'dress-too-coarse': 'Slow the dressing lead or take a lighter last dress pass.',
	'dress-too-dull': 'Dress with a faster lead and a little more depth to open the face.',
	'dresser-off-centre': 'Set the diamond on the centre plane and square to travel; dress the form again.',
	'grit-too-coarse': 'Change to a finer grit and dress it sharp.',
	'grit-too-fine': 'Change to a coarser grit, or lower the removal rate.',
	'infeed-too-heavy': 'Take a lighter infeed and add spark-out passes.',
	'mount-faulty': 'Stop. Lock out. Check flanges, blotters, nut and bore fit before any more running.',
	'out-of-balance': 'Balance the wheel again after truing.',
	'run-out': 'True the wheel to the spindle, then dress.',
	'spindle-worn': 'Stop and have play, heat and noise of the spindle looked at.',
	'way-misaligned': 'Check the dresser and the table for square and parallel travel.',
	'embedded-dirt': 'Clean rust, scale and swarf off the work; flush, then dress past the dirt in the face.',
	'wheel-not-trued': 'True the wheel on its spindle until the sound is even all round, then dress.',
	'work-overheated':
		'Lighter cuts, more coolant, turn the work over often and let it cool before it is measured.',
	'wheel-form-worn': 'Redress the form; shorten the redress interval.',
	'wheel-soaked': 'Run the wheel without coolant, guarded, until dry; never park it in coolant.',
	'wheel-too-hard': 'Use a softer grade, or raise the work speed.',
	'wheel-too-soft': 'Use a harder grade, or lower the work speed.',
	'work-loose': 'Clamp or support the work better; demagnetise and clean the seat.',
	'wrong-abrasive': 'Choose the abrasive for the work material again.'
} as const satisfies Points;
export type Cause = keyof typeof CAUSES;

/** Each symptom with its causes and their points. */
export const SYMPTOM_POINTS = {
	'burn-marks':
		'dress-too-dull 5, coolant-poor 4, wheel-too-hard 3, infeed-too-heavy 3, grit-too-fine 2, diamond-worn 2',
	chatter:
		'out-of-balance 5, run-out 4, wheel-too-hard 3, dress-too-dull 3, spindle-worn 2, work-loose 2, diamond-loose 2, wheel-not-trued 3',
	scratches:
		'dirty-coolant 5, wheel-too-soft 3, dress-too-coarse 3, grit-too-coarse 2, diamond-worn 1, embedded-dirt 3',
	loading:
		'wrong-abrasive 4, coolant-poor 4, grit-too-fine 3, dress-too-dull 3, wheel-too-hard 2, embedded-dirt 2',
	glazing: 'wheel-too-hard 5, dress-too-dull 5, grit-too-fine 2, diamond-worn 2, wrong-abrasive 1',
	'poor-finish':
		'dress-too-coarse 4, grit-too-coarse 4, infeed-too-heavy 2, wheel-too-soft 2, out-of-balance 2, dirty-coolant 1, embedded-dirt 1, wheel-not-trued 1',
	taper: 'way-misaligned 5, work-loose 3, wheel-too-soft 2, infeed-too-heavy 1, work-overheated 2',
	'out-of-form':
		'wheel-form-worn 5, dresser-off-centre 4, diamond-worn 3, wheel-too-soft 3, way-misaligned 2',
	vibration: 'out-of-balance 5, mount-faulty 4, wheel-soaked 3, spindle-worn 3, run-out 3, wheel-not-trued 3',
	'uneven-dress-sound':
		'run-out 5, diamond-loose 4, way-misaligned 3, wheel-soaked 1, spindle-worn 1, wheel-not-trued 4',
	burr: 'dress-too-dull 4, infeed-too-heavy 3, wheel-too-hard 2, coolant-poor 2, grit-too-coarse 1',
	warp: 'work-overheated 5, coolant-poor 3, dress-too-dull 3, infeed-too-heavy 3, work-loose 2'
} as const satisfies Points;
export type Symptom = keyof typeof SYMPTOM_POINTS;

/** What is known of wheel, machine and work, with what it speaks for and against. */
export const FACT_POINTS = {
	'overlap-above-8': 'dress-too-dull 4, dress-too-coarse -4',
	'overlap-below-2': 'dress-too-coarse 4, dress-too-dull -4',
	'just-dressed': 'wheel-form-worn -4, dress-too-dull -1',
	'many-parts-since-dress': 'wheel-form-worn 3, dress-too-dull 2',
	'better-after-dress': 'wheel-form-worn 2, dress-too-dull 2, wrong-abrasive -1',
	'marks-at-wheel-rpm': 'out-of-balance 3, run-out 3, mount-faulty 1, work-loose -2',
	'marks-not-at-wheel-rpm': 'out-of-balance -3, run-out -3, spindle-worn 2, work-loose 2',
	'balance-in-limit': 'out-of-balance -5',
	'run-out-in-limit': 'run-out -5',
	'parked-with-coolant-on': 'wheel-soaked 5, out-of-balance 1',
	'fades-while-running': 'wheel-soaked 4, spindle-worn -1',
	'started-after-mounting': 'mount-faulty 4, out-of-balance 2, run-out 2',
	'spindle-warm-or-noisy': 'spindle-worn 4',
	'coolant-weak-or-missed': 'coolant-poor 4',
	'coolant-good': 'coolant-poor -4',
	'filter-dirty': 'dirty-coolant 4',
	'face-shiny': 'dress-too-dull 2, wheel-too-hard 2, wheel-too-soft -3',
	'face-sheds-grain': 'wheel-too-soft 4, wheel-too-hard -4',
	'diamond-flat-large': 'diamond-worn 4, dress-too-dull 1',
	'diamond-rattles': 'diamond-loose 5',
	'infeed-over-25-um': 'infeed-too-heavy 4',
	'grit-coarser-than-target': 'grit-too-coarse 4',
	'grit-finer-than-target': 'grit-too-fine 4',
	'abrasive-mismatch': 'wrong-abrasive 5',
	'sound-on-one-side': 'way-misaligned 3, run-out -2',
	'sound-once-per-turn': 'run-out 4, way-misaligned -2',
	'work-can-move': 'work-loose 5',
	'form-wrong-from-start': 'dresser-off-centre 4, wheel-form-worn -4',
	'just-mounted-not-trued': 'wheel-not-trued 5',
	'trued-since-mounting': 'wheel-not-trued -5',
	'ground-rusty-work': 'embedded-dirt 5',
	'gone-after-dress': 'embedded-dirt 3, dress-too-dull 2, work-loose -2',
	'thin-work': 'work-overheated 3, work-loose 1',
	'work-warm-to-touch': 'work-overheated 4, coolant-poor 2',
	'springs-when-unclamped': 'work-loose 4, work-overheated -2'
} as const satisfies Points;
export type Fact = keyof typeof FACT_POINTS;

/** The points of one line as pairs. @example pointsOf('run-out 5, taper -1') // [["run-out",5],["taper",-1]] */
export const pointsOf = (line: string): [Cause, number][] =>
	line.split(', ').map((pair) => {
		const at = pair.lastIndexOf(' ');
		return [pair.slice(0, at) as Cause, Number(pair.slice(at + 1))];
	});
