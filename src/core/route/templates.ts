import { MOUNTINGS, type Mounting } from './stations/mount/mounting-method.js';

export type { Mounting };
import { choice, from0, group, list, number, text } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';
import { STATIONS, STATION_NAMES, type StationId } from './station-names.js';

/** What the station Machine asks before any wheel: its run-out, or waking it after a long stand. */
export const MACHINE_ASKS = ['spindle', 'wake'] as const;
export const MACHINE_WORDS: Readonly<Record<(typeof MACHINE_ASKS)[number], string>> = {
	spindle: 'run-out of taper and flange',
	wake: 'waking it after a long stand'
};

/** A check the shop has added to a station of a route: a question to be answered yes, or a value that has a limit. */
export interface ExtraCheck {
	id: string;
	station: StationId;
	text: string;
	kind: 'yes' | 'number';
	unit: string;
	atMost: number | null;
}
export interface RouteFacts {
	code: string;
	version: number;
	mounting: Mounting;
	machineAsks: (typeof MACHINE_ASKS)[number];
	checks: ExtraCheck[];
}

/** What a lead may change of a route. */
export const TEMPLATE_FIELDS = [
	text('name', 'As the shop calls it', { required: true, minLength: 2, maxLength: 60, label: 'Name' }),
	text('why', 'In one sentence', { required: true, minLength: 5, maxLength: 300, label: 'Why this order' }),
	choice('mounting', 'Decides what Mount asks for', MOUNTINGS, {
		required: true,
		label: 'The wheel is held'
	}),
	choice('machineAsks', 'Where that station is on the route', MACHINE_ASKS, {
		default: 'spindle',
		label: 'Machine asks for'
	}),
	list('stations', 'In order', choice('station', 'Station', STATIONS, { required: true }), {
		required: true,
		minItems: 5,
		maxItems: STATIONS.length
	}),
	list(
		'checks',
		'Of this shop',
		group(
			'check',
			'One check',
			[
				text('id', 'Stays the same over versions', {
					required: true,
					maxLength: 20,
					pattern: '^[a-z0-9-]+$',
					patternSays: 'may hold small letters, digits and dashes'
				}),
				choice('station', 'Where it is asked', STATIONS, { required: true }),
				text('text', 'In a few words', { required: true, minLength: 3, maxLength: 80, label: 'Check' }),
				choice('kind', 'Yes, or a value', ['yes', 'number'], { default: 'yes', label: 'Answered by' }),
				text('unit', 'Of the value', { maxLength: 10, default: '' }),
				number('atMost', 'Limit of the value', { ...from0(1_000_000), label: 'At most' })
			],
			{ required: true }
		),
		{ default: [] as ExtraCheck[], maxItems: 40, label: 'Extra checks' }
	),
	text('note', 'Kept in its history', {
		required: true,
		minLength: 5,
		maxLength: 200,
		label: 'Why it changes'
	})
] as const satisfies readonly Field[];

/** What may never be missing, and what never comes before what. */
const NEEDED: readonly StationId[] = ['brief', 'select', 'inspect', 'mount', 'run-in', 'keep'];
const ORDER: readonly [StationId, StationId][] = [
	['select', 'inspect'],
	['inspect', 'mount'],
	['machine', 'mount'],
	['mount', 'run-in'],
	['run-in', 'true'],
	['run-in', 'form'],
	['true', 'form'],
	['form', 'dress'],
	['form', 'prove'],
	['run-in', 'dress'],
	['run-in', 'prove'],
	['mount', 'balance'],
	['dress', 'prove'],
	['true', 'prove'],
	['balance', 'prove']
];

/** A route nobody can be led into danger by. @throws InputFault on `stations` or a check */
export function checkRoute(stations: readonly StationId[], checks: readonly ExtraCheck[]): void {
	const wrong = (says: string): never => {
		throw new InputFault('stations', 'inconsistent', says);
	};
	const twice = stations.find((station, i) => stations.indexOf(station) !== i);
	if (twice) wrong(`${STATION_NAMES[twice]} stands twice. Take one away.`);
	for (const s of NEEDED)
		if (!stations.includes(s)) wrong(`${STATION_NAMES[s]} is never left out. Put it back.`);
	if (stations[0] !== 'brief') wrong('A route begins with Brief.');
	if (stations.at(-1) !== 'keep') wrong('A route ends with Keep.');
	for (const [first, then] of ORDER)
		if (
			stations.includes(first) &&
			stations.includes(then) &&
			stations.indexOf(first) > stations.indexOf(then)
		)
			wrong(`${STATION_NAMES[first]} comes before ${STATION_NAMES[then]}, always.`);
	checks.forEach((check, i) => {
		if (!stations.includes(check.station))
			throw new InputFault(
				`checks.${i}.station`,
				'inconsistent',
				`"${check.text}" belongs to ${STATION_NAMES[check.station]}, which is not on this route.`
			);
		if (check.kind === 'number' && check.atMost === null)
			throw new InputFault(
				`checks.${i}.atMost`,
				'missing',
				`"${check.text}" is a value and needs its limit.`
			);
		if (checks.findIndex((o) => o.id === check.id) !== i)
			throw new InputFault(`checks.${i}.id`, 'inconsistent', `Two checks are called ${check.id}.`);
	});
}
