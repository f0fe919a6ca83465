import { choice, from0, text, um, yesNo } from '../calculation/field/index.js';

export const INCIDENT_EVENTS = [
	'burst',
	'hard-crash',
	'light-touch',
	'overspeed',
	'vibration',
	'power-loss-in-cut',
	'dropped-wheel',
	'dull-ring'
] as const;
export type IncidentEvent = (typeof INCIDENT_EVENTS)[number];
/** The machine itself was hit. */
export const MECHANICAL: readonly string[] = ['burst', 'hard-crash', 'light-touch', 'overspeed'];
export const OFF_MACHINE: readonly string[] = ['dropped-wheel', 'dull-ring'];
export const SCRAP: readonly string[] = ['burst', 'hard-crash', 'overspeed', ...OFF_MACHINE];

const seen = <const N extends string>(name: N, about: string) => yesNo(name, about);
const runout = <const N extends string>(name: N, about: string) => um(name, about, from0(5000));

/** Why something ran into something. */
const CAUSES = [
	'work-not-held',
	'wrong-dial-way',
	'wrong-offset',
	'dresser-left-on',
	'stop-not-set',
	'other'
] as const;
/** What is looked at after something went wrong. */
export const FINDING_FIELDS = [
	choice('guard', 'Guard', ['sound', 'damaged']),
	choice('flange', 'Flanges', ['sound', 'light-burr', 'bent', 'cracked']),
	choice('taper', 'Spindle taper', ['sound', 'light-galling', 'severe-galling']),
	runout('taperRunoutUm', 'Run-out of the taper'),
	runout('flangeRunoutUm', 'Run-out of the flange'),
	runout('taperRunoutAgainUm', 'Taper, after cleaning'),
	runout('flangeRunoutAgainUm', 'Flange, after cleaning'),
	seen('polishMarks', 'Polish marks'),
	seen('chuckHighSpots', 'Lumps on the chuck'),
	seen('chuckGouges', 'Hollows in the chuck'),
	seen('spindleNoise', 'Spindle noisy'),
	choice('cause', 'Why it happened', CAUSES),
	text('causeNote', 'In a sentence', { maxLength: 300, label: 'Why, in words' })
] as const;
