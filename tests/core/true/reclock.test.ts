import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const BASE = { eccentricityUm: 60, highSpotAngleDeg: 0, boreClearanceUm: 160, seatAngleDeg: 180 };

limits('true.reclock', BASE, [
	{
		code: 'bore-too-loose',
		severity: 'stop',
		not: [{ boreClearanceUm: 1000 }],
		yes: [{ boreClearanceUm: 1001 }]
	},
	{ code: 'no-clearance', severity: 'caution', not: [{ boreClearanceUm: 1 }], yes: [{ boreClearanceUm: 0 }] },
	{
		code: 'seat-unknown',
		severity: 'caution',
		not: [{}, { boreClearanceUm: 0, seatAngleDeg: undefined }],
		yes: [{ seatAngleDeg: undefined }]
	},
	{
		code: 'remaining-runout',
		severity: 'caution',
		// Off by 60 + 80 with the bore centred, 80 of play: 60 remain, 120 of run-out.
		not: [{ limitTirUm: 120 }],
		yes: [{ limitTirUm: 119.9 }]
	}
]);

describe('true.reclock: where to push', () => {
	it('as far as the clearance goes against the eccentricity, and no further than centred', () => {
		example('true.reclock', BASE, {
			moveUm: 0,
			remainingBestUm: 60,
			remainingTirUm: 120,
			seatOffsetUm: 80
		});
		example(
			'true.reclock',
			{ ...BASE, seatAngleDeg: 0 },
			{
				moveUm: 60,
				moveAngleDeg: 180,
				seatOffsetUm: 20,
				remainingTirUm: 0
			}
		);
		example(
			'true.reclock',
			{ ...BASE, seatAngleDeg: 0, eccentricityUm: 200 },
			{
				moveUm: 160,
				seatOffsetUm: 80,
				seatAngleDeg: 180,
				remainingWorstUm: 40
			}
		);
	});
	it('not knowing where it sits, between nothing gained and the whole clearance', () => {
		example(
			'true.reclock',
			{ ...BASE, seatAngleDeg: undefined, eccentricityUm: 200 },
			{
				moveUm: 160,
				moveAngleDeg: 180,
				remainingBestUm: 40,
				remainingWorstUm: 200,
				seatOffsetUm: null
			}
		);
		example('true.reclock', { ...BASE, seatAngleDeg: undefined }, { moveUm: 60, remainingBestUm: 0 });
	});
	it('turning lays the wheel against its seat, when that runs out itself', () => {
		example(
			'true.reclock',
			{ ...BASE, boreClearanceUm: 0, hubEccentricityUm: 50, hubHighSpotAngleDeg: 0 },
			{ 'rotate.turnAngleDeg': 180, 'rotate.remainingUm': 40 }
		);
		example('true.reclock', BASE, { rotate: null });
	});
	it('tells how the push changes the balance', () => {
		example('true.reclock', { ...BASE, seatAngleDeg: 0, massKg: 2 }, { balanceChangeGmm: 120 });
		example('true.reclock', BASE, { balanceChangeGmm: null });
	});
	it('refuses half of a pair, and a place outside the play', () => {
		refuses('true.reclock', { ...BASE, seatOffsetUm: 80.1 }, 'seatOffsetUm', 'above-maximum');
		refuses(
			'true.reclock',
			{ ...BASE, seatOffsetUm: 10, seatAngleDeg: undefined },
			'seatAngleDeg',
			'missing'
		);
		refuses('true.reclock', { ...BASE, hubEccentricityUm: 5 }, 'hubHighSpotAngleDeg', 'missing');
		refuses('true.reclock', { ...BASE, hubHighSpotAngleDeg: 5 }, 'hubEccentricityUm', 'missing');
	});
});
