import { expect } from 'chai';
import Papa from 'papaparse';
import { RACK_COLUMNS, matchColumns, rackLine, readRackLine } from '../../src/core/shop/rack-file.js';
import { decide } from '../../src/core/route/engine.js';
import { guidelinesNow, guidelineHistory, keepGuidelines } from '../../src/lib/server/shop/guidelines.js';
import { SHIPPED } from '../../src/core/spec/guidelines.js';
import { setupCard } from '../../src/lib/server/print/setup-card.js';
import { wheelTags } from '../../src/lib/server/print/wheel-tags.js';
import { runJob } from '../../src/lib/server/jobs/run-job.js';
import {
	type ImportLine,
	importBody,
	importWheels,
	knownNumbers
} from '../../src/lib/server/wheels/rack-import.js';
import { row } from '../../src/lib/server/storage/pool.js';
import { rackPage } from '../../src/lib/server/wheels/rack.js';
import { allWheels, wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import {
	JOB,
	facts,
	key,
	lead,
	machineId,
	machinist,
	refusedWith,
	setup,
	step,
	wheel,
	workedUpTo
} from './fixtures.js';

const line = (number: string, change: object = {}): ImportLine => ({
	wheel: {
		number,
		marking: 'WA 60 K 7 V',
		newDiameterMm: 300,
		diameterMm: 290,
		widthMm: 25,
		boreMm: 76.2,
		minDiameterMm: 180,
		massKg: 4,
		ratedMps: 40,
		place: 'list',
		...change
	}
});
const many = (prefix: string, n: number) => Array.from({ length: n }, (_, i) => line(`${prefix}${i}`));
const onTheRack = async (lines: ImportLine[]) => importWheels(lines, await machinist(), () => undefined);
const count = async () => Number((await row<{ n: number }>('SELECT COUNT(*) AS n FROM wheels'))!.n);

describe('a list of wheels', () => {
	it('goes on the rack with a ledger line each, telling its progress', async () => {
		const told: number[] = [];
		expect(await importWheels(many('L', 1200), await machinist(), (d) => told.push(d))).to.equal(1200);
		expect(told).to.deep.equal([500, 1000, 1200]);
		const w = (await wheelByNumber('L777'))!;
		expect(w).to.include({ diameterMm: 290, grade: 'K', family: 'alumina-white', state: 'available' });
		expect((await ledger(w.id)).map((l) => l.kind)).to.deep.equal(['received']);
	});
	it('is all or nothing: one bad line, one known number, or a cancel leaves the rack as it was', async () => {
		await onTheRack([line('K5')]);
		const before = await count();
		const said = await refusedWith(
			'below-minimum',
			onTheRack([...many('M', 700), line('M-bad', { boreMm: -1 })])
		);
		expect(said.field).to.equal('lines.700.boreMm');
		await refusedWith('number-taken', onTheRack([...many('N', 600), line('K5')]));
		// Whoever asked goes away while it is under way: the thread ends, and its transaction with it.
		const gone = new AbortController();
		let chunks = 0;
		await refusedWith(
			'gone',
			runJob(
				(await machinist()).id,
				'import',
				{ bytes: Buffer.from(JSON.stringify({ lines: many('C', 20_000) })), user: await machinist() },
				{
					gone: gone.signal,
					tell: () => {
						if (++chunks === 2) gone.abort();
					}
				}
			)
		);
		expect(await count()).to.equal(before);
		expect(await knownNumbers(['K5', 'M1', 'N1', 'C1', 'C700'])).to.deep.equal(['K5']);
	});
	it('is not read where it holds far more than there could be', async () => {
		const who = await machinist();
		const endless = `{"lines":[${'0,'.repeat(4_000_001)}0]}`;
		await refusedWith(
			'too-many',
			importBody(Buffer.from(endless), who, () => undefined)
		);
		await refusedWith('too-many', onTheRack(Array.from({ length: 100_001 }, () => line('never'))));
	});
	it('checks again what the browser sent', async () => {
		expect(
			(await refusedWith('inconsistent', onTheRack([line('X1', { marking: 'nonsense' })]))).field
		).to.equal('lines.0.marking');
		await onTheRack([{ ...line('X2', { ratedMps: null }), state: 'available' }]);
		expect((await wheelByNumber('X2'))!.state, 'no speed, whatever the file says').to.equal('quarantined');
	});
	it('leaves and comes back without loss', async () => {
		const dull = line('Q1', { shape: '5', ratedRpm: 2500 });
		await onTheRack([{ ...dull, state: 'quarantined', reason: '+dull, ring' }, ...many('Q1-', 20)]);
		const wheels = (await allWheels())
			.filter((w) => w.number.startsWith('Q1'))
			.map((w) => ({ ...w, reason: w.stateReason }) as unknown as Record<string, unknown>);
		const csv = Papa.unparse({ fields: RACK_COLUMNS.map((c) => c.heading), data: wheels.map(rackLine) });
		expect(csv).to.contain("'+dull, ring");
		const back = Papa.parse<string[]>(csv).data;
		const match = matchColumns(back[0]!);
		back.slice(1).forEach((cells, i) => {
			const taken = readRackLine(cells, match);
			const w = wheels[i]!;
			expect({
				...taken.wheel,
				shape: taken.shape,
				state: taken.state,
				stateReason: taken.reason,
				canonical: taken.canonical,
				ratedMps: taken.ratedMps
			}).to.deep.equal(
				Object.fromEntries(
					[...Object.keys(taken.wheel), 'shape', 'state', 'stateReason', 'canonical', 'ratedMps'].map((k) => [
						k,
						w[k] ?? null
					])
				)
			);
		});
	});
	it('is filtered and counted', async () => {
		await onTheRack(many('F', 1010));
		expect(
			(await rackPage({ search: 'list', state: '', family: '', sort: 'number', down: false, page: 3 })).total,
			'counted up to a thousand'
		).to.equal(1001);
	});
});

describe('guideline figures', () => {
	const soft = {
		materials: [{ ...SHIPPED.materials.find((m) => m.material === 'steel-hardened')!, grades: 'GKJIFNKG' }],
		operations: []
	};
	it('are changed by a lead with a reason, count from then on, and a record keeps the version it used', async () => {
		const before = await setup();
		await refusedWith(
			'lead-only',
			keepGuidelines('recommend', soft, 'softer on hard plates', 0, await machinist())
		);
		await refusedWith('missing', keepGuidelines('recommend', soft, '', 0, await lead()));
		expect(await keepGuidelines('recommend', soft, 'softer on hard plates', 0, await lead())).to.equal(1);
		await refusedWith(
			'changed-meanwhile',
			keepGuidelines('recommend', soft, 'the same from an old tab', 0, await lead())
		);
		const after = await setup();
		const wish = async (id: number) => (await facts(id)).records[0]!.output;
		expect(await wish(before)).to.include({ grade: 'H', tablesVersion: 0 });
		expect(await wish(after)).to.include({ grade: 'G', tablesVersion: 1 });
		expect(await keepGuidelines('recommend', null, 'back to the shipped figures', 1, await lead())).to.equal(
			2
		);
		expect((await guidelinesNow()).tables).to.equal(null);
		expect(await wish(await setup())).to.include({ grade: 'H', tablesVersion: 0 });
		expect((await guidelineHistory()).map((h) => [h.topic, h.version, h.by])).to.deep.equal([
			['recommend', 2, 'Mara Okonjo'],
			['recommend', 1, 'Mara Okonjo']
		]);
	});
	it('weights must add up to one', async () => {
		await refusedWith(
			'inconsistent',
			keepGuidelines('rank', { ...SHIPPED.weights, grade: 0.9 }, 'grade above all', 0, await lead())
		);
		expect(
			(
				await refusedWith(
					'inconsistent',
					keepGuidelines(
						'recommend',
						{ materials: [], operations: [{ ...SHIPPED.operations[0]!, grit: 500 }] },
						'much finer',
						2,
						await lead()
					)
				)
			).field
		).to.equal('operations.0.grit');
	});
});

describe('on paper', () => {
	const isPdf = (b: Buffer) => {
		expect(b.subarray(0, 5).toString()).to.equal('%PDF-');
		expect(b.length).to.be.above(5000);
	};
	it('prints tags for many wheels, whatever their marking holds', async () => {
		const odd = await wheel({ marking: '38A 60 K 8 VBE ½ µ' });
		isPdf(
			await wheelTags(
				[(await wheelByNumber(odd))!, ...(await allWheels()).slice(0, 24)],
				'http://shop.example'
			)
		);
	});
	it('prints a setup with its gate lines, at the start and at the end', async () => {
		for (const id of [await setup(), (await workedUpTo('never')).id]) {
			const f = await facts(id);
			isPdf(await setupCard(f, decide(f), 'http://shop.example', Date.now()));
		}
	});
});

describe('what a setup keeps of choosing', () => {
	it('every calculation of it, with the record of its step', async () => {
		const { id } = await workedUpTo('run-in.start');
		await step(id, 'run-in', 'quoted', { statedRpm: 2300, statedSpeedMps: 70 });
		const f = await facts(id);
		const kept = (station: string, name: string) =>
			f.records.filter((r) => r.station === station && r.step === name).map((r) => r.calculation);
		expect(kept('brief', 'brief')).to.deep.equal(['spec.recommend', 'spec.finish-grit']);
		expect(kept('select', 'take')).to.deep.equal([
			'spec.rank-rack',
			'spec.parse-marking',
			'spec.surface-speed',
			'spec.shape',
			'dress.choose-method',
			'spec.grit-size'
		]);
		expect(f.records.at(-1)!.output).to.include({ likelySlip: 'diameter-doubled' });
		const { id: burnt } = await workedUpTo('prove.release');
		await step(burnt, 'prove', 'diagnose', { burnSeen: true });
		expect((await facts(burnt)).records.at(-1)).to.deep.include({ calculation: 'spec.diagnose-finish' });
		expect((await facts(burnt)).records.at(-1)!.output.diagnosis).to.be.a('string');
	});
	it('the contact behind a brief that knows its cut', async () => {
		const brief = checked(BRIEF_FIELDS, {
			...JOB,
			depthUm: 15,
			workSpeedMps: 0.3,
			machineId: await machineId('SG-1')
		});
		const f = await facts(await startSetup(brief, await machinist(), key()));
		expect(f.records.map((r) => r.calculation)).to.deep.equal([
			'spec.recommend',
			'spec.contact',
			'spec.finish-grit'
		]);
		expect(f.records[0]!.input.contactLengthMm).to.be.closeTo(2.139, 0.001);
	});
});
