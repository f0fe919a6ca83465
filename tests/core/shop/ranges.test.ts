import { expect } from 'chai';
import type { Field } from '../../../src/core/calculation/fields.js';
import { CALCULATIONS } from '../../../src/core/calculations.js';
import { DRESSER_FIELDS } from '../../../src/core/shop/dresser.js';
import { MACHINE_FIELDS } from '../../../src/core/shop/machine.js';
import { MOUNT_FIELDS } from '../../../src/core/shop/mount.js';
import { WHEEL_FIELDS } from '../../../src/core/shop/wheel.js';

const CONVERTER =
	'a converter or catalogue calculation takes any size that exists, a wheel of this shop is smaller';
const SMALL_WHEEL =
	'a quill, a pack or a tool post carries small wheels only; a larger one is refused in words';
const OTHER_THING = 'the same word for different things in different calculations';
const SUPERABRASIVE =
	'a superabrasive rim is thin and its cut small; a conventional wheel is trued by far more';
const SINGLE = 'a list of readings or angles and a single one';
const NOTATION = 'a marking is read as printed, whatever is printed';
const WHOLE_ASSEMBLY = 'one is the wheel alone or the mount alone, the other the assembly that rolls';
const METHOD = 'the method itself works in a narrower range than the thing can have';

/** Names that stand for more than one range, each with its reason. */
const ALLOWED: Readonly<Record<string, string>> = {
	size: OTHER_THING,
	baseLengthMm: 'the part on a chuck, and the base of a dresser',
	finishInfeedUm: 'a fine pass of a trial, and of truing',
	minOverTravelMm: 'the tip of a dresser, and the table',
	partDepthMm: 'a form may be ground far deeper over its life than one part in creep feed',
	measuredRpm: 'a point turns faster than any wheel, a tachometer reads what it is held to',
	overhangMm: METHOD,
	workRpm: OTHER_THING,
	runoutAimUm: 'the rims of a pack run out more than a flange may',
	runoutLimitUm: 'the rims of a pack run out more than a flange may',
	passes: OTHER_THING,
	pitchMm: 'ribs of a form, and marks on the work',
	powerW: OTHER_THING,
	redressTimeS: OTHER_THING,
	redressUm: 'a form is redressed straight in, a wheel by whatever its plan takes',
	sizeToleranceUm: 'what is allowed on a lathe, and what a drawing asks',
	stockUm: METHOD,
	stopRatio: 'times the tolerance, and times the push of the cut',
	tableSpeedMPerMin: METHOD,
	taperLimitUm: OTHER_THING,
	temperatureC: 'where an adhesive cures, and where a wheel is kept',
	turnaroundS: METHOD,
	wheelWidthMm: CONVERTER,
	workSpeedMPerMin: METHOD,
	workWidthMm: CONVERTER,
	structure: 'read from a marking it may be 0; a table row begins at 1, a weight is a share',
	value: OTHER_THING,
	rimDepthMm: NOTATION,
	maxDiameterMm: CONVERTER,
	maxWidthMm: CONVERTER,
	newDiameterMm: CONVERTER,
	maxSpeedMps: NOTATION,
	maxSpeedRpm: NOTATION,
	diameterMm: CONVERTER,
	rimWidthMm: SMALL_WHEEL,
	speedRpm: METHOD,
	speedMps: 'a conversion may be asked for standstill',
	ratedSpeedMps: METHOD,
	ratedSpeedRpm: CONVERTER,
	wheelDiameterMm: METHOD,
	workDiameterMm: SMALL_WHEEL,
	depthUm: 'a cut in creep feed is far deeper than any dress',
	widthMm: CONVERTER,
	thicknessMm: OTHER_THING,
	boreMm: CONVERTER,
	smallDiameterMm: OTHER_THING,
	grit: OTHER_THING,
	leadUm: METHOD,
	spindleRpm: CONVERTER,
	minDiameterMm: 'unknown is told as 0 where a plan may do without',
	angleDeg: SINGLE,
	radiusMm: METHOD,
	massKg: WHOLE_ASSEMBLY,
	angle: SINGLE,
	poissonRatio: 'a disc that rings and a disc that turns are solved in different ranges',
	modulusGPa: OTHER_THING,
	densityKgPerM3: OTHER_THING,
	frequencyHz: METHOD,
	timeS: OTHER_THING,
	q: METHOD,
	runRpm: CONVERTER,
	originalDiameterMm: SMALL_WHEEL,
	currentDiameterMm: SMALL_WHEEL,
	ratedRpm: CONVERTER,
	largeDiameterMm: OTHER_THING,
	finishStockUm: 'truing takes far less in its fine passes than a dress may',
	sparkOutPasses: METHOD,
	overTravelMm: METHOD,
	inertiaKgM2: WHOLE_ASSEMBLY,
	massG: 'a run without a test mass has none',
	minGapDeg: METHOD,
	equivalentDiameterMm: METHOD,
	grainSizeUm: METHOD,
	speedRatio: 'a roll against its wheel, and a wheel against its work',
	allowanceUm: SUPERABRASIVE,
	dressRadialUm: 'a dress takes something, a wheel of the pack may have been left alone',
	roughInfeedUm: SUPERABRASIVE,
	runoutTirUm: SUPERABRASIVE,
	dwellRevs: 'a crush roll dwells a few turns, a diamond roll may dwell long',
	protrusionPercent: 'a stick bares some grain, a wire may bare none',
	targetRaUm: 'a finish is foreseen for any work, a wheel is recommended for what is ground',
	totalDepthUm: 'crushing takes more at a time than a diamond roll',
	raUm: 'a trial cut is ground, a release sheet takes any reading',
	depthMm: OTHER_THING,
	finishDepthUm: 'a form is worked in by far smaller bites than a wheel may be dressed by',
	roughDepthUm: 'a form is worked in by far smaller bites than a wheel may be dressed by',
	formToleranceUm: METHOD,
	gapUm: 'a wire that erodes keeps a gap, one whose path is drawn may have none',
	includedAngleDeg: 'a stone may be as blunt as a flat, ribs may not',
	offsetMm: OTHER_THING,
	tipRadiusMm: METHOD,
	toleranceUm: OTHER_THING,
	wireDiameterMm: METHOD
};

