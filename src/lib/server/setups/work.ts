import { CORE_VERSION, calculation } from '../../../core/calculations.js';
import { type Brief, briefStep } from '../../../core/route/stations/brief/steps.js';
import { inShop } from '../../../core/calculation/limits.js';
import { stepOf } from '../../../core/route/steps.js';
import { aboutWheel, takeWheel } from '../../../core/route/stations/select/steps.js';
import { type Computed, forbidden } from '../../../core/route/step.js';
import { refuse } from '../../../core/route/engine.js';
import type { SetupFacts, StationId } from '../../../core/route/facts.js';
import type { PoolConnection } from 'mysql2/promise';
import { checked } from '../door/joi-schema.js';
import { countDress, machineById } from '../shop/machines.js';
import { row, transaction, write } from '../db/pool.js';
import { addRecord, keyUsed } from '../db/records.js';
import { InputFault, Refused } from '../door/refused.js';
import { claim, settle } from '../db/requests.js';
import { changeSetup, insertSetup, loadSetup } from './setups.js';
import { keepFirstClear } from '../wheels/inspections.js';
import { holdPack, letGo } from './pack.js';
import { attachPictures } from '../wheels/pictures.js';
import type { User } from '../people/sign-in.js';
import { addEvent, setWheelState, wheelByNumber } from '../wheels/wheels.js';

export function mayWrite(user: User): void {
	if (user.role === 'viewer')
		throw new Refused(403, 'viewer', 'You may look but not record. Ask a lead for another role.');
}

/** Starts a setup from its brief; the same key twice starts it once. */
export async function startSetup(brief: Brief, user: User, key: string): Promise<number> {
	mayWrite(user);
	return transaction(async (on) => {
		const before = await claim(key, user.id, on);
		if (before) return before.id as number;
		const machine = await machineById(brief.machineId, on);
		if (!machine) throw new InputFault('machineId', 'unknown-choice', 'Pick one of the machines.');
		const id = await insertSetup(brief, machine.mountId, machine.dresserId, user.id, on);
		const loaded = await loadSetup(id, on);
		await store(
			loaded!.facts,
			'brief',
			'brief',
			brief,
			briefStep.compute(loaded!.facts, {} as never),
			user,
			key,
			null,
			null,
			on
		);
		await settle(key, { id }, on);
		return id;
	});
}

async function store(
	facts: SetupFacts,
	station: StationId,
	step: string,
	entered: object,
	computed: Computed[],
	user: User,
	key: string,
	reason: string | null,
	replacesId: number | null,
	on: PoolConnection
): Promise<number[]> {
	const ids: number[] = [];
	for (const [ordinal, c] of computed.entries()) {
		const verdict = c.output.verdict ?? 'ok';
		ids.push(
			await addRecord(
				{
					setupId: facts.id,
					wheelId: facts.wheel?.id ?? null,
					machineId: facts.machine.id,
					station,
					step,
					calculation: c.calculation,
					coreVersion: CORE_VERSION,
					entered,
					input: c.input,
					output: c.output,
					verdict,
					overrideReason: verdict === 'caution' ? reason : null,
					replacesId,
					userId: user.id,
					key,
					ordinal
				},
				on
			)
		);
	}
	return ids;
}

export interface Submission {
	station: StationId;
	step: string;
	values: unknown;
	version: number;
	key: string;
	reason?: string | null;
}

/** The setup as it is now, locked; null when this very submit was carried out before, the refusal when somebody else changed it meanwhile. */
async function lockAt(
	id: number,
	version: number,
	key: string,
	on: PoolConnection
): Promise<SetupFacts | null> {
	const loaded = await loadSetup(id, on, true);
	if (!loaded) throw new Refused(404, 'no-setup', `There is no setup ${id}.`);
	if (await keyUsed(key, on)) return null;
	if (loaded.facts.version !== version) {
		throw new Refused(
			409,
			'changed-meanwhile',
			`${loaded.changedBy ?? 'Somebody'} changed this setup meanwhile. It is shown as it is now; look at it, then record yours again. What you typed is kept.`
		);
	}
	return loaded.facts;
}

