import {
	choice,
	date,
	from0,
	group,
	list,
	mm,
	mps,
	number,
	over0,
	rpm,
	text,
	um,
	whole
} from '../calculation/field/index.js';
import { ABRASIVE_FAMILIES } from './families.js';
import { PARTS, WEIGHTS } from './rank-score.js';

const size = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...over0(3000), required: true });
const grain = um('gritMeanUm', 'Mean grain', over0(10000));
const family = choice('family', 'Grain family', ABRASIVE_FAMILIES);
const grade = text('grade', 'Grade letter', {
	pattern: '^[A-Z]$',
	patternSays: 'must be one capital letter'
});
const structure = whole('structure', 'Structure number', from0(16));
const bond = text('bond', 'Bond letters', { maxLength: 4 });

/** One wheel that is ranked, as the shop keeps it. */
const CANDIDATE_FIELD = group(
	'wheel',
	'A wheel',
	[
		text('id', 'Its number', { required: true, maxLength: 60 }),
		family,
		grain,
		grade,
		structure,
		bond,
		size('diameterMm', 'Diameter today'),
		size('widthMm', 'Width'),
		size('boreMm', 'Bore'),
		{ ...size('minDiameterMm', 'Scrap diameter'), minOpen: false },
		size('newDiameterMm', 'Diameter when new'),
		mps('ratedSpeedMps', 'Marked speed', over0(500)),
		rpm('ratedSpeedRpm', 'Marked rpm', over0(500000)),
		choice('state', 'Where it stands', ['available', 'mounted', 'quarantined', 'scrapped'], {
			default: 'available'
		}),
		date('expiresOn', 'Last day of use')
	],
	{ required: true }
);

/** What ranking asks for: the job, the machine, the wheels, and how much each part of the score counts. */
export const RANK_FIELDS = [
	date('today', 'Date of the choice', { required: true }),
	group(
		'job',
		'What is wanted',
		[
			{ ...family, required: true },
			list(
				'alternativeFamilies',
				'Other grains that serve',
				{ ...family, required: true },
				{ default: [] as string[], maxItems: 12 }
			),
			{ ...grain, required: true },
			grade,
			structure,
			bond,
			mm('minWidthMm', 'Least width', over0(3000))
		],
		{ required: true }
	),
	group(
		'machine',
		'Where it goes',
		[
			size('maxDiameterMm', 'Largest wheel under the guard'),
			size('maxWidthMm', 'Widest wheel'),
			size('boreMm', 'Spindle or flange seat'),
			rpm('spindleRpm', 'Spindle speed', { ...over0(500000), required: true }),
			mm('boreToleranceMm', 'Play allowed in the bore', { ...from0(0.2), default: 0.2 }),
			list(
				'bushingBoresMm',
				'Bores for which a bushing is kept',
				mm('bore', 'Bore', { ...over0(3000), required: true }),
				{ default: [] as number[], maxItems: 40 }
			)
		],
		{ required: true }
	),
	list('candidates', 'Wheels', CANDIDATE_FIELD, { required: true, maxItems: 100000 }),
	group(
		'weights',
		'How much each part counts; they add up to 1',
		PARTS.map((p) => number(p, `How much ${p} counts`, { ...from0(1), default: WEIGHTS[p] })),
		{ advanced: true }
	)
] as const;
