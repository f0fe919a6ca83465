import type { RawSegment } from '../../../src/core/form/profile/chain.js';
import { BLOCK_SETS, mmOf } from '../../../src/core/form/blocks/sets.js';
import type { DresserFacts } from '../../../src/core/facts/shop.js';
import type { RecordFacts } from '../../../src/core/facts/records.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { StationId } from '../../../src/core/route/station-names.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import { did, worked, setup } from '../../shared/setup-in-memory.js';

/** What a toolroom and a creep-feed shop put forms on with. */
const FORM_DRAWER: readonly DresserFacts[] = [
	{ id: 1, code: 'D-9', kind: 'single-point', tipRadiusUm: 200, tipAngleDeg: 60, turnEvery: 20 },
	{ id: 2, code: 'SF-1', kind: 'sine-fixture', pinDistanceMm: 100, tipRadiusUm: 250 },
	{ id: 3, code: 'RF-1', kind: 'radius-fixture', faceToCentreMm: 45.72, tipRadiusUm: 250 },
	{ id: 4, code: 'RF-2', kind: 'radius-fixture', faceToCentreMm: 45.72, tipRadiusUm: 100 },
	{
		id: 5,
		code: 'R-02',
		kind: 'form-roll',
		bodyDiameterMm: 131,
		bodyWidthMm: 40,
		mostRpm: 6000,
		carriesForm: 'port plate'
	},
	{ id: 6, code: 'W-1', kind: 'wire', wireMm: 0.25 }
];
export const TRAY = { code: 'M-1', blocksMm: BLOCK_SETS['metric-103'].map(mmOf), inUse: [] };

/** A balanced wheel come as far as Form, on a machine by hand or controlled. */
export function atForm(
	axes: 'power-feed' | 'cnc' = 'power-feed',
	wheel: Partial<WheelFacts> = {},
	more: Partial<SetupFacts> = {}
): SetupFacts {
	const f = worked('dress.method');
	const i = f.stations.indexOf('dress');
	const stations: StationId[] = [...f.stations.slice(0, i), 'form', ...f.stations.slice(i)];
	return {
		...f,
		stations,
		wheel: { ...f.wheel!, ...wheel },
		machine: { ...setup().machine, axes },
		dressers: FORM_DRAWER,
		dresser: FORM_DRAWER[0]!,
		trays: [TRAY],
		...more
	};
}

const line = (z0Mm: number, x0Mm: number, z1Mm: number, x1Mm: number): RawSegment => ({
	kind: 'line',
	z0Mm,
	x0Mm,
	z1Mm,
	x1Mm,
	radiusMm: null,
	side: null
});
/** A flat of 12 mm, then a flank of 23° falling over 6 mm. */
export const FLANK: RawSegment[] = [line(0, 0, 12, 0), line(12, 0, 18, 6 * Math.tan((23 * Math.PI) / 180))];
/** A round corner of 2.4 mm at the left end of a flat. */
export const CORNER: RawSegment[] = [
	{ ...line(0, 2.4, 2.4, 0), kind: 'arc', radiusMm: 2.4, side: 'convex' },
	line(2.4, 0, 20, 0)
];
/** A groove of radius 0.3 mm. */
export const HOLLOW: RawSegment[] = [
	line(0, 0, 4.7, 0),
	{ ...line(4.7, 0, 5.3, 0), kind: 'arc', radiusMm: 0.3, side: 'concave' },
	line(5.3, 0, 10, 0)
];

export const shaped = (
	f: SetupFacts,
	way: string,
	segments: readonly RawSegment[],
	more: Record<string, unknown> = {}
): SetupFacts => did(f, 'form', 'shape', { name: 'Port plate', segments, toleranceUm: 10, way, ...more });

/** The stacks for a flank of 23° on pins 100 mm apart. */
export const SINE = {
	segmentIndex: 1,
	drawingAngleDeg: 23,
	flankSide: 'right',
	trayCode: 'M-1',
	blocksMm: [25, 11.5, 1.45, 1.12],
	blocksOut: true,
	slideCovered: true,
	screwTight: true
};
/** The stack for a corner of 2.4 mm from an engraved 45.72. */
export const RADIUS = {
	segmentIndex: 0,
	method: 'engraved-constant',
	constantMm: 45.72,
	trayCode: 'M-1',
	blocksMm: [25, 17, 1.32],
	blocksOut: true,
	screwTight: true,
	turnedByHand: true
};
export const PASSES = { roughDepthUm: 20, finishDepthUm: 5, feedMmPerMin: 100 };
/** A form of 18 mm in the middle of a wheel of 32. */
export const PROGRAM = { feedMmPerMin: 100, faceFromMm: -7, faceToMm: 25, leadMm: 8 };
export const ALIGN = { readingUm: 2, overMm: 50, offsetMm: 0.4 };

/** What the setting of a flank or arc came to: its result, or the part one calculation made. */
export function settingRecord(
	f: SetupFacts,
	step: 'sine' | 'radius',
	segmentIndex: number,
	calculation?: string
): RecordFacts {
	const parts = Evidence.of(f).keyed({ station: 'form', step }, String(segmentIndex))!.parts;
	return parts.find((r) => !calculation || r.calculation === calculation)!;
}
