import { expect } from 'chai';
import { FACTS_VERSION, closedFacts, upgradedFacts } from '../../../src/core/facts/kept.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { worked } from '../../shared/setup-in-memory.js';

/** Names of every fact, those of lists and groups too; what a person entered is theirs. */
function namesOf(value: unknown, at: string, found = new Set<string>()): Set<string> {
	if (Array.isArray(value)) for (const v of value) namesOf(v, at, found);
	else if (typeof value === 'object' && value !== null)
		for (const [name, v] of Object.entries(value)) {
			found.add(`${at}${name}`);
			namesOf(v, `${at}${name}.`, found);
		}
	return found;
}
/** The groups that are kept, as version 3 has them. */
const VERSION_3 = {
	'': 'batchGPa brief chipsSeen companions cuts dresser dressers givenUp guidelines id incidentId machine morning morningWanted mount mounts nowMs occupied onSpindle pastRings recordings route routeName shop simulators state stations timeZone today trays version wheel',
	machine:
		'axes balanceClass coastS code dialDivisionUm dialReads drive id kind lockedOut mainsHz maxDiameterMm maxWidthMm motorTorqueNm name plateRpm rotation seatMm spindleRpm spindleRpmMax spindleRpmMin wet',
	wheel:
		'bond bondFamily boreMm canonical concentrationPercent diameterMm expiresOn family grade gritMeanUm gritNumber heldBy id inPack keptOn marking massComputed massKg minDiameterMm newDiameterMm number place ratedMps ratedRpm rimDepthMm rimWidthMm shape state stateReason structure widthMm',
	mount:
		'code flangeMm id inertiaKgM2 journalRadiusMm massKg recessMm retention screwCount screwDiameterMm seatMm threadHand torqueNm trackRadiusMm weightCount weightMassG'
} as const;

describe('facts of a finished setup', () => {
	const facts: SetupFacts = worked();
	const kept = JSON.parse(JSON.stringify(closedFacts(facts))) as Record<string, unknown>;
	it('are read again as they were kept', () => {
		const { records: _r, sums: _s, named: _n, units: _u, ...rest } = facts;
		expect(kept.factsVersion).to.equal(FACTS_VERSION);
		expect(upgradedFacts(kept)).to.deep.equal(JSON.parse(JSON.stringify(rest)));
	});
	it('kept before there were versions are brought to today, and nothing that was kept is overwritten', () => {
		const { factsVersion: _v, morning: _m, morningWanted: _w, timeZone: _z, ...first } = kept;
		expect(upgradedFacts(first)).to.include({ morning: null, morningWanted: false, timeZone: 'UTC' });
		const { drive: _d, plateRpm: _p, mainsHz: _h, ...machine } = kept.machine as Record<string, unknown>;
		expect(upgradedFacts({ ...first, machine }).machine).to.include({ drive: null, plateRpm: null });
		expect(upgradedFacts({ ...first, timeZone: 'Europe/Berlin' }).timeZone).to.equal('Europe/Berlin');
	});
	it('have the names of their version: another one needs FACTS_VERSION raised and an upgrade', () => {
		expect(FACTS_VERSION).to.equal(3);
		for (const [group, names] of Object.entries(VERSION_3)) {
			const from = group === '' ? { ...kept, factsVersion: undefined } : kept[group];
			const own = [...namesOf(from, '')].filter((n) => !n.includes('.') && n !== 'factsVersion').sort();
			expect(own.join(' '), group || 'a setup').to.equal(names);
		}
	});
});
