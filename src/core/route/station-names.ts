/** The stations a wheel passes on its way to work, as every route may order them. */
export const STATIONS = [
	'brief',
	'machine',
	'select',
	'inspect',
	'mount',
	'run-in',
	'true',
	'balance',
	'form',
	'dress',
	'prove',
	'keep'
] as const;
export type StationId = (typeof STATIONS)[number];
export const STATION_NAMES: Readonly<Record<StationId, string>> = {
	brief: 'Brief',
	machine: 'Machine',
	select: 'Select',
	inspect: 'Inspect',
	mount: 'Mount',
	'run-in': 'Run in',
	true: 'True',
	balance: 'Balance',
	form: 'Form',
	dress: 'Dress',
	prove: 'Prove',
	keep: 'Keep'
};