/** Records one step: checks it, asks the route engine, computes, keeps the evidence and books the ledger, all or nothing. */
export async function record(setupId: number, s: Submission, user: User): Promise<void> {
	mayWrite(user);
	await transaction(async (on) => {
		const facts = await lockAt(setupId, s.version, s.key, on);
		if (!facts) return;
		const step = stepOf(s.station, s.step);
		if (step.station === 'brief' && step.step === 'brief')
			throw new Refused(409, 'brief-told', 'The brief is told when the setup starts.');
		const refusal = refuse(facts, step.station, step.step);
		if (refusal) throw new Refused(409, refusal.code, refusal.message);
		const values = checked<Record<string, unknown>>(inShop(step.fields, facts.guidelines.limits), s.values);
		if (step.station === 'select' && step.step === 'take')
			return take(facts, String(values.wheelNumber), values, user, s.key, s.reason?.trim() || null, on);
		const computed = step.compute(facts, values as never);
		const never = forbidden(step, computed);
		if (never) throw new Refused(409, never.code, `Not recorded. ${never.message}`);
		if (step.step === 'pack') await holdPack(facts, values.items as never, on);
		const ids = await store(
			facts,
			step.station,
			step.step,
			values,
			computed,
			user,
			s.key,
			s.reason?.trim() || null,
			null,
			on
		);
		await effects(facts, step, values, computed, ids[0]!, user, on);
	});
}

async function take(
	facts: SetupFacts,
	number: string,
	values: object,
	user: User,
	key: string,
	reason: string | null,
	on: PoolConnection
): Promise<void> {
	await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
	const asked = await wheelByNumber(number, on);
	const { computed, wheel } = takeWheel(facts, asked ? [asked] : [], number);
	try {
		await changeSetup(facts.id, user.id, { wheelId: wheel.id }, on);
	} catch (e) {
		if ((e as { code?: string }).code === 'ER_DUP_ENTRY')
			throw new Refused(
				409,
				'held',
				`Wheel ${number} was just taken by another setup. Take another one.`,
				'wheelNumber'
			);
		throw e;
	}
	if (facts.wheel && facts.wheel.id !== wheel.id && facts.wheel.state === 'mounted')
		await setWheelState(facts.wheel.id, 'available', null, on);
	if (facts.wheel && facts.wheel.id !== wheel.id) await letGo(facts, on);
	const [id] = await store(
		{ ...facts, wheel },
		'select',
		'take',
		values,
		[computed, ...aboutWheel(facts, wheel)],
		user,
		key,
		reason,
		null,
		on
	);
	await addEvent(
		{
			wheelId: wheel.id,
			kind: 'taken',
			diameterAfterMm: null,
			setupId: facts.id,
			recordId: id!,
			note: null,
			userId: user.id
		},
		on
	);
}

async function effects(
	facts: SetupFacts,
	step: ReturnType<typeof stepOf>,
	values: Record<string, unknown>,
	computed: Computed[],
	recordId: number,
	user: User,
	on: PoolConnection
): Promise<void> {
	const w = facts.wheel!;
	const stops = computed.flatMap((c) => c.output.reasons ?? []).filter((r) => r.severity === 'stop');
	const fatal = stops.find((r) => step.quarantines?.includes(r.code));
	const book = (kind: string, diameterAfterMm: number | null, note: string | null) =>
		addEvent(
			{ wheelId: w.id, kind, diameterAfterMm, setupId: facts.id, recordId, note, userId: user.id },
			on
		);
	let state: SetupFacts['state'] | undefined;
	if (step.station === 'inspect' && step.step === 'look')
		await attachPictures(`setup-${facts.id}`, w.id, recordId, user, on);
	if (step.station === 'inspect' && step.step === 'ring') await keepFirstClear(w.id, computed, on);
	if (fatal) {
		await setWheelState(w.id, 'quarantined', fatal.message, on);
		await book('quarantined', null, fatal.message.slice(0, 200));
		if (step.station !== 'inspect') state = 'stopped';
	} else if (!stops.length) {
		const event = step.event?.(facts, values as never);
		if (event) await book(event.kind, event.diameterAfterMm, event.note);
		if (event?.kind === 'mounted' || event?.kind === 'parked')
			await bookCompanions(facts, event.kind, recordId, user, on);
		if (event?.kind === 'mounted') await setWheelState(w.id, 'mounted', null, on);
		if (event?.kind === 'dressed' && facts.dresser)
			await countDress(facts.dresser.id, values.diamondTurned === true, on);
		if (step.step === 'release' && computed[0]!.output.released !== 'no') state = 'released';
		if (event?.kind === 'parked') {
			await setWheelState(w.id, 'available', null, on);
			state = 'finished';
		}
	}
	await changeSetup(facts.id, user.id, { state }, on);
}

