/** What a diagnosis is called, what it costs and what to do, in shop words. */
export const DIAGNOSIS: Readonly<Record<string, { title: string; costs: string; doThis: string }>> = {
	'grit-too-coarse-dressed-dull': {
		title: 'Coarse wheel, dressed dull',
		costs: 'Heat and force climb as the grains flatten; after some parts it burns and chatters.',
		doThis: 'Change grit and dress together.'
	},
	'fine-grit-dressed-dull': {
		title: 'Fine wheel, still dressed dull',
		costs:
			'More edges rub and there is less room for chips: it burns more than the coarse wheel did, and chatters.',
		doThis: 'Keep the grit, dress it sharp.'
	},
	'grit-too-coarse-dressed-sharp': {
		title: 'Wheel too coarse for this finish',
		costs: 'It cuts cool and free, but never this fine. Slowing the traverse buys the finish with heat.',
		doThis: 'Take the finer grit, keep the dress sharp.'
	},
	'right-grit-dressed-open': {
		title: 'Right wheel, dressed open',
		costs: 'Cool and low in force, rougher than asked; no chatter to expect.',
		doThis: 'Slow the traverse a little.'
	},
	'right-grit-dressed-sharp': {
		title: 'Right wheel, right dress',
		costs: 'Heat and force as they should be.',
		doThis: 'Leave it alone.'
	},
	'grit-finer-than-needed': {
		title: 'Finer than this finish needs',
		costs: 'It removes less, runs hotter and loads sooner for a finish nobody asked for.',
		doThis: 'A coarser grit does it cooler.'
	},
	'rougher-as-measured': {
		title: 'Measured rougher than asked',
		costs:
			'Grit and dress should give it; what was measured counts. A worn diamond, no spark-out or unbalance do this.',
		doThis: 'Spark out, turn the diamond, then shorten the lead.'
	},
	'grit-too-coarse-as-measured': {
		title: 'Measured rougher than asked, wheel too coarse',
		costs: 'A lead short enough for this finish would polish the grains: heat, then burn.',
		doThis: 'Take the finer grit, keep the dress sharp.'
	},
	'finer-as-measured': {
		title: 'Finer than asked',
		costs: 'Nothing is wrong with it; a longer lead would cut cooler.',
		doThis: 'Leave it, or lengthen the lead.'
	}
};
