import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { writeWav } from '../../../core/audio/wav.js';
import { type Condition, madeUpRing, soundOf } from '../../../core/inspect/ring/conditions.js';
import { inspectAtRack } from '../wheels/inspections.js';
import { setClock, transaction } from '../storage/pool.js';
import { keepRecording } from '../recordings/recordings.js';
import { type User } from '../people/sign-in.js';
import type { NewWheel } from '../../../core/shop/wheel.js';
import { addWheel } from '../wheels/add-wheels.js';
import { setWheelState } from '../wheels/ledger.js';

export async function loadWheels(folder: string, user: User): Promise<void> {
	const { data } = Papa.parse<Record<string, string>>(readFileSync(join(folder, 'wheels.csv'), 'utf8'), {
		header: true,
		skipEmptyLines: true
	});
	const number = (text: string | undefined) => (text ? Number(text) : null);
	for (const w of data) {
		const id = await addWheel(
			{
				number: w.number!,
				marking: w.marking!,
				newDiameterMm: Number(w.new_diameter_mm),
				diameterMm: Number(w.diameter_mm),
				widthMm: Number(w.width_mm),
				boreMm: Number(w.bore_mm),
				minDiameterMm: Number(w.scrap_diameter_mm),
				massKg: Number(w.mass_kg),
				ratedMps: number(w.rated_mps),
				ratedRpm: number(w.rated_rpm),
				expiresOn: w.use_by || null,
				place: w.place!,
				shape: w.type || '1'
			} satisfies NewWheel,
			user
		);
		if (w.state === 'quarantined')
			await transaction((on) => setWheelState(id, 'quarantined', w.reason ?? null, on));
	}
}

export interface DemoRing {
	wheel: string;
	who: string;
	hoursAgo: number;
	condition: Condition;
	seed: number;
	frequencyHz: number;
}

const PLACES = [45, 135, 225, 315, 0, 90, 180, 270];

/** Wheels of the rack looked over and rung, as they were over the last weeks. */
export async function ring(r: DemoRing, people: Map<string, User>): Promise<void> {
	const user = people.get(r.who)!;
	const now = Date.now() - r.hoursAgo * 3_600_000;
	setClock(() => now);
	const bytes = writeWav(
		soundOf(
			madeUpRing({
				condition: r.condition,
				seed: r.seed,
				frequencyHz: r.frequencyHz,
				tapAnglesDeg: PLACES,
				sampleRateHz: 12000,
				gapS: 0.6
			})
		)
	);
	await inspectAtRack(r.wheel, 'look', { crack: false, markingLegible: true }, randomUUID(), user);
	await keepRecording(r.wheel, { bytes, source: 'simulator', setupId: null, key: randomUUID() }, user);
	setClock(() => now + 60_000);
	await inspectAtRack(r.wheel, 'ring', { taps: PLACES.map(() => 'clear') }, randomUUID(), user);
}
