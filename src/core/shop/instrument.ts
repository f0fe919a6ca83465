import { between, choice, from0, number, text, whole } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';
import { INSTRUMENT_KINDS } from '../instrument/kinds.js';
import { FAILURES } from '../instrument/simulate.js';
import { CODE } from './fields.js';

/** What the shop keeps of an instrument; without an address its stand-in answers, as it is set here. */
export const INSTRUMENT_FIELDS = [
	CODE,
	choice('kind', 'Decides the unit it must send', INSTRUMENT_KINDS, { required: true, label: 'Kind' }),
	text('host', 'Empty for the stand-in', {
		maxLength: 80,
		pattern: '^[A-Za-z0-9.:-]*$',
		patternSays: 'is no address',
		default: '',
		label: 'Address'
	}),
	whole('port', 'Of its line stream', { ...between(1, 65535), label: 'Port' }),
	whole('seed', 'Same seed, same readings', { ...from0(4294967295), default: 1, label: 'Stand-in: seed' }),
	number('level', 'In its unit', { ...between(-1e6, 1e6), default: 0, label: 'Stand-in: reads about' }),
	number('swing', 'Eccentricity of a dial in um; offset of a presetter', {
		...from0(1e6),
		default: 0,
		label: 'Stand-in: swings by'
	}),
	number('multiple', 'Of a tachometer: 0.5, 2, 3, 4, or 0 for a lost mark', {
		...from0(4),
		default: 1,
		label: 'Stand-in: multiple'
	}),
	choice('failure', 'To try what is said then', FAILURES, { default: 'none', label: 'Stand-in: goes wrong' })
] as const satisfies readonly Field[];
