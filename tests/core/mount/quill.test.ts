import { expect } from 'chai';
import fc from 'fast-check';
import { mountQuill } from '../../../src/core/mount/quill.js';
import { calculation } from '../../../src/core/calculations.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const BASE = {
	overhangMm: 50,
	quillDiameterMm: 10,
	wheelMassG: 18,
	normalForceN: 15,
	quillMaxRpm: 50000,
	runRpm: 10000,
	wheelRatedRpm: 45000,
	originalDiameterMm: 20,
	currentDiameterMm: 18,
	minimumDiameterMm: 13,
	originalWidthMm: 20,
	currentWidthMm: 20,
	minimumWidthMm: 12,
	nextDressDepthUm: 10,
	grindDirectionSign: 1,
	dressDirectionSign: 1
};
const FAST = { quillMaxRpm: 500000, wheelRatedRpm: 500000 };
const { criticalSpeedRpm } = calculation('mount.quill').run(BASE) as { criticalSpeedRpm: number };
/** Runs at this share of the speed at which it would whirl. */
const share = (of: number) => ({ ...FAST, runRpm: of * criticalSpeedRpm });

limits('mount.quill', BASE, [
	{
		code: 'quill-overspeed',
		severity: 'stop',
		not: [{ quillMaxRpm: 10000 }],
		yes: [{ quillMaxRpm: 9999 }]
	},
	{
		code: 'wheel-overspeed',
		severity: 'stop',
		not: [{ wheelRatedRpm: 10000 }],
		yes: [{ wheelRatedRpm: 9999 }]
	},
	{ code: 'near-critical', severity: 'stop', not: [share(0.849)], yes: [share(0.851), share(1.2)] },
	{
		code: 'critical-margin',
		severity: 'caution',
		not: [share(0.699), share(0.851)],
		yes: [share(0.701), share(0.849)]
	},
	{
		code: 'below-minimum-diameter',
		severity: 'stop',
		not: [{ minimumDiameterMm: 17.98 }],
		yes: [{ minimumDiameterMm: 17.981 }]
	},
	{
		code: 'below-minimum-width',
		severity: 'stop',
		not: [{ currentWidthMm: 12 }],
		yes: [{ currentWidthMm: 11.99 }]
	},
	{
		code: 'dress-reaches-quill',
		severity: 'stop',
		not: [{ quillHeadDiameterMm: 15.98 }, { quillHeadDiameterMm: undefined }],
		yes: [{ quillHeadDiameterMm: 15.99 }]
	},
	{
		code: 'direction-disagree',
		severity: 'stop',
		not: [{ grindDirectionSign: -1, dressDirectionSign: -1 }],
		yes: [{ grindDirectionSign: -1 }, { dressDirectionSign: -1 }]
	},
	{
		code: 'wheel-does-not-fit-bore',
		severity: 'stop',
		not: [{}, { workBoreMm: 18.01 }],
		yes: [{ workBoreMm: 18 }, { workBoreMm: 17 }]
	},
	{
		code: 'wheel-large-for-bore',
		severity: 'caution',
		not: [{}, { workBoreMm: 22.5 }, { workBoreMm: 18 }],
		yes: [{ workBoreMm: 22.4 }, { workBoreMm: 18.1 }]
	}
]);

describe('mount.quill: how much wheel is left, how fast it may ever run', () => {
	it('counts dresses down to the least diameter or to the head, whichever comes first', () => {
		example('mount.quill', BASE, { remainingDressCount: 250, quillGapMm: 3.99 });
		example('mount.quill', { ...BASE, quillHeadDiameterMm: 14 }, { remainingDressCount: 100 });
		example('mount.quill', { ...BASE, nextDressDepthUm: 0 }, { remainingDressCount: null });
		example('mount.quill', { ...BASE, minimumDiameterMm: 18.5 }, { remainingDressCount: 0 });
	});
	it('never faster than the least of quill, wheel and whirl', () => {
		example('mount.quill', { ...BASE, quillMaxRpm: 20000 }, { maxRunRpm: 20000 });
		example('mount.quill', { ...BASE, wheelRatedRpm: 19000 }, { maxRunRpm: 19000 });
		example('mount.quill', { ...BASE, ...FAST }, { maxRunRpm: 0.85 * criticalSpeedRpm });
	});
	it('stiffness goes with the fourth power of the thickness and falls with the cube of the overhang', () => {
		const stiffness = (v: object) =>
			(calculation('mount.quill').run({ ...BASE, ...v }) as { stiffnessNPerUm: number }).stiffnessNPerUm;
		const k = stiffness({});
		example('mount.quill', { ...BASE, overhangMm: 100 }, { stiffnessNPerUm: k / 8, deflectionUm: 120 / k });
		example('mount.quill', { ...BASE, holeDiameterMm: 5 }, { stiffnessNPerUm: (k * 15) / 16 });
		example('mount.quill', { ...BASE, material: 'carbide' }, { stiffnessNPerUm: (k * 560) / 206 });
	});
	it('refuses what cannot be measured on a wheel', () => {
		refuses('mount.quill', { ...BASE, currentDiameterMm: 20.1 }, 'currentDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...BASE, minimumDiameterMm: 20.1 }, 'minimumDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...BASE, currentWidthMm: 20.1 }, 'currentWidthMm', 'above-maximum');
		refuses('mount.quill', { ...BASE, minimumWidthMm: 20.1 }, 'minimumWidthMm', 'above-maximum');
		refuses('mount.quill', { ...BASE, holeDiameterMm: 10 }, 'holeDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...BASE, dressDirectionSign: 0 }, 'dressDirectionSign', 'unknown-choice');
	});
});

