import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { practiceWheel } from '../../src/core/balance/practice/round.js';
import { twoWeights } from '../../src/core/balance/two-weights.js';
import { add, angleOf, len, vec } from '../../src/core/numeric/angles.js';
import { trackOf } from '../../src/core/route/stations/balance/track.js';
import { presentOf } from '../../src/core/route/stations/balance/move.js';
import { bestRuns, keepRun } from '../../src/lib/server/people/practice-stand.js';
import { facts, machinist, refusedWith, step, workedUpTo } from './fixtures.js';

const line = async (id: number, station: string, k: string) =>
	decide(await facts(id))
		.stations.find((s) => s.id === station)!
		.lines.find((l) => l.key === k);
const last = async (id: number, calculation: string) =>
	(await facts(id)).records.filter((r) => r.calculation === calculation).at(-1)!;
const moveAsTold = async (id: number) => {
	const m = await last(id, 'balance.weights');
	await step(id, 'balance', 'move', {
		anglesDeg: (m.output.placements as { angleDeg: number }[]).map((p) => p.angleDeg)
	});
};

describe('balancing with what the shop has', () => {
	it('learns from roll to roll: the second says what the first and the move left open', async () => {
		const { id } = await workedUpTo('balance.swing');
		await step(id, 'balance', 'swing', { timeS: 14, restAngleDeg: 190 });
		const first = await last(id, 'balance.update-estimate');
		await moveAsTold(id);
		await step(id, 'balance', 'swing', { timeS: 60, restAngleDeg: 300 });
		const second = await last(id, 'balance.update-estimate');
		expect((second.input.observations as unknown[]).length).to.equal(2);
		expect(Number(second.output.sigmaMajorGmm)).to.be.below(Number(first.output.sigmaMajorGmm));
		await step(id, 'balance', 'swing', { timeS: 60, restAngleDeg: 300, afresh: true });
		expect(((await last(id, 'balance.update-estimate')).input.observations as unknown[]).length).to.equal(1);
	});
	it('by rest alone: a direction, then a known pull aside, then the amount; the gate waits for it', async () => {
		const { id } = await workedUpTo('balance.swing');
		const hidden = vec(900, 143);
		const rest = async () => {
			const t = trackOf(await facts(id))!;
			return angleOf(t.weights.reduce((v, w) => add(v, vec(w.massG * t.radiusMm, w.angleDeg)), hidden));
		};
		let rolls = 0;
		for (; rolls < 6; rolls++) {
			await step(id, 'balance', 'rest', { restAngleDeg: await rest() });
			if (rolls === 0) expect((await line(id, 'balance', 'inside'))!.value).to.match(/amount not yet/);
			if ((await line(id, 'balance', 'inside'))!.state === 'ok') break;
			await moveAsTold(id);
			const present = presentOf(await facts(id));
			if (rolls > 1 && present.unbalanceGmm < 5) {
				await step(id, 'balance', 'stays', {});
				break;
			}
		}
		expect(rolls).to.be.below(6);
		const t = trackOf(await facts(id))!;
		expect(
			len(t.weights.reduce((v, w) => add(v, vec(w.massG * t.radiusMm, w.angleDeg)), hidden))
		).to.be.below(92);
	});
	it("a test mass, marks, vibration and the machine's own balancer: each is judged and, where there are weights, moved", async () => {
		for (const [name, values] of [
			['marks', { turningAnglesDeg: [96, 172, 104, 164, 112], timeS: 30 }],
			['mass', { method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 3.4, holdHighMassG: 4.2 }],
			[
				'phase',
				{
					initialMmPerS: 2.6,
					initialPhaseAngleDeg: 64,
					trialMmPerS: 3.3,
					trialPhaseAngleDeg: 112,
					trialMassG: 6,
					trialRadiusMm: 70,
					trialAngleDeg: 40
				}
			],
			[
				'runs',
				{
					initialMmPerS: 2,
					trialMassG: 5,
					trialRadiusMm: 80,
					runs: [
						{ angleDeg: 0, mmPerS: 2.9 },
						{ angleDeg: 120, mmPerS: 2.6 },
						{ angleDeg: 240, mmPerS: 0.75 }
					]
				}
			]
		] as const) {
			const atSpeed = name === 'phase' || name === 'runs';
			const { id } = await workedUpTo(atSpeed ? 'balance.off' : 'balance.swing');
			await step(id, 'balance', name, values);
			expect((await line(id, 'balance', 'inside'))!.value, name).to.match(/g·mm, limit/);
			await moveAsTold(id);
			expect((await line(id, 'balance', 'second'))!.state, name).not.to.equal('ok');
		}
		const { id } = await workedUpTo('balance.off');
		await refusedWith('missing', step(id, 'balance', 'auto', { standIn: false }));
		await step(id, 'balance', 'auto', { standIn: true });
		expect((await line(id, 'balance', 'inside'))!.state).to.equal('ok');
	});
	it('weights as they are: unequal ones and stretches where none may stop are kept to', async () => {
		const { id } = await workedUpTo('balance.swing');
		await step(id, 'balance', 'track', {
			weights: [
				{ massG: 20, angleDeg: 10 },
				{ massG: 14, angleDeg: 130 },
				{ massG: 20, angleDeg: 250 }
			],
			minGapDeg: 20,
			forbidden: [{ fromAngleDeg: 0, toAngleDeg: 40 }]
		});
		expect(trackOf(await facts(id))!.weights.map((w) => w.massG)).to.deep.equal([20, 14, 20]);
		await step(id, 'balance', 'swing', { timeS: 15, restAngleDeg: 190 });
		for (const p of (await last(id, 'balance.weights')).output.placements as { angleDeg: number }[])
			expect(p.angleDeg <= 1e-6 || p.angleDeg >= 40 - 1e-6).to.equal(true);
		await refusedWith(
			'above-maximum',
			step(id, 'balance', 'track', {
				weights: [1, 2, 3, 4].map((k) => ({ massG: 9, angleDeg: 90 * k })),
				minGapDeg: 90.5
			})
		);
	});
	it('screws and dimples follow from what was measured, and a dimple against a stop is not recorded', async () => {
		const { id } = await workedUpTo('balance.swing');
		await refusedWith('inconsistent', step(id, 'balance', 'holes', { holeRadiusMm: 60, holeCount: 12 }));
		await step(id, 'balance', 'swing', { timeS: 30, restAngleDeg: 190 });
		await step(id, 'balance', 'holes', { holeRadiusMm: 60, holeCount: 12 });
		expect(((await last(id, 'balance.holes')).output.placements as unknown[]).length).to.be.within(1, 2);
		const before = (await facts(id)).records.length;
		await refusedWith(
			'no-maker-consent',
			step(
				id,
				'balance',
				'dimples',
				{ drillDiameterMm: 9, depthMm: 3, radiusMm: 100 },
				'Drilled it anyway, it was urgent'
			)
		);
		await refusedWith(
			'capacity-exceeded',
			step(id, 'balance', 'holes', { holeRadiusMm: 60, holeCount: 12, maxMassG: 0.01 })
		);
		expect((await facts(id)).records, 'nothing was kept').to.have.length(before);
	});
	it('a stand that leans too much holds the gate', async () => {
		const { id } = await workedUpTo('balance.swing');
		const frame = {
			footSpacingMm: 420,
			footDepthMm: 310,
			screwPitchMm: 1.5,
			xReversedMmPerM: 0,
			yReversedMmPerM: 2
		};
		await step(id, 'balance', 'level', { ...frame, xForwardMmPerM: 0, yForwardMmPerM: 2 });
		expect((await line(id, 'balance', 'level'))!.needsReason).to.equal(true);
		await step(id, 'balance', 'level', {
			...frame,
			yReversedMmPerM: 0.02,
			xForwardMmPerM: 0,
			yForwardMmPerM: 0.02
		});
		expect((await line(id, 'balance', 'level'))!.state).to.equal('ok');
	});
});

