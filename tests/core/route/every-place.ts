import { MOUNTINGS } from '../../../src/core/route/stations/mount/mounting-method.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { StationId } from '../../../src/core/route/station-names.js';
import { WORK, later, setup, worked } from '../../shared/setup-in-memory.js';
import { CUP, atDress } from './on-dress.js';
import { CORNER, FLANK, atForm, shaped } from './on-form.js';
import { held, inspected, looked } from './on-mount.js';

const asks = (machineAsks: 'wake' | 'spindle'): SetupFacts =>
	setup({ stations: ['brief', 'machine', 'select', 'keep'], route: { ...setup().route, machineAsks } });
/** A setup at every place of every kind of route. */
export const PLACES: readonly (readonly [StationId, () => SetupFacts])[] = [
	...WORK.filter(([name]) => name !== 'brief.brief').map(
		([name]) => [name.split('.')[0] as StationId, () => later(worked(name), 1800)] as const
	),
	['keep', () => worked(null)],
	['machine', () => asks('wake')],
	['machine', () => asks('spindle')],
	...MOUNTINGS.map((m) => ['mount', () => (m === 'point' ? looked() : inspected(held(m)))] as const),
	['form', () => atForm()],
	['form', () => atForm('cnc')],
	['form', () => shaped(atForm(), 'sine', FLANK)],
	['form', () => shaped(atForm(), 'radius', CORNER)],
	['form', () => shaped(atForm('cnc'), 'roll', CORNER)],
	['form', () => shaped(atForm('cnc'), 'program', FLANK)],
	['dress', () => atDress()],
	['dress', () => atDress(CUP)]
];