const SHIPPED = calculation('mount.quill').example as Record<string, unknown>;
const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);

describe('mount.quill: how it behaves', () => {
	const run = (more: object) => mountQuill.run({ ...SHIPPED, ...more });
	it('stiffness goes with the fourth power of the diameter and falls with the third of the length', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 4, max: 40, noNaN: true }),
				fc.double({ min: 20, max: 200, noNaN: true }),
				(quillDiameterMm, overhangMm) => {
					const one = run({ quillDiameterMm, overhangMm, quillHeadDiameterMm: 10 }).stiffnessNPerUm;
					expect(
						run({ quillDiameterMm: 2 * quillDiameterMm, overhangMm, quillHeadDiameterMm: 10 })
							.stiffnessNPerUm / one
					).to.be.closeTo(16, 1e-6);
					expect(
						run({ quillDiameterMm, overhangMm: 2 * overhangMm, quillHeadDiameterMm: 10 }).stiffnessNPerUm /
							one
					).to.be.closeTo(1 / 8, 1e-9);
				}
			)
		));
	it('is stopped above its critical speed, warned on the way there', () => {
		const critical = run({}).criticalSpeedRpm;
		const fast = { quillMaxRpm: 200000, wheelRatedRpm: 200000 };
		expect(codes(run({ ...fast, runRpm: 1.1 * critical }))).to.deep.equal(['near-critical']);
		expect(codes(run({ ...fast, runRpm: 0.75 * critical }))).to.deep.equal(['critical-margin']);
		expect(codes(run({ ...fast, runRpm: 0.69 * critical }))).to.deep.equal([]);
		expect(run({ ...fast }).maxRunRpm).to.be.closeTo(0.85 * critical, 1e-6);
	});
	it('each limit has its word', () => {
		for (const [more, code] of [
			[{ quillMaxRpm: 30000 }, 'quill-overspeed'],
			[{ wheelRatedRpm: 30000 }, 'wheel-overspeed'],
			[{ minimumDiameterMm: 18.59 }, 'below-minimum-diameter'],
			[{ minimumWidthMm: 20, currentWidthMm: 19, originalWidthMm: 21 }, 'below-minimum-width'],
			[{ quillHeadDiameterMm: 17 }, 'dress-reaches-quill'],
			[{ dressDirectionSign: -1 }, 'direction-disagree'],
			[{ workBoreMm: 18.6 }, 'wheel-does-not-fit-bore'],
			[{ workBoreMm: 20 }, 'wheel-large-for-bore']
		] as const)
			expect(codes(run(more)), code).to.deep.equal([code]);
	});
	it('counts the dresses left to whichever comes first, the scrap diameter or the quill', () => {
		expect(run({ minimumDiameterMm: 18 }).remainingDressCount).to.equal(30);
		expect(run({ quillHeadDiameterMm: 16 }).remainingDressCount).to.equal(30);
		expect(run({ nextDressDepthUm: 0 }).remainingDressCount).to.equal(null);
		expect(run({ currentDiameterMm: 13 }).remainingDressCount).to.equal(0);
	});
	it('refuses what cannot be', () => {
		refuses('mount.quill', { ...SHIPPED, holeDiameterMm: 10 }, 'holeDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...SHIPPED, currentDiameterMm: 21 }, 'currentDiameterMm', 'above-maximum');
		refuses('mount.quill', { ...SHIPPED, minimumWidthMm: 22 }, 'minimumWidthMm', 'above-maximum');
		refuses('mount.quill', { ...SHIPPED, grindDirectionSign: 0 }, 'grindDirectionSign', 'unknown-choice');
		refuses('mount.quill', { ...SHIPPED, dressDirectionSign: 2 }, 'dressDirectionSign', 'above-maximum');
	});
});