/** What happens to the leading wheel of a pack happens to the others. */
async function bookCompanions(
	facts: SetupFacts,
	kind: 'mounted' | 'parked',
	recordId: number,
	user: User,
	on: PoolConnection
): Promise<void> {
	for (const { wheel } of facts.companions) {
		await setWheelState(wheel.id, kind === 'mounted' ? 'mounted' : 'available', null, on);
		await addEvent(
			{
				wheelId: wheel.id,
				kind,
				diameterAfterMm: null,
				setupId: facts.id,
				recordId,
				note: `in the pack of wheel ${facts.wheel!.number}`,
				userId: user.id
			},
			on
		);
	}
}

/** A caution is accepted by writing down why: a new record that replaces the old one and carries the reason. A stop never is. */
export async function acceptCaution(
	setupId: number,
	recordId: number,
	reason: string,
	version: number,
	key: string,
	user: User
): Promise<void> {
	mayWrite(user);
	if (reason.trim().length < 10)
		throw new InputFault(
			'reason',
			'below-minimum',
			'Write a reason of at least 10 characters: why may it go on?'
		);
	if (reason.length > 500)
		throw new InputFault('reason', 'above-maximum', 'Keep the reason to 500 characters.');
	await transaction(async (on) => {
		const facts = await lockAt(setupId, version, key, on);
		if (!facts) return;
		const old = facts.records.find((r) => r.id === recordId);
		if (!old) throw new Refused(404, 'no-record', `Record ${recordId} does not belong to this setup.`);
		if (old.verdict === 'stop')
			throw new Refused(
				409,
				'stop-stays',
				'A stop is never overridden. Change what causes it, then record the step again.'
			);
		if (old.verdict !== 'caution')
			throw new Refused(409, 'nothing-to-accept', 'There is no caution on this record.');
		const refusal = refuse(facts, old.station, old.step === 'take' ? 'take' : old.step);
		if (refusal) throw new Refused(409, refusal.code, refusal.message);
		const siblings = facts.records.filter(
			(r) =>
				r.station === old.station &&
				r.step === old.step &&
				r.together === old.together &&
				r.wheelId === old.wheelId
		);
		for (const [ordinal, r] of siblings.entries()) {
			calculation(r.calculation);
			await addRecord(
				{
					setupId,
					wheelId: r.wheelId,
					machineId: facts.machine.id,
					station: r.station,
					step: r.step,
					calculation: r.calculation,
					coreVersion: CORE_VERSION,
					entered: r.entered,
					input: r.input,
					output: r.output,
					verdict: r.verdict,
					overrideReason: r.verdict === 'caution' ? reason.trim() : null,
					replacesId: r.id,
					userId: user.id,
					key,
					ordinal
				},
				on
			);
		}
		await changeSetup(setupId, user.id, {}, on);
	});
}

/** mm or inch is the setup's, not the page's. */
export async function switchUnits(setupId: number, units: 'mm' | 'inch', user: User): Promise<void> {
	mayWrite(user);
	await write('UPDATE setups SET units = ? WHERE id = ?', [units, setupId]);
}
