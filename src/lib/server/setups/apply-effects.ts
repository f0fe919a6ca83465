import type { PoolConnection } from 'mysql2/promise';
import type { Effect } from '../../../core/route/effect.js';
import type { WheelEffect } from '../../../core/route/set-aside.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { isDuplicate } from '../storage/pool.js';
import { Refused } from '../refused.js';
import type { User } from '../people/sign-in.js';
import { keepCut, leaveCut } from '../wheels/trial-cuts.js';
import { keepForm } from '../shop/forms.js';
import { countDress } from '../shop/machines.js';
import { wringBlocks } from '../shop/trays.js';
import { attachPictures } from '../wheels/pictures.js';
import { applyWheelEffects } from '../wheels/apply-wheel-effects.js';
import { keepOnMount } from '../wheels/ledger.js';
import { finishSetup } from './finish.js';
import { holdWheels } from './pack.js';
import { changeBrief } from './change-brief.js';
import { type SetupChange, changeSetup } from './change-setup.js';

/** Does what a submission changes beside its records. @throws Refused 409 when somebody else took the wheel at the same moment */
export async function applyEffects(
	facts: SetupFacts,
	effects: readonly Effect[],
	recordId: number,
	user: User,
	on: PoolConnection
): Promise<void> {
	const change: SetupChange = {};
	const ofWheels: WheelEffect[] = [];
	let taken = '';
	for (const effect of effects) {
		if (effect.kind === 'state') {
			change.state = effect.state;
			change.givenUp = effect.givenUp;
		} else if (effect.kind === 'use-mount') {
			change.mountId = effect.mountId;
		} else if (effect.kind === 'take-wheel') {
			change.wheelId = effect.wheelId;
			if (effect.wheelId !== facts.wheel?.id) change.onSpindle = false;
			taken = effect.number;
		} else {
			if (
				effect.kind === 'wheel-state' &&
				effect.wheelId === facts.wheel?.id &&
				effect.state !== 'quarantined'
			)
				change.onSpindle = effect.state === 'mounted';
			if (isOfWheel(effect)) ofWheels.push(effect);
			else await one(facts, effect, recordId, user, on);
		}
	}
	await applyWheelEffects(ofWheels, { setupId: facts.id, recordId, userId: user.id }, on);
	try {
		if (change.state === 'finished') await finishSetup(facts.id, user.id, change, on);
		else await changeSetup(facts.id, user.id, change, on);
	} catch (error) {
		if (!isDuplicate(error)) throw error;
		if (change.onSpindle)
			throw new Refused(409, 'occupied', 'Another wheel was just mounted there. Take it off first.');
		throw new Refused(
			409,
			'held',
			`Wheel ${taken} was just taken by another setup. Take another one.`,
			'wheelNumber'
		);
	}
}

type OfTheShop = Exclude<Effect, { kind: 'state' | 'take-wheel' | 'use-mount' }>;
const isOfWheel = (e: OfTheShop): e is WheelEffect =>
	e.kind === 'wheel-state' || e.kind === 'ledger' || e.kind === 'keep-baseline';
async function one(
	facts: SetupFacts,
	e: Exclude<OfTheShop, WheelEffect>,
	recordId: number,
	user: User,
	on: PoolConnection
): Promise<void> {
	switch (e.kind) {
		case 'keep-on-mount':
			return keepOnMount(e.wheelId, e.mountId, on);
		case 'brief':
			return changeBrief(facts.id, e.brief, on);
		case 'hold-wheels':
			return holdWheels(facts.id, e.wheelIds, on);
		case 'count-dress':
			return countDress(e.dresserId, e.turned, e.left ?? {}, on);
		case 'keep-cut':
			return keepCut(e.wheelId, e.cut, recordId, user.id, on);
		case 'leave-cut':
			return leaveCut(e.cutId, e.leftOut, on);
		case 'keep-form':
			return keepForm(e, facts.id, user.id, on);
		case 'wring-blocks':
			return wringBlocks(facts.id, e.setting, e.trayCode, e.blocksMm, on);
		case 'keep-pictures':
			return attachPictures(`setup-${facts.id}`, e.wheelId, recordId, user, on);
	}
}
