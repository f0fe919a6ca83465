import { expect } from 'chai';
import { release } from '../../../src/core/prove/release.js';
import { refuses } from '../examples.js';

const SHEET = {
	crackSeen: false,
	guardClosed: true,
	runInDone: true,
	speedRpm: 2000,
	maxRpm: 2100,
	balanceResidualGmm: 12,
	balanceLimitGmm: 20,
	runOutUm: 3,
	runOutLimitUm: 5,
	dressSoundEven: true,
	raUm: 0.7,
	raTargetUm: 0.8,
	formErrorUm: 4,
	formToleranceUm: 5,
	burnSeen: false,
	chatterSeen: false,
	soundNormal: true
};
const sheet = (more: object = {}, rest: object = {}) =>
	release.run({ checks: { ...SHEET, ...more }, ...rest });
const findings = (more: object, rest: object = {}) =>
	sheet(more, rest).reasons.map((r) => `${r.severity} ${r.code}`);

describe('prove.release: every line of the sheet', () => {
	it('releases when all twelve hold, at their limits too', () => {
		expect(sheet()).to.include({ released: 'yes', passCount: 12, failCount: 0, missingCount: 0 });
		const limits = { speedRpm: 2100, balanceResidualGmm: 20, runOutUm: 5, raUm: 0.8, formErrorUm: 5 };
		expect(sheet(limits)).to.include({ released: 'yes', passCount: 12 });
	});
	for (const [more, finding] of [
		[{ crackSeen: true }, 'stop crack-seen'],
		[{ guardClosed: false }, 'stop guard-open'],
		[{ runInDone: false }, 'stop run-in-not-done'],
		[{ speedRpm: 2101 }, 'stop over-speed'],
		[{ balanceResidualGmm: 20.1 }, 'caution balance-over-limit'],
		[{ balanceResidualGmm: 40 }, 'caution balance-over-limit'],
		[{ balanceResidualGmm: 40.1 }, 'stop balance-far-over-limit'],
		[{ runOutUm: 5.1 }, 'caution run-out-over-limit'],
		[{ dressSoundEven: false }, 'caution dress-sound-uneven'],
		[{ raUm: 0.81 }, 'caution finish-over-target'],
		[{ formErrorUm: 5.1 }, 'caution form-over-tolerance'],
		[{ burnSeen: true }, 'caution burn-seen'],
		[{ chatterSeen: true }, 'caution chatter-seen'],
		[{ soundNormal: false }, 'caution sound-abnormal']
	] as const)
		it(`${JSON.stringify(more)}: ${finding}`, () => {
			const out = sheet(more, { overrideReason: 'measured again and accepted' });
			expect(findings(more)).to.deep.equal([finding]);
			expect(out).to.include({ failCount: 1, passCount: 11 });
			expect(out.released).to.equal(finding.startsWith('stop') ? 'no' : 'with-reason');
		});
	it('a missing line is a caution, a missing line of safety a stop', () => {
		for (const name of ['crackSeen', 'guardClosed', 'runInDone', 'speedRpm'])
			expect(findings({ [name]: null }), name).to.deep.equal(['stop missing-safety-check']);
		for (const name of [
			'balanceResidualGmm',
			'runOutUm',
			'dressSoundEven',
			'raUm',
			'formErrorUm',
			'burnSeen'
		])
			expect(findings({ [name]: null }), name).to.deep.equal(['caution missing-check']);
		expect(sheet({ burnSeen: null })).to.include({ missingCount: 1, passCount: 11, failCount: 0 });
	});
	it('no form asked, no form judged; a sound not listened for is not on the sheet', () => {
		expect(sheet({ formAsked: false, formErrorUm: null })).to.include({ released: 'yes', passCount: 11 });
		expect(sheet({ soundNormal: null })).to.include({ released: 'yes', passCount: 11, missingCount: 0 });
	});
	it('a check of a station the route does not have is left out, a check of safety never', () => {
		expect(sheet({ raUm: null }, { leftOut: ['raUm'] })).to.include({ released: 'yes', passCount: 11 });
		expect(findings({ crackSeen: true }, { leftOut: ['crackSeen'] })).to.deep.equal(['stop crack-seen']);
		expect(findings({ runInDone: null }, { leftOut: ['runInDone'] })).to.deep.equal([
			'stop missing-safety-check'
		]);
	});
});

describe('prove.release: the reason', () => {
	const released = (overrideReason?: string | null) => sheet({ burnSeen: null }, { overrideReason }).released;
	it('a caution wants ten characters that are not blanks', () => {
		expect(released()).to.equal('no');
		expect(released('too short')).to.equal('no');
		expect(released('   too short   ')).to.equal('no');
		expect(released('ten chars!')).to.equal('with-reason');
	});
	it('no reason lifts a stop, and none is needed when all holds', () => {
		expect(sheet({ guardClosed: false }, { overrideReason: 'we always do it so' }).released).to.equal('no');
		expect(sheet({}, { overrideReason: 'we always do it so' }).released).to.equal('yes');
	});
	it('a value without its limit is refused at the limit, in words', () => {
		for (const [value, limit] of [
			['speedRpm', 'maxRpm'],
			['balanceResidualGmm', 'balanceLimitGmm'],
			['runOutUm', 'runOutLimitUm'],
			['raUm', 'raTargetUm'],
			['formErrorUm', 'formToleranceUm']
		] as const) {
			refuses('prove.release', { checks: { ...SHEET, [limit]: null } }, `checks.${limit}`, 'missing');
			expect(sheet({ [limit]: null, [value]: null }).missingCount).to.equal(1);
		}
	});
});

describe('prove.release: what is asked beyond the usual', () => {
	for (const [more, finding] of [
		[{ sizeErrorUm: -6, sizeToleranceUm: 5 }, 'caution size-over-tolerance'],
		[{ sizeErrorUm: 5.1, sizeToleranceUm: 5 }, 'caution size-over-tolerance'],
		[{ sizeToleranceUm: 5 }, 'caution missing-check'],
		[{ flatnessUm: 3.1, flatnessLimitUm: 3 }, 'caution flatness-over-limit'],
		[{ flatnessLimitUm: 3 }, 'caution missing-check'],
		[{ taperUm: -4.1, taperLimitUm: 4 }, 'caution taper-over-limit'],
		[{ taperLimitUm: 4 }, 'caution missing-check'],
		[{ workHoldingConfirmed: false }, 'stop work-not-held']
	] as const)
		it(`${JSON.stringify(more)}: ${finding}`, () => expect(findings(more)).to.deep.equal([finding]));
	it('at their limits they hold, whatever their sign, and are counted', () => {
		const asked = {
			sizeErrorUm: -5,
			sizeToleranceUm: 5,
			flatnessUm: 3,
			flatnessLimitUm: 3,
			taperUm: 4,
			taperLimitUm: 4,
			workHoldingConfirmed: true
		};
		expect(sheet(asked)).to.include({ released: 'yes', passCount: 16 });
	});
	it('a value wants its limit', () => {
		refuses('prove.release', { checks: { ...SHEET, taperUm: 2 } }, 'checks.taperLimitUm', 'missing');
	});
});