interface Range {
	min: number;
	max: number;
	text: string;
}
const ranges = new Map<string, Range[]>();
function walk(fields: readonly Field[]): void {
	for (const f of fields) {
		if (f.kind === 'object') walk(f.fields);
		if (f.kind === 'list') walk([f.item]);
		if (f.kind !== 'number' && f.kind !== 'integer') continue;
		const text = `${f.minOpen ? 'over' : 'from'} ${f.min} ${f.maxOpen ? 'below' : 'to'} ${f.max}`;
		const known = ranges.get(f.name) ?? [];
		if (!known.some((r) => r.text === text))
			ranges.set(f.name, [...known, { min: f.min ?? -Infinity, max: f.max ?? Infinity, text }]);
	}
}
for (const c of CALCULATIONS) walk(c.fields);
const OF_CALCULATIONS = new Map(ranges);
for (const fields of [WHEEL_FIELDS, MOUNT_FIELDS, MACHINE_FIELDS, DRESSER_FIELDS]) walk(fields);

describe('one range for one thing', () => {
	it('every name with two ranges is on the list, and nothing else is', () => {
		const several = [...ranges].filter(([, r]) => r.length > 1).map(([name]) => name);
		expect(several.sort()).to.deep.equal(Object.keys(ALLOWED).sort());
	});
	it('every reason is said', () => {
		for (const reason of Object.values(ALLOWED)) expect(reason).to.have.length.above(20);
	});
	it('what the shop keeps is never larger than what a calculation of that name can take, but where it says why', () => {
		for (const f of [...WHEEL_FIELDS, ...MOUNT_FIELDS, ...MACHINE_FIELDS, ...DRESSER_FIELDS]) {
			if (f.kind !== 'number' || f.max === undefined) continue;
			const taken = OF_CALCULATIONS.get(f.name) ?? [];
			if (!taken.length) continue;
			expect(Math.max(...taken.map((r) => r.max)), f.name).to.be.at.least(f.max);
		}
	});
});
