import type { Field } from '../calculation/fields.js';
import { INSTRUMENT_KINDS } from '../instrument/kinds.js';
import { FAILURES } from '../instrument/simulate.js';
import { CODE } from './fields.js';

/** What the shop keeps of an instrument; without an address its stand-in answers, as it is set here. */
export const INSTRUMENT_FIELDS = [
	CODE, { name: 'kind', kind: 'choice', choices: INSTRUMENT_KINDS, required: true, label: 'Kind', about: 'Decides the unit it must send' }, { name: 'host', kind: 'text', maxLength: 80, pattern: '^[A-Za-z0-9.:-]*$', patternSays: 'is no address', default: '', label: 'Address', about: 'Empty for the stand-in' }, { name: 'port', kind: 'integer', min: 1, max: 65535, label: 'Port', about: 'Of its line stream' },
	{ name: 'seed', kind: 'integer', min: 0, max: 4294967295, default: 1, label: 'Stand-in: seed', about: 'Same seed, same readings' }, { name: 'level', kind: 'number', min: -1e6, max: 1e6, default: 0, label: 'Stand-in: reads about', about: 'In its unit' }, { name: 'swing', kind: 'number', min: 0, max: 1e6, default: 0, label: 'Stand-in: swings by', about: 'Eccentricity of a dial in um; offset of a presetter' },
	{ name: 'multiple', kind: 'number', min: 0, max: 4, default: 1, label: 'Stand-in: multiple', about: 'Of a tachometer: 0.5, 2, 3, 4, or 0 for a lost mark' }, { name: 'failure', kind: 'choice', choices: FAILURES, default: 'none', label: 'Stand-in: goes wrong', about: 'To try what is said then' }
] as const satisfies readonly Field[];
