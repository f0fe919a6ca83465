import { expect } from 'chai';
import { rows, write } from '../../src/lib/server/storage/pool.js';
import { acceptCaution } from '../../src/lib/server/setups/accept.js';
import { record } from '../../src/lib/server/setups/record.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import {
	JOB,
	facts,
	key,
	machineId,
	machinist,
	refusedWith,
	setup,
	step,
	user,
	wheel,
	workedUpTo
} from './fixtures.js';
import { GOOD } from '../shared/good-work.js';

const good = (name: string) => GOOD.find(([s, n]) => `${s}.${n}` === name)![2];

describe('two people, two tabs, twice pressed', () => {
	it('the same submit twice records once', async () => {
		const { id } = await workedUpTo('inspect.look');
		const f = await facts(id);
		const same = {
			station: 'inspect' as const,
			step: 'look',
			values: good('inspect.look'),
			version: f.version,
			key: key()
		};
		await record(id, same, await machinist());
		await record(id, same, await machinist());
		expect((await facts(id)).records.filter((r) => r.step === 'look')).to.have.length(1);
	});

	it('the same submit at the same moment records once', async () => {
		const { id } = await workedUpTo('inspect.look');
		const f = await facts(id);
		const same = {
			station: 'inspect' as const,
			step: 'look',
			values: good('inspect.look'),
			version: f.version,
			key: key()
		};
		const who = await machinist();
		await Promise.all([record(id, same, who), record(id, same, who), record(id, same, who)]);
		expect((await facts(id)).records.filter((r) => r.step === 'look')).to.have.length(1);
	});

	it('starting the same setup twice starts one', async () => {
		const brief = checked(BRIEF_FIELDS, { ...JOB, machineId: await machineId('SG-1') });
		const k = key();
		const who = await machinist();
		const first = await startSetup(brief, who, k);
		expect(await startSetup(brief, who, k)).to.equal(first);
		const other = key();
		const ids = await Promise.all([1, 2, 3].map(() => startSetup(brief, who, other)));
		expect(new Set(ids).size).to.equal(1);
	});

	it('two people recording at once: one is told to look again', async () => {
		const { id } = await workedUpTo('mount.fit');
		const version = (await facts(id)).version;
		const tries = await Promise.allSettled(
			['Tobias Renn', 'Ines Falk', 'Mara Okonjo'].map(async (name) =>
				record(
					id,
					{ station: 'mount', step: 'fit', values: good('mount.fit'), version, key: key() },
					await user(name)
				)
			)
		);
		expect(tries.filter((t) => t.status === 'fulfilled')).to.have.length(1);
		for (const t of tries)
			if (t.status === 'rejected') expect((t.reason as { code: string }).code).to.equal('changed-meanwhile');
	});

	it('an old tab is told who changed it meanwhile', async () => {
		const { id } = await workedUpTo('mount.fit');
		const old = (await facts(id)).version;
		await record(
			id,
			{ station: 'mount', step: 'fit', values: good('mount.fit'), version: old, key: key() },
			await user('Tobias Renn')
		);
		const said = await refusedWith(
			'changed-meanwhile',
			record(
				id,
				{ station: 'mount', step: 'fit', values: good('mount.fit'), version: old, key: key() },
				await machinist()
			)
		);
		expect(said.message).to.contain('Tobias Renn');
	});

	it('two people taking one wheel at once: one gets it, the other is told who holds it', async () => {
		const number = await wheel();
		const [a, b] = [await setup(), await setup()];
		const tries = await Promise.allSettled([
			step(a, 'select', 'take', { wheelNumber: number }),
			step(b, 'select', 'take', { wheelNumber: number })
		]);
		expect(tries.filter((t) => t.status === 'fulfilled')).to.have.length(1);
		const lost = tries.find((t) => t.status === 'rejected') as PromiseRejectedResult;
		expect((lost.reason as { code: string }).code).to.equal('held');
		expect([(await facts(a)).wheel, (await facts(b)).wheel].filter(Boolean)).to.have.length(1);
	});

	it('a wheel given back is free again', async () => {
		const { id, number } = await workedUpTo('never');
		await step(id, 'keep', 'entry', {
			what: 'taken-off',
			diameterAfterMm: 289.5,
			partsGround: 5,
			redressAfterParts: 10,
			targetMps: 30
		});
		expect((await facts(id)).state).to.equal('finished');
		const next = await setup();
		await step(next, 'select', 'take', { wheelNumber: number });
		expect((await facts(next)).wheel!.heldBy).to.equal(next);
		await refusedWith(
			'setup-finished',
			step(id, 'keep', 'entry', { what: 'ground-on', diameterAfterMm: 289.4, partsGround: 1, targetMps: 30 })
		);
	});
});

