import { readFileSync, readdirSync } from 'node:fs';
import { expect } from 'chai';
import { ROOT } from '../../src/command/paths.js';
import type { User } from '../../src/lib/server/people/sign-in.js';
import { answerRound } from '../../src/lib/server/people/practice.js';
import { keepRun } from '../../src/lib/server/people/practice-stand.js';
import { keepRecording } from '../../src/lib/server/recordings/recordings.js';
import { acceptCaution } from '../../src/lib/server/setups/accept.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { workIncident } from '../../src/lib/server/setups/work-incident.js';
import { record } from '../../src/lib/server/setups/record.js';
import { switchUnits } from '../../src/lib/server/setups/change-setup.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { keepGuidelines } from '../../src/lib/server/shop/guidelines.js';
import { keepRoute } from '../../src/lib/server/shop/route-templates.js';
import { addFlat } from '../../src/lib/server/shop/dresser-log.js';
import { keepMorning } from '../../src/lib/server/shop/morning.js';
import { saveShopItem } from '../../src/lib/server/shop/shop.js';
import { inspectAtRack, receiveWheel } from '../../src/lib/server/wheels/inspections.js';
import { dropPicture, keepPicture } from '../../src/lib/server/wheels/pictures.js';
import { importBody, importWheels } from '../../src/lib/server/wheels/rack-import.js';
import { addWheel } from '../../src/lib/server/wheels/add-wheels.js';
import { correctWheel } from '../../src/lib/server/wheels/correct-wheel.js';
import { correctLedger } from '../../src/lib/server/wheels/correct-ledger.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { changePin, giveOneTimePin } from '../../src/lib/server/people/pins.js';
import { retireShopItem } from '../../src/lib/server/shop/retire.js';
import { nameShop, wayShown } from '../../src/lib/server/shop/the-shop.js';
import { key, refusedWith, user } from './fixtures.js';

/** Whatever is sent with it: nobody gets as far as looking at it. */
const ANYTHING = {} as never;
const WRITERS: Record<string, (u: User) => Promise<unknown>> = {
	startSetup: (u) => startSetup(ANYTHING, u, key()),
	record: (u) => record(1, { station: 'inspect', step: 'look', values: {}, version: 1, key: key() }, u),
	acceptCaution: (u) => acceptCaution(1, 1, 'a reason long enough', 1, key(), u),
	switchUnits: (u) => switchUnits(1, 'inch', u),
	workIncident: (u) => workIncident(1, { version: 1, key: key() }, u),
	keepRecording: (u) => keepRecording('0317', ANYTHING, u),
	receiveWheel: (u) => receiveWheel({}, {}, key(), u),
	inspectAtRack: (u) => inspectAtRack('0317', 'no such step', {}, key(), u),
	keepPicture: (u) => keepPicture('wheel-new', new Uint8Array(1), u),
	dropPicture: (u) => dropPicture(1, u),
	importBody: (u) => importBody(Buffer.from('{}'), u, () => undefined),
	importWheels: (u) => importWheels([], u, () => undefined),
	addWheel: (u) => addWheel(ANYTHING, u),
	correctWheel: (u) => correctWheel('0317', {}, 'a reason long enough', key(), u),
	correctLedger: (u) => correctLedger('0317', {}, key(), u),
	judgeWheel: (u) => judgeWheel('0317', 'quarantine', 'a reason long enough', u),
	addFlat: (u) => addFlat('D-07', {}, u),
	retireShopItem: (u) => retireShopItem('machines', 'SG-1', true, u),
	nameShop: (u) => nameShop({}, u),
	wayShown: (u) => wayShown(u),
	keepMorning: (u) => keepMorning('SG-1', {}, key(), u),
	saveShopItem: (u) => saveShopItem('machines', null, {}, u),
	keepRoute: (u) => keepRoute('toolroom', {}, 1, u),
	giveOneTimePin: (u) => giveOneTimePin('Ines Falk', u),
	keepGuidelines: (u) => keepGuidelines('rank', null, 'a note', 1, u)
};
/** A viewer may practise; nobody else's evidence is touched by it. */
const FOR_EVERYBODY: Record<string, (u: User) => Promise<unknown>> = {
	// Whoever sees that something is wrong says so.
	openIncident: (u) => openIncident(1, {}, key(), u),
	changePin: (u) => changePin({ pin: '', newPin: '' }, u, '192.0.2.7'),
	answerRound: (u) => answerRound(1, 'clear', u),
	keepRun: (u) => keepRun({}, u)
};

/** Use cases of the server: exported, told who asks, and beginning their own work rather than taking part in another's. */
function useCases(): string[] {
	const folder = `${ROOT}/src/lib/server`;
	return (
		readdirSync(folder, { recursive: true, encoding: 'utf8' })
			// The demo shop is loaded before anybody has signed in.
			.filter((f) => f.endsWith('.ts') && !f.startsWith('demo/'))
			.flatMap((f) => [
				...readFileSync(`${folder}/${f}`, 'utf8').matchAll(/^export async function (\w+)\(([^)]*)\)/gm)
			])
			.filter(
				([, , given]) => /\buser: User\b/.test(given!) && !/\bon: (Runner|PoolConnection)\b/.test(given!)
			)
			.map(([, name]) => name!)
	);
}

describe('permissions are asked inside every use case', () => {
	it('and every use case that is told who asks is listed here', () => {
		expect(useCases().sort()).to.deep.equal([...Object.keys(WRITERS), ...Object.keys(FOR_EVERYBODY)].sort());
	});
	for (const [name, write] of Object.entries(WRITERS))
		it(`${name} refuses a viewer and nobody, before anything else`, async () => {
			const viewer = await user('Piet Aalders');
			expect(viewer.role).to.equal('viewer');
			const refused = await refusedWith(/^(viewer|lead-only)$/, write(viewer));
			expect(refused).to.have.property('status', 403);
			expect(await refusedWith('signed-out', write(null as never))).to.have.property('status', 401);
		});
	for (const [name, write] of Object.entries(FOR_EVERYBODY))
		it(`${name} refuses nobody`, async () => {
			await refusedWith('signed-out', write(null as never));
		});
});
