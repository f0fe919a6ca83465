import {
	ENOUGH_FITS,
	type ShopBaselines,
	type Sized,
	type Stamp,
	changeoversS,
	cyclesS,
	learnt,
	redressesS,
	wornUmPerMm
} from '../../../core/shop/ours.js';
import type { StationId } from '../../../core/route/station-names.js';
import { type Helped, helpedBefore } from '../../../core/route/stations/keep/trouble.js';
import { type Runner, rows } from '../storage/pool.js';
import { stored } from '../storage/stored.js';

/** So many of the newest stamps speak; older ones were made with another hand. */
const NEWEST = 300;

interface Row {
	setupId: number;
	step: string;
	at: Date;
	entered: string;
	partMm: number | null;
}
interface Told {
	what?: string;
	partsGround?: number;
	inPartMm?: number | null;
	diameterAfterMm?: number | null;
	takenUm?: number | null;
}
const stampsOf = async (
	machineId: number,
	station: string,
	steps: string,
	on?: Runner
): Promise<(Stamp & Sized)[]> =>
	(
		await rows<Row>(
			`SELECT r.setup_id AS setupId, r.step, r.at, r.entered, s.stock_mm AS partMm FROM records r JOIN setups s ON s.id = r.setup_id WHERE r.machine_id = ? AND r.station = ? AND r.ordinal = 0 AND r.step IN (${steps}) ORDER BY r.id DESC LIMIT ${NEWEST}`,
			[machineId, station],
			on
		)
	)
		.reverse()
		.map((r) => {
			const told = stored<Told>(r.entered);
			return {
				setupId: r.setupId,
				step: r.step,
				atMs: r.at.getTime(),
				what: told?.what,
				parts: told?.partsGround ?? 0,
				inPartMm: told?.inPartMm ?? null,
				diameterMm: told?.diameterAfterMm ?? null,
				takenUm: told?.takenUm ?? null,
				partMm: r.partMm
			};
		});

/** Learnt from the newest records of one machine, and from every form that was measured in wheels with one marking. */
export async function shopBaselines(
	machineId: number,
	marking: string | null,
	on?: Runner
): Promise<ShopBaselines> {
	const [booked, dressed, released, wear, fits] = [
		await stampsOf(machineId, 'keep', "'entry'", on),
		await stampsOf(machineId, 'dress', "'settings', 'done'", on),
		await stampsOf(machineId, 'prove', "'release'", on),
		marking === null
			? []
			: await rows<{ k: number | null }>(
					`SELECT JSON_VALUE(r.output, '$.lossUmPerMm') AS k FROM wheels w JOIN records r ON r.wheel_id = w.id AND r.station = 'keep' AND r.step = 'interval' WHERE w.canonical = ? ORDER BY r.id DESC LIMIT ${NEWEST}`,
					[marking],
					on
				),
		await rows<{ tau: number | null }>(
			`SELECT JSON_VALUE(output, '$.tauS') AS tau FROM records WHERE machine_id = ? AND station = 'prove' AND step = 'spark-out' AND ordinal = 0 AND verdict = 'ok' ORDER BY id DESC LIMIT ${NEWEST}`,
			[machineId],
			on
		)
	];
	const inOrder = [...booked, ...released].sort((a, b) => a.atMs - b.atMs);
	return {
		cycleS: learnt(cyclesS(booked)),
		redressS: learnt(redressesS(dressed)),
		changeoverS: learnt(changeoversS(inOrder)),
		lossUmPerMm: learnt(wear.flatMap(({ k }) => (k === null ? [] : [Number(k)]))),
		wornUmPerMm: learnt(wornUmPerMm(booked)),
		tauS: learnt(
			fits.flatMap(({ tau }) => (tau === null ? [] : [Number(tau)])),
			ENOUGH_FITS
		)
	};
}

/** What once cured a trouble on this machine, whichever setup it was, the newest first. */
export async function helpedOn(machineId: number, on?: Runner): Promise<Helped[]> {
	const found = await rows<{
		id: number;
		station: StationId;
		step: string;
		entered: string;
		by: string;
		at: Date;
	}>(
		`(SELECT r.id, r.station, r.step, r.entered, u.name AS \`by\`, r.at FROM records r JOIN users u ON u.id = r.user_id WHERE r.machine_id = ? AND r.station = 'prove' AND r.step = 'trouble' ORDER BY r.id DESC LIMIT ${NEWEST})
		 UNION ALL (SELECT r.id, r.station, r.step, r.entered, u.name AS \`by\`, r.at FROM records r JOIN users u ON u.id = r.user_id WHERE r.machine_id = ? AND r.station = 'keep' AND r.step = 'trouble' ORDER BY r.id DESC LIMIT ${NEWEST})`,
		[machineId, machineId],
		on
	);
	return helpedBefore({
		records: found.map((r) => ({
			...r,
			id: Number(r.id),
			entered: stored<Record<string, unknown>>(r.entered) ?? {},
			atMs: r.at.getTime()
		}))
	});
}
