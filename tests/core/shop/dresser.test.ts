import { expect } from 'chai';
import { METHODS } from '../../../src/core/dress/methods.js';
import {
	DRESSERS,
	DRESSER_FIELDS,
	DRESSER_KINDS,
	dresserFields,
	dresserWords,
	isTurned,
	methodOf,
	missingOf
} from '../../../src/core/shop/dresser.js';

describe('dressers of the shop', () => {
	it('serve every way of dressing there is', () => {
		const served = new Set(DRESSER_KINDS.map(methodOf).filter((m) => m !== null));
		expect([...served]).to.have.members([...METHODS]);
	});
	it('ask for what their kind needs and for nothing else', () => {
		const names = (kind: string) => dresserFields(kind).map((f) => f.name);
		expect(names('wire')).to.deep.equal(['code', 'kind', 'wear', 'place', 'wireMm', 'spoolM']);
		expect(names('radius-fixture')).to.include.members(['faceToCentreMm', 'baseToCentreMm']);
		expect(names('sine-fixture')).to.include('pinDistanceMm');
		expect(names('truing-wheel')).to.include.members(['marking', 'ratedMps', 'ratedRpm', 'leastDiameterMm']);
		expect(names('nothing of that kind')).to.deep.equal(['code', 'kind', 'wear', 'place']);
	});
	it('need fields that are on the list, each of them used by some kind', () => {
		const known = DRESSER_FIELDS.map((f) => f.name as string);
		const needed = new Set(DRESSER_KINDS.flatMap((k) => [...DRESSERS[k].needs] as string[]));
		expect([...needed].filter((n) => !known.includes(n))).to.deep.equal([]);
		const unused = known.filter((n) => !needed.has(n) && !['code', 'kind', 'wear', 'place'].includes(n));
		expect(unused).to.deep.equal([]);
	});
	it('name the first thing that is missing', () => {
		expect(missingOf({ kind: 'wire', code: 'W', wear: 'in-use', wireMm: 0.25, spoolM: null })!.name).to.equal(
			'spoolM'
		);
		expect(missingOf({ kind: 'star', code: 'S', wear: 'in-use' })).to.equal(null);
		const roll = { kind: 'form-roll', code: 'R', wear: 'in-use', bodyDiameterMm: 100, bodyWidthMm: null };
		expect(missingOf(roll)!.name).to.equal('bodyWidthMm');
		expect(missingOf({ ...roll, bodyWidthMm: 30, mostRpm: null })).to.equal(null);
	});
	it('are turned where they wear to a plateau', () => {
		expect(DRESSER_KINDS.filter(isTurned)).to.deep.equal(['single-point', 'blade', 'cluster']);
		expect(dresserWords('disc')).to.equal('driven disc');
	});
});
