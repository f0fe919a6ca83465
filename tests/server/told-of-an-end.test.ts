import { expect } from 'chai';
import { row, rows, write } from '../../src/lib/server/storage/pool.js';
import { recordById, wrongClocks } from '../../src/lib/server/storage/records.js';
import { incidentById, recordsOfIncident } from '../../src/lib/server/setups/incidents.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { record } from '../../src/lib/server/setups/record.js';
import { setupFile } from '../../src/lib/server/setups/setup-file.js';
import { workIncident } from '../../src/lib/server/setups/work-incident.js';
import { machineById } from '../../src/lib/server/shop/machines.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import {
	facts,
	freeSpindles,
	key,
	lead,
	machineId,
	machinist,
	refusedWith,
	step,
	user,
	workedUpTo
} from './fixtures.js';

const REPORT = { event: 'hard-crash', injury: false, madeSafe: true, seen: 'a mark on the flange' };
const GIVEN_UP = { reason: 'the job was called off', wheelIs: 'sound' };
/** Everything that is handed out of a setup, as text. */
async function exported(id: number): Promise<string> {
	let text = '';
	for await (const piece of setupFile(await facts(id), 'json')) text += piece;
	return text;
}
const unlock = async (): Promise<void> => {
	await write('UPDATE incidents SET closed_at = UTC_TIMESTAMP(3) WHERE closed_at IS NULL');
	await write('UPDATE machines SET locked_out = FALSE');
};

describe('what is told of a setup', () => {
	afterEach(unlock);

	it('that is finished leaves it as it is: machine and wheel are what is wrong', async () => {
		const { id, number } = await workedUpTo('run-in.start');
		await step(id, 'keep', 'give-up', GIVEN_UP);
		const before = await exported(id);
		const incident = await openIncident(id, REPORT, key(), await machinist());
		expect(await exported(id), 'its export').to.deep.equal(before);
		expect((await facts(id)).state).to.equal('finished');
		expect((await wheelByNumber(number))!.state).to.equal('scrapped');
		expect((await machineById(await machineId('SG-1')))!.lockedOut).to.equal(true);
		// Its plan is worked and closed; the setup is never touched.
		await workIncident(
			incident,
			{ done: ['make-safe', 'scrap-wheel'], version: 1, key: key() },
			await machinist()
		);
		const i = (await incidentById(incident))!;
		expect(i).to.include({ afterEnd: true, setupId: id });
		expect((await recordsOfIncident(i)).map((r) => r.setupId)).to.deep.equal([null, null]);
		expect(await exported(id)).to.deep.equal(before);
	});
	it('that is finished is not for who may only look; what runs they stop, once', async () => {
		const viewer = await user('Piet Aalders');
		const done = await workedUpTo('run-in.start');
		await step(done.id, 'keep', 'give-up', GIVEN_UP);
		await refusedWith('viewer', openIncident(done.id, REPORT, key(), viewer));
		const inAnother = { by: (await lead()).id, atMs: null };
		await refusedWith('viewer', openIncident(done.id, REPORT, key(), viewer, inAnother));
		const { id } = await workedUpTo('true.runout');
		const all = await Promise.all(
			['hard-crash', 'vibration', 'hard-crash', 'drop'].flatMap((event) =>
				Array.from({ length: 5 }, () =>
					openIncident(id, { ...REPORT, event }, key(), viewer).catch(() => null)
				)
			)
		);
		expect(new Set(all.filter((x) => x !== null)).size, 'one incident').to.equal(1);
		expect((await facts(id)).state).to.equal('stopped');
		const told = await row<{ n: number }>('SELECT COUNT(*) AS n FROM incidents WHERE setup_id = ?', [id]);
		expect(told!.n).to.equal(1);
	});
	it('without the network goes in under the name of who pressed it, marked with who handed it in, once', async () => {
		const { id } = await workedUpTo('true.runout');
		const [who, other, k] = [await machinist(), await lead(), key()];
		const pressed = { by: who.id, atMs: Date.now() - 60_000 };
		const first = await openIncident(id, REPORT, k, other, pressed);
		expect(await openIncident(id, REPORT, k, await user('Tobias Renn'), pressed)).to.equal(first);
		const i = (await incidentById(first))!;
		expect(i).to.include({ by: who.name, sentBy: other.name });
		expect(i.enteredAt!.getTime()).to.be.closeTo(pressed.atMs, 1);
		const [r] = await recordsOfIncident(i);
		expect(r!.by).to.equal(who.name);
		expect(r!.entered).to.include({ sentBy: other.name });
		await refusedWith('nobody', openIncident(id, REPORT, key(), other, { by: 999_999, atMs: null }));
	});
	it('the key of a request is that of one person', async () => {
		const { id } = await workedUpTo('true.runout');
		const k = key();
		await openIncident(id, REPORT, k, await machinist());
		await refusedWith('key-used', openIncident(id, REPORT, k, await lead()));
	});
});

describe('the clock of a browser', () => {
	it('is believed between the begin of the setup and now; any other time is kept and shown to a lead', async () => {
		const { id } = await workedUpTo('mount.fit');
		await freeSpindles(id);
		const told = async (enteredAtMs: number) => {
			const k = key();
			await record(
				id,
				{
					station: 'mount',
					step: 'fit',
					values: { boreMm: 76.2, arborMm: 76.17, forced: false },
					version: (await facts(id)).version,
					key: k,
					enteredAtMs
				},
				await machinist()
			);
			const [r] = await rows<{ id: number }>('SELECT id FROM records WHERE request_key = ?', [k]);
			return (await recordById(Number(r!.id)))!;
		};
		const day = 86_400_000;
		const good = await told(Date.now() - 1000);
		expect(good.enteredCanBe).to.equal(true);
		const wrong = [await told(Date.now() - 40 * day), await told(Date.UTC(2041, 1, 3))];
		expect(wrong.map((r) => r.enteredCanBe)).to.deep.equal([false, false]);
		expect(new Date(wrong[1]!.enteredAtMs!).getUTCFullYear(), 'kept as it was told').to.equal(2041);
		const shown = (await wrongClocks()).map((r) => r.id);
		expect(shown).to.include.members(wrong.map((r) => r.id));
		expect(shown).not.to.include(good.id);
	});
});
