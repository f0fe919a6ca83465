import { limitsNow } from '../shop/guidelines.js';
import { recordsFrom } from '../../../core/route/apply-submission.js';
import { type WheelEffect, setAside } from '../../../core/route/set-aside.js';
import { intake } from '../../../core/shop/wheel-intake.js';
import { WHEEL_FIELDS } from '../../../core/shop/wheel.js';
import { LOOK_FIELDS, LOOK_QUARANTINES, lookOf } from '../../../core/route/stations/inspect/look.js';
import {
	RING_FIELDS,
	RING_QUARANTINES,
	baselineFrom,
	ringOf
} from '../../../core/route/stations/inspect/ring.js';
import { type Result, findingsOf } from '../../../core/route/result.js';
import type { PoolConnection } from 'mysql2/promise';
import { checked } from '../http/joi-schema.js';
import { attachPictures } from './pictures.js';
import { row, transaction } from '../storage/pool.js';
import { rackLook, rackRungAtMs } from '../storage/rack-records.js';
import { keepRecords } from '../storage/keep-records.js';
import { keyUsed } from '../storage/records.js';
import { ringsOf } from '../recordings/recordings.js';
import { InputFault, Refused } from '../refused.js';
import { claim, settle } from '../storage/requests.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { today } from '../storage/today.js';
import { applyWheelEffects } from './apply-wheel-effects.js';
import { setWheelState } from './ledger.js';
import { addWheel } from './add-wheels.js';
import { wheelById, wheelByNumber } from './wheels.js';

const stopOf = (result: Result, codes: readonly string[]) =>
	findingsOf(result).find((finding) => finding.severity === 'stop' && codes.includes(finding.code));

/** One look or ring at the rack, and what follows from it. */
interface Inspection {
	step: 'look' | 'ring';
	entered: Record<string, unknown>;
	result: Result;
	/** What it changes whatever was found. */
	effects?: readonly WheelEffect[];
}

/** Keeps an inspection: its records, its line in the wheel's book, and out of use what it condemns. The number of its result. */
async function keepInspection(
	wheelId: number,
	{ step, entered, result, effects = [] }: Inspection,
	user: User,
	key: string,
	on: PoolConnection
): Promise<number> {
	const records = recordsFrom({ station: 'inspect', step }, entered, result, wheelId, null);
	const userId = user.id;
	const recordId = await keepRecords(
		records,
		{ setupId: null, machineId: null, facts: null, userId, key },
		on
	);
	const fatal = stopOf(result, QUARANTINES[step]);
	const booked: WheelEffect[] = fatal
		? setAside(wheelId, fatal.message)
		: [{ kind: 'ledger', wheelId, event: 'inspected', diameterAfterMm: null, note: null }];
	await applyWheelEffects([...effects, ...booked], { setupId: null, recordId, userId }, on);
	return recordId;
}
const QUARANTINES = { look: LOOK_QUARANTINES, ring: RING_QUARANTINES } as const;

/**
 * A wheel arriving: put on the rack with its first look and the pictures taken, all or nothing; what the look condemns is set aside at once.
 * @throws InputFault, Refused
 */
export async function receiveWheel(
	given: unknown,
	seen: unknown,
	key: string,
	user: User
): Promise<{ number: string; state: string }> {
	mayWrite(user);
	const values = checked(WHEEL_FIELDS, given);
	const taken = intake(values);
	const look = checked(LOOK_FIELDS, seen);
	return transaction(async (on) => {
		const before = await claim(key, 'receive', user.id, on);
		if (before) return { number: String(before.number), state: String(before.state) };
		const id = await addWheel(values, user, on);
		const wheel = (await wheelById(id, on))!;
		const computed = lookOf(
			{ ...wheel, expiresOn: wheel.expiresOn },
			await today(on),
			{ ...look, manufactureDate: look.manufactureDate ?? values.madeOn ?? null },
			await limitsNow(on)
		);
		const recordId = await keepInspection(
			id,
			{ step: 'look', entered: look, result: computed },
			user,
			key,
			on
		);
		await attachPictures('wheel-new', id, recordId, user, on);
		if (taken.state === 'quarantined' && !stopOf(computed, LOOK_QUARANTINES))
			await setWheelState(id, 'quarantined', taken.reason, on);
		const answer = { number: wheel.number, state: (await wheelById(id, on))!.state };
		await settle(key, answer, on);
		return answer;
	});
}

/** A wheel of the rack looked over or rung again, outside any setup. @throws InputFault, Refused */
export async function inspectAtRack(
	number: string,
	step: string,
	given: unknown,
	key: string,
	user: User
): Promise<void> {
	mayWrite(user);
	if (step !== 'look' && step !== 'ring')
		throw new InputFault('step', 'unknown-choice', 'At the rack a wheel is looked over or rung.');
	await transaction(async (on) => {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const w = await wheelByNumber(number, on);
		if (!w) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
		if (await keyUsed(key, { setupId: null, wheelId: w.id, step, userId: user.id }, on)) return;
		if (w.state === 'scrapped')
			throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. A scrapped wheel never comes back.`);
		// One that was set aside is inspected here, whoever holds it: that is what brings it back.
		if (w.heldBy !== null && !w.inPack && w.state !== 'quarantined')
			throw new Refused(409, 'held', `Wheel ${number} is held by setup ${w.heldBy}. Inspect it there.`);
		if (step === 'look') {
			const values = checked(LOOK_FIELDS, given);
			const result = lookOf(w, await today(on), values, await limitsNow(on));
			const id = await keepInspection(w.id, { step, entered: values, result }, user, key, on);
			return attachPictures(`wheel-${number}`, w.id, id, user, on);
		}
		const look = await rackLook(w.id, on);
		if (!look || look.verdict === 'stop')
			throw new Refused(
				409,
				'inspect.look',
				look ? 'The last look condemned this wheel. It is not rung.' : 'Look it over first, then ring it.'
			);
		const values = checked(RING_FIELDS, given);
		const rings = await ringsOf(w, on);
		const result = ringOf(
			{ id: null, wheel: w, ...rings, sinceMs: await rackRungAtMs(w.id, on) },
			values.taps
		);
		const effects = baselineFrom(w.id, result);
		await keepInspection(w.id, { step, entered: values, result, effects }, user, key, on);
	});
}
