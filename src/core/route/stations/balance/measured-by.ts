/** Every way of measuring the unbalance: a record of any of them counts before the gate. */
export const MEASURED_BY = [
	'swing',
	'marks',
	'mass',
	'rest',
	'phase',
	'runs',
	'planes',
	'auto',
	'stays'
] as const;