describe('truing', () => {
	const rim = [20, 28, 36, 40, 38, 30, 20, 12, 6, 4, 8, 14];
	it('an odd reading is asked about on the server too, and kept when it is said to be right', async () => {
		const { id } = await workedUpTo('true.runout');
		const odd = rim.map((r, i) => (i === 8 ? 190 : r));
		expect(
			(await refusedWith('odd-reading', step(id, 'true', 'runout', { readingsUm: odd }))).field
		).to.equal('readingsUm.8');
		await step(id, 'true', 'runout', { readingsUm: odd, oddKept: true });
		expect((await last(id, 'true.runout')).input.readingsUm).to.deep.equal(odd);
	});
	it('a dial that counts the other way gives the same rim', async () => {
		const { id } = await workedUpTo('true.runout');
		await step(id, 'true', 'runout', { readingsUm: rim });
		const up = (await last(id, 'true.runout')).output;
		await step(id, 'true', 'runout', { readingsUm: rim.map((r) => -r), dialCounts: 'down' });
		expect((await last(id, 'true.runout')).output.highSpotAngleDeg).to.equal(up.highSpotAngleDeg);
	});
	it('a pencil line stands for readings; the push follows from it; what was taken off is in the ledger', async () => {
		const { id } = await workedUpTo('true.runout');
		await refusedWith('inconsistent', step(id, 'true', 'seat', { boreClearanceUm: 60 }));
		await step(id, 'true', 'pencil', { fromAngleDeg: 305, toAngleDeg: 25, advanceUm: 40 });
		expect((await line(id, 'true', 'read'))!.value).to.equal('pencil line');
		await step(id, 'true', 'seat', { boreClearanceUm: 60, seatAngleDeg: 180 });
		expect(Number((await last(id, 'true.reclock')).output.moveUm)).to.be.above(0);
		await step(id, 'true', 'after', {
			readingsUm: [3, 4, 5, 6, 5, 4, 3, 2, 1, 1, 2, 2],
			diameterAfterMm: 289.6,
			spunDry: true,
			passesDone: 9,
			takenUm: 190
		});
		expect((await line(id, 'true', 'runs-true'))!.state).to.equal('ok');
	});
	it('a face that wobbles too much stops it', async () => {
		const { id } = await workedUpTo('true.runout');
		await step(id, 'true', 'face', {
			readingsUm: [0, 117, 270, 378, 387, 279, 112, 9],
			measuringRadiusMm: 110,
			flangeContactDiameterMm: 92
		});
		expect((await line(id, 'true', 'face'))!.state).to.equal('stop');
	});
});

