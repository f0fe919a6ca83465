import { expect } from 'chai';
import fc from 'fast-check';
import { basisText, foundBy, measuredWith } from '../../../src/core/route/basis.js';
import { decide } from '../../../src/core/route/engine.js';
import { releaseSheet } from '../../../src/core/route/stations/prove/sheet.js';
import { RIM } from '../../shared/good-work.js';
import { did, line, worked } from '../../shared/setup-in-memory.js';

/** What every line of a finished toolroom setup says of what it rests on; lines without a figure or a finding say nothing. */
const RESTS_ON: Readonly<Record<string, string>> = {
	'inspect.look': 'by eye',
	'inspect.ring': 'by ear',
	'mount.fit': 'measured: caliper',
	'mount.flange': 'measured: caliper',
	'mount.tighten': 'by hand: tightened as shown',
	'run-in.speed': 'measured: tachometer',
	'run-in.outcome': 'by ear',
	'true.read': 'measured: dial indicator',
	'true.runs-true': 'measured: dial indicator',
	'balance.inside': 'by hand: stays put on the stand',
	'balance.second': 'by hand: stays put on the stand',
	'dress.sound': 'by ear',
	'prove.ra': 'measured: roughness meter',
	'prove.burn': 'by eye',
	'prove.chatter': 'by eye'
};

describe('what a line rests on', () => {
	it('is said of every line that stands on a figure or on what somebody saw, heard or felt', () => {
		const said = decide(worked()).stations.flatMap(({ id, lines }) =>
			lines.flatMap((shown) => (shown.basis ? [[`${id}.${shown.key}`, basisText(shown.basis, 'mm')]] : []))
		);
		expect(Object.fromEntries(said)).to.deep.equal(RESTS_ON);
	});
	it('is in words, with its band in the units of the setup', () => {
		expect(basisText(measuredWith('dial indicator'), 'mm')).to.equal('measured: dial indicator');
		expect(basisText(foundBy('by ear'), 'mm')).to.equal('by ear');
		const line = foundBy('pencil line', { value: 100, unit: 'um' });
		expect(basisText(line, 'mm')).to.equal('by hand: pencil line, within 100 µm');
		expect(basisText(line, 'inch')).to.match(/^by hand: pencil line, within 3\.9\d* thou$/);
	});
	it('stands on the release sheet, row by row, and nothing stands behind what nobody looked at', () => {
		const rows = releaseSheet(worked())!;
		const of = (name: string) => rows.find((row) => row.name === name)?.basis ?? null;
		expect(of('speedRpm')).to.deep.equal(measuredWith('tachometer'));
		expect(of('soundNormal')).to.deep.equal(foundBy('by ear'));
		for (const row of rows.filter(({ state }) => state === 'missing')) expect(row.basis).to.equal(null);
	});
});

