import {
	between,
	choice,
	deg,
	from0,
	metres,
	mm,
	mps,
	number,
	over0,
	rpm,
	text,
	um,
	whole,
	cm3
} from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import type { Method } from '../dress/methods.js';
import { CODE } from './fields.js';
import { RATED_MPS, RATED_RPM, TIP_RADIUS_UM } from './ranges.js';

/** Data that every dresser of a kind needs; the rest of the list is not asked of it. */
const TIP = ['tipRadiusUm', 'flatWidthUm', 'turnEvery', 'dressesSinceTurn'] as const;
const HOLDER = ['overhangMm', 'holderWidthMm', 'holderHeightMm'] as const;
const BODY = ['bodyDiameterMm', 'bodyWidthMm', 'mostRpm'] as const;
const SECTION = ['sectionWidthMm', 'sectionHeightMm'] as const;

interface KindOfDresser {
	words: string;
	/** The way of dressing it serves; a fixture serves none by itself. */
	method: Method | null;
	needs: readonly string[];
}
const kindOf = (words: string, method: Method | null, ...needs: readonly string[]): KindOfDresser => ({
	words,
	method,
	needs
});

/** Everything a shop dresses with. */
export const DRESSERS = {
	'single-point': kindOf('single diamond', 'single-point', ...TIP, 'carat', 'tipAngleDeg', ...HOLDER),
	blade: kindOf('diamond blade', 'single-point', ...TIP, ...HOLDER),
	cluster: kindOf('cluster or nib', 'cluster', ...TIP, 'clusterWidthMm', 'pointsAcross', ...HOLDER),
	star: kindOf('star-wheel cutter', 'hand-cutter'),
	'hand-stick': kindOf('abrasive stick, by hand', 'hand-cutter', ...SECTION),
	'hand-block': kindOf('abrasive block, by hand', 'hand-cutter', ...SECTION),
	'hand-diamond': kindOf('T-shaped diamond, by hand', 'hand-cutter', 'clusterWidthMm'),
	disc: kindOf('driven disc', 'rotary-disc', ...BODY, 'tipRadiusUm', 'flatWidthUm'),
	'form-roll': kindOf('driven form roll', 'rotary-form-roll', ...BODY, 'carriesForm'),
	'crush-roll': kindOf('crush roll', 'crush-roll', ...BODY, 'carriesForm'),
	'truing-wheel': kindOf(
		'truing wheel with brake or drive',
		'truing-wheel',
		...BODY,
		'leastDiameterMm',
		'marking',
		'ratedMps',
		'ratedRpm'
	),
	'steel-block': kindOf('soft-steel block', 'steel-block', 'blockLengthMm', 'bodyWidthMm'),
	stick: kindOf('opening stick', 'stick', ...SECTION, 'stickGrainUm'),
	wire: kindOf('wire-erosion head', 'wire-edm', 'wireMm', 'spoolM'),
	'radius-fixture': kindOf(
		'radius dresser',
		null,
		'faceToCentreMm',
		'baseToCentreMm',
		'tipRadiusUm',
		'flatWidthUm'
	),
	'sine-fixture': kindOf('sine dresser', null, 'pinDistanceMm', 'tipRadiusUm', 'flatWidthUm')
} as const satisfies Record<string, KindOfDresser>;
export type DresserKind = keyof typeof DRESSERS;
export const DRESSER_KINDS = Object.keys(DRESSERS) as DresserKind[];

/** What a dresser is called in the shop. */
export const dresserWords = (kind: string): string => DRESSERS[kind as DresserKind]?.words ?? kind;
/** The way of dressing that it serves; null for a fixture. */
export const methodOf = (kind: string): Method | null => DRESSERS[kind as DresserKind]?.method ?? null;
/** A diamond that wears to a plateau unless it is turned in its holder. */
export const isTurned = (kind: string): boolean =>
	(DRESSERS[kind as DresserKind]?.needs as readonly string[] | undefined)?.includes('turnEvery') ?? false;

/** Fields that every dresser has, whatever its kind. */
const EVERY = ['code', 'kind', 'wear', 'place'];

/** What is asked of one kind of dresser, in the order of the list. */
export function dresserFields(kind: unknown): readonly Field[] {
	const needs: readonly string[] = DRESSERS[kind as DresserKind]?.needs ?? [];
	return DRESSER_FIELDS.filter((f) => EVERY.includes(f.name) || needs.includes(f.name));
}