describe('the practice stand', () => {
	it('keeps a run that is inside, judged here whatever is sent, once a wheel', async () => {
		const user = await machinist();
		const w = practiceWheel(77);
		const right = twoWeights
			.run({ unbalanceGmm: len(w.U), heavyAngleDeg: angleOf(w.U), massG: w.u / 50, radiusMm: 50 })
			.placements.map((p) => p.angleDeg);
		expect(await keepRun({ seed: 77, how: 'feel', spins: 1, weights: [0, 180] }, user)).to.include({
			kept: false
		});
		expect(await keepRun({ seed: 77, how: 'feel', spins: 4, weights: right }, user)).to.include({
			kept: true
		});
		await keepRun({ seed: 77, how: 'feel', spins: 1, weights: right }, user);
		expect((await bestRuns()).filter((r) => r.name === user.name))
			.to.have.length(1)
			.and.to.satisfy((l: { spins: number }[]) => l[0]!.spins === 4);
	});
	it('refuses what is no run, by name', async () => {
		const user = await machinist();
		const good = { seed: 5, how: 'feel', spins: 2, weights: [0, 180] };
		for (const [more, field] of [
			[{ seed: -1 }, 'seed'],
			[{ how: 'luck' }, 'how'],
			[{ spins: 0 }, 'spins'],
			[{ weights: [0] }, 'weights'],
			[{ weights: [0, 'x'] }, 'weights']
		] as const)
			expect((await refusedWith(/./, keepRun({ ...good, ...more }, user))).field).to.equal(field);
	});
});
