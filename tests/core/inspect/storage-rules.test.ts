import { expect } from 'chai';
import { storageRules } from '../../../src/core/inspect/storage-rules.js';

describe('inspect: how a wheel is kept', () => {
	const wheel = { shape: '1', bondFamily: 'vitrified', diameterMm: 300, widthMm: 32 };
	it('by its shape', () => {
		expect(storageRules(wheel)[0]).to.match(/On edge/);
		expect(storageRules({ ...wheel, shape: '6' })[0]).to.match(/flat side/);
		expect(storageRules({ ...wheel, shape: '2' })[0]).to.match(/soft pieces/);
		expect(storageRules({ ...wheel, diameterMm: 40, widthMm: 20 })[0]).to.match(/drawer/);
		expect(storageRules({ ...wheel, bondFamily: 'resin', widthMm: 3 })[0]).to.match(/never on edge/);
	});
	it('by what its bond does not stand', () => {
		expect(storageRules(wheel)[1]).to.match(/frost/);
		expect(storageRules({ ...wheel, bondFamily: 'rubber' })[1]).to.match(/oldest/);
		expect(storageRules({ ...wheel, bondFamily: 'magnesia' })[1]).to.match(/water/);
	});
});
