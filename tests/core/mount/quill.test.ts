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