describe('True without an indicator', () => {
	const AFTER = { diameterAfterMm: 289.7, spunDry: true };
	const dressed = (more: object = {}) =>
		did(worked('true.runout'), 'true', 'after-hand', {
			lastBiteUm: 20,
			...AFTER,
			...more
		});

	it('dressed until no untouched spot is left, it runs out by the last bite at most, and says how it is known', () => {
		const f = dressed();
		expect(line(f, 'true', 'runs-true')).to.deep.include({
			state: 'ok',
			value: 'at most 20 µm now, limit 25 µm',
			basis: foundBy('no untouched spot left, spindle not measured')
		});
		expect(decide(f).current).to.equal('balance');
	});
	it('a limit inside the band is a caution that waits for a reason', () => {
		const f = dressed({ lastBiteUm: 40 });
		expect(line(f, 'true', 'runs-true')).to.include({ state: 'caution', needsReason: true });
		expect(decide(f).current).to.equal('true');
	});
	it('a pencil line all round is a bound too, and one that is too wide leaves the rim to be trued', () => {
		const held = did(worked('true.runout'), 'true', 'hand', { way: 'line-held' });
		expect(line(held, 'true', 'runs-true')).to.include({
			state: 'open',
			value: 'at most 100 µm now, limit 25 µm'
		});
	});
	it('a line closed by hand never makes better what an indicator has read since the rim was cut', () =>
		fc.assert(
			fc.property(
				fc.constantFrom('line-held', 'line-clamped'),
				fc.integer({ min: 1, max: 120 }),
				(way, clampedBandUm) => {
					const at = worked('true.runout');
					const limits = { 'true.rim-by-hand': { clampedBandUm, heldBandUm: clampedBandUm } };
					const shop = { ...at, guidelines: { ...at.guidelines, limits } };
					const read = did(shop, 'true', 'runout', { readingsUm: RIM });
					const trued = did(read, 'true', 'after', { readingsUm: RIM, ...AFTER });
					for (const f of [read, trued]) {
						const before = line(f, 'true', 'runs-true')!;
						const then = line(did(f, 'true', 'hand', { way }), 'true', 'runs-true')!;
						expect(then.state).to.equal(before.state);
						expect(then.value).to.equal(before.value);
					}
				}
			),
			{ numRuns: 20 }
		));
	it('a cut after the readings is judged by what is known since, and readings after it count again', () => {
		const read = did(worked('true.runout'), 'true', 'runout', { readingsUm: RIM });
		const cut = did(read, 'true', 'after-hand', { lastBiteUm: 12, ...AFTER });
		expect(line(cut, 'true', 'runs-true')!.value).to.match(/^at most 12 /);
		const again = did(cut, 'true', 'runout', { readingsUm: RIM });
		expect(line(again, 'true', 'runs-true')!.value).to.match(/^36 /);
	});
	it('a dry machine is not asked about its coolant, a wet one is', () => {
		const at = worked('true.runout');
		const dry = { ...at, machine: { ...at.machine, wet: false } };
		const trued = did(dry, 'true', 'after-hand', {
			lastBiteUm: 20,
			diameterAfterMm: 289.7
		});
		expect(line(trued, 'true', 'dry')).to.equal(undefined);
		expect(decide(trued).current).to.equal('balance');
		expect(() => dressed({ spunDry: undefined })).to.throw(/Spun dry is missing/);
	});
});

describe('a finish that was compared', () => {
	const CUT = { burnSeen: false, chatterSeen: false, crackSeen: false, guardClosed: true, soundNormal: true };
	const released = (raUm: number, raBy?: string) =>
		did(worked('prove.release'), 'prove', 'release', { raUm, raBy, ...CUT });
	const asked = worked().brief.targetRaUm;

	it('is judged at the worse end of its class, and called a bound wherever it stands', () => {
		const f = released(asked / 2, 'plate');
		expect(line(f, 'prove', 'ra')).to.deep.include({
			state: 'ok',
			basis: foundBy('comparison plate, a class either way')
		});
		expect(line(f, 'prove', 'ra')!.value).to.match(/^Ra at most /);
		const row = releaseSheet(f)!.find(({ name }) => name === 'raUm')!;
		expect(row.value).to.match(/^at most /);
		expect(row.basis!.kind).to.equal('by-hand');
		expect(line(released(asked * 0.6, 'plate'), 'prove', 'ra')!.state).to.equal('caution');
		expect(line(released(asked * 0.3, 'finger'), 'prove', 'ra')!.state).to.equal('caution');
		expect(line(released(asked * 0.2, 'finger'), 'prove', 'ra')!.state).to.equal('ok');
	});
	it('never holds where a meter that reads the same would not', () => {
		for (const share of [0.2, 0.5, 0.9, 1, 1.1, 2])
			for (const raBy of ['plate', 'finger'])
				if (line(released(asked * share), 'prove', 'ra')!.state !== 'ok')
					expect(line(released(asked * share, raBy), 'prove', 'ra')!.state).to.equal('caution');
	});
});
