import { randomUUID } from 'node:crypto';
import { CALCULATIONS } from '../../../src/core/calculations.js';
import { STEPS } from '../../../src/core/route/steps.js';
import { ODD, type Rng, pick } from './spoil.js';

/** Stands for the version a setup has at the moment it is knocked at. */
export const NOW = -77;

const WHEEL = {
	number: 'FZ1',
	marking: 'WA 60 J 7 V',
	newDiameterMm: 300,
	diameterMm: 290,
	widthMm: 25,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4,
	ratedMps: 40,
	place: 'fuzz'
};
const BRIEF = {
	part: 'Fuzz plate',
	quantity: 5,
	material: 'steel-hardened',
	hardnessHrc: 60,
	operation: 'surface',
	targetRaUm: 0.6,
	machineId: 1
};
const LOOK = { seen: [], note: '', storedMonths: 1 };
/** What a good request to each door carries; anything else is made from these by spoiling them. */
export const GOOD: Readonly<Record<string, (rng: Rng) => unknown>> = {
	'/api/setups': () => ({ key: randomUUID(), values: BRIEF }),
	'/api/setups/[id]/records': (rng) => {
		const s = pick(rng, STEPS);
		const values = Object.fromEntries(s.fields.map((f) => [f.name, 'default' in f ? f.default : 1]));
		return { key: randomUUID(), version: rng() < 0.8 ? NOW : 3, station: s.station, step: s.step, values };
	},
	'/api/setups/[id]/incidents': () => ({
		key: randomUUID(),
		values: { event: 'vibration', injury: false, madeSafe: true, seen: 'fuzz saw it' }
	}),
	'/api/setups/[id]/accept': () => ({
		key: randomUUID(),
		version: NOW,
		recordId: 1,
		reason: 'a reason long enough'
	}),
	'/api/setups/[id]/units': () => ({ units: 'mm' }),
	'/api/incidents/[id]': () => ({
		key: randomUUID(),
		version: 1,
		done: ['record-and-tag'],
		findings: { guard: 'sound', flange: 'sound' }
	}),
	'/api/wheels': (rng) => ({ values: { ...WHEEL, number: `FZ${Math.floor(rng() * 1e6)}` } }),
	'/api/wheels/receive': (rng) => ({
		key: randomUUID(),
		values: { ...WHEEL, number: `FZ${Math.floor(rng() * 1e6)}`, madeOn: '2026-01-01' },
		look: LOOK
	}),
	'/api/wheels/[number]': () => ({ action: 'quarantine', reason: 'a reason long enough' }),
	'/api/wheels/[number]/inspections': () => ({ key: randomUUID(), step: 'look', values: LOOK }),
	'/api/rack/import': (rng) => ({
		lines: [{ wheel: { ...WHEEL, number: `FI${Math.floor(rng() * 1e6)}` } }, null]
	}),
	'/api/rack/known': () => ({ numbers: ['0317', 'x'] }),
	'/api/guidelines/[topic]': () => ({ basedOn: 0, note: 'fuzzed figures', body: { recommend: {} } }),
	'/api/routes/[code]': () => ({
		version: 1,
		values: {
			name: 'Fuzz',
			why: 'none',
			mounting: 'flange',
			machineAsks: 'spindle',
			stations: ['brief', 'select'],
			checks: [],
			note: 'fuzz'
		}
	}),
	'/api/shop/[kind]': (rng) => ({
		of: null,
		values: {
			code: `FZ${Math.floor(rng() * 1e4)}`,
			name: 'Fuzz',
			grade: '1',
			blocksMm: [1, 2],
			kind: 'single-point',
			role: 'machinist'
		}
	}),
	'/api/shop/dressers/[code]/flats': () => ({ values: { removedCm3: 1, flatWidthUm: 20 } }),
	'/api/practice/ring': () => ({ seed: 7, answered: 'clear' }),
	'/api/practice/stand': () => ({ seed: 7, how: 'feel', spins: 3, weights: [10, 20] }),
	'/api/drafts/[key]': (rng) => ({ boreMm: '76.2', more: ODD(rng) }),
	'/api/unlock': () => ({ userId: 1, pin: '000000' }),
	'/api/account': () => ({ pin: '000000', newPin: '730156' }),
	'/api/people/one-time-pin': () => ({ name: 'Nobody Here' }),
	'/api/calc/[id]': (rng) =>
		pick(
			rng,
			CALCULATIONS.filter((c) => !c.heavy)
		).example
};