/** Data a dresser can do without; everything else that its kind needs has to be told. */
const MAY_BE_UNKNOWN: readonly string[] = [
	'tipRadiusUm',
	'tipAngleDeg',
	'carat',
	...HOLDER,
	'mostRpm',
	'carriesForm',
	'marking',
	'ratedMps',
	'ratedRpm',
	'faceToCentreMm',
	'baseToCentreMm'
];
/** The first field that this kind of dresser cannot do without and that is empty. */
export const missingOf = (v: Readonly<Record<string, unknown>>): Field | null =>
	dresserFields(v.kind).find(
		(field) => !MAY_BE_UNKNOWN.includes(field.name) && field.name !== 'place' && v[field.name] === null
	) ?? null;

/** What the shop keeps of a dresser. */
export const DRESSER_FIELDS = [
	CODE,
	choice('kind', 'What touches the wheel', DRESSER_KINDS, { required: true, label: 'Kind' }),
	choice('wear', 'A worn-out one is not offered', ['in-use', 'worn-out'], {
		default: 'in-use',
		label: 'Condition'
	}),
	text('place', 'Drawer, machine, or who has it', { maxLength: 40, label: 'Where it is' }),
	um('tipRadiusUm', 'Under the glass', { ...TIP_RADIUS_UM, label: 'Tip radius' }),
	um('flatWidthUm', 'Under the glass', { ...from0(20000), default: 0, label: 'Worn flat' }),
	deg('tipAngleDeg', 'Included angle of the cone', { ...between(10, 170), label: 'Angle of the tip' }),
	number('carat', 'Of the stone', { ...over0(10), label: 'Carat' }),
	whole('dressesSinceTurn', 'Counted by the records', {
		...from0(100000),
		default: 0,
		label: 'Dresses since turned'
	}),
	whole('turnEvery', 'Dresses', { ...between(1, 10000), default: 10, label: 'Turn after' }),
	mm('clusterWidthMm', 'Along the traverse', { ...over0(100), label: 'Width of the nib' }),
	whole('pointsAcross', 'Along the traverse', { ...between(1, 200), label: 'Points across' }),
	mm('overhangMm', 'Tip to clamp', { ...over0(1000), label: 'Overhang' }),
	mm('holderWidthMm', 'Across the force', { ...over0(500), label: 'Holder, width' }),
	mm('holderHeightMm', 'In the direction of the force', { ...over0(500), label: 'Holder, height' }),
	mm('bodyDiameterMm', 'Measured', { ...over0(1000), label: 'Diameter' }),
	mm('bodyWidthMm', 'Measured', { ...over0(1000), label: 'Width' }),
	rpm('mostRpm', 'Of it or its drive', { ...over0(200000), label: 'Turns at most' }),
	mm('leastDiameterMm', 'Not below this', { ...over0(1000), label: 'Scrap diameter' }),
	text('marking', 'What is printed, as it stands', { maxLength: 160, label: 'Marking' }),
	mps('ratedMps', 'If printed', { ...RATED_MPS, label: 'Marked speed' }),
	rpm('ratedRpm', 'If printed', { ...RATED_RPM, label: 'Marked rpm' }),
	text('carriesForm', 'Part whose profile it has', { maxLength: 60, label: 'Form it carries' }),
	mm('blockLengthMm', 'Area ground', { ...over0(2000), label: 'Length' }),
	mm('sectionWidthMm', 'Of its section', { ...over0(500), label: 'Section, width' }),
	mm('sectionHeightMm', 'Of its section', { ...over0(500), label: 'Section, height' }),
	um('stickGrainUm', 'Mean', { ...over0(5000), label: 'Grain' }),
	mm('wireMm', 'Across', { ...between(0.02, 1), label: 'Wire' }),
	metres('spoolM', 'On the spool', { ...from0(1e6), label: 'Spool' }),
	mm('faceToCentreMm', 'From the face the blocks stand on to the centre of the swing', {
		...over0(1000),
		label: 'Face to centre, for a stack of blocks'
	}),
	mm('baseToCentreMm', 'From the plate it stands on to the centre of the swing', {
		...over0(1000),
		label: 'Base to centre, for a height gauge'
	}),
	mm('pinDistanceMm', 'Centre to centre', { ...between(10, 1000), label: 'Distance of the pins' })
] as const satisfies readonly Field[];

/** One flat as it was measured under the glass. */
export const FLAT_FIELDS = [
	cm3('removedCm3', 'Since the stone was turned; 0 begins anew', {
		...from0(1e6),
		required: true,
		label: 'Wheel cut away so far'
	}),
	um('flatWidthUm', 'Under the glass', { ...between(0, 20000), required: true, label: 'Flat' })
] as const satisfies readonly Field[];