describe('evidence', () => {
	it('is never changed or deleted, not even past the application', async () => {
		for (const sql of ["UPDATE records SET verdict = 'ok' LIMIT 1", 'DELETE FROM records LIMIT 1']) {
			let said = '';
			try {
				await write(sql);
			} catch (e) {
				said = (e as Error).message;
			}
			expect(said).to.match(/evidence/);
		}
	});

	it('a caution goes on with a reason of ten characters, as a record of its own', async () => {
		const { id } = await workedUpTo('inspect.look');
		await step(id, 'inspect', 'look', {
			...(good('inspect.look') as object),
			chips: [{ sizeMm: 1, zone: 'rim' }]
		});
		const f = await facts(id);
		const look = f.records.at(-1)!;
		expect(look.verdict).to.equal('caution');
		await refusedWith('inspect.look', step(id, 'inspect', 'ring', good('inspect.ring')));
		await refusedWith('below-minimum', acceptCaution(id, look.id, 'ok', f.version, key(), await machinist()));
		await acceptCaution(
			id,
			look.id,
			'chip is truing stock, looked at with Mara',
			f.version,
			key(),
			await machinist()
		);
		const after = (await facts(id)).records.at(-1)!;
		expect(after.overrideReason).to.contain('truing stock');
		const kept = await rows<{ replaces_id: number }>('SELECT replaces_id FROM records WHERE id = ?', [
			after.id
		]);
		expect(kept[0]!.replaces_id).to.equal(look.id);
		await step(id, 'inspect', 'ring', good('inspect.ring'));
	});

	it('keeps what was entered, what went in, what came out, who and when', async () => {
		const { id } = await workedUpTo('inspect.ring');
		const r = (await facts(id)).records.at(-1)!;
		expect(r.entered).to.deep.include({ crack: false });
		expect(r.input).to.include({ bond: 'vitrified', ratedSpeedMps: 40 });
		expect(r.output).to.include({ nextStep: 'ring-test', verdict: 'ok' });
		expect(r.by).to.equal('Ines Falk');
		expect(Math.abs(r.atMs - Date.now())).to.be.below(120_000);
	});
});

describe('bad values by direct request', () => {
	const bad: [string, unknown, string][] = [
		['text', 'soon', 'not-a-number'],
		['negative', -5, 'below-minimum'],
		['absurd', 1e308, 'above-maximum'],
		['not a number', Number.NaN, 'not-a-number'],
		['infinite', Infinity, 'not-a-number'],
		['empty', null, 'missing'],
		['a list', [1], 'not-a-number'],
		['a group', { a: 1 }, 'not-a-number'],
		['SQL', '1; DROP TABLE records', 'not-a-number'],
		['HTML', '<b>1</b>', 'not-a-number'],
		['a number as text', '76.2', 'not-a-number']
	];
	for (const [name, value, code] of bad)
		it(`${name} as a bore is named and not stored`, async () => {
			const { id } = await workedUpTo('mount.fit');
			const before = (await facts(id)).records.length;
			const said = await refusedWith(code, step(id, 'mount', 'fit', { boreMm: value, arborMm: 76.2 }));
			expect(said.field).to.equal('boreMm');
			expect((await facts(id)).records).to.have.length(before);
		});

	it('a diameter that grew is refused', async () => {
		const { id } = await workedUpTo('true.after');
		const said = await refusedWith(
			'above-maximum',
			step(id, 'true', 'after', { ...(good('true.after') as object), diameterAfterMm: 295 })
		);
		expect(said.field).to.equal('diameterAfterMm');
	});

	it('HTML and SQL as a part name stay text', async () => {
		const part = `<img src=x onerror=alert(1)>'; DROP TABLE setups; --`;
		const id = await startSetup(
			checked(BRIEF_FIELDS, { ...JOB, part, machineId: await machineId('SG-1') }),
			await machinist(),
			key()
		);
		expect((await facts(id)).brief.part).to.equal(part);
	});

	it('unknown steps and stations are named', async () => {
		const id = await setup();
		await refusedWith('unknown-choice', step(id, 'inspect', 'dance', {}));
		await refusedWith('brief-told', step(id, 'brief', 'brief', {}));
	});
});
