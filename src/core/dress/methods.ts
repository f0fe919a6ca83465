import { isSuperabrasive } from './dress-infeed.js';
import type { DressBond } from './bonds.js';

export const PURPOSES = ['true', 'open', 'form', 'clean'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** How well each way of dressing serves a purpose, out of 100 (guideline); nothing where it does not. The order breaks ties. */
const SCORES = {
	'single-point': { true: 80, open: 85, form: 70, clean: 50 },
	cluster: { true: 75, open: 70, clean: 45 },
	'rotary-disc': { true: 85, open: 85, form: 85, clean: 60 },
	'rotary-form-roll': { true: 80, open: 80, form: 90, clean: 55 },
	'crush-roll': { true: 60, open: 70, form: 80, clean: 40 },
	'truing-wheel': { true: 82, open: 40, form: 60, clean: 30 },
	'steel-block': { true: 65 },
	stick: { open: 85, clean: 90 },
	'wire-edm': { true: 90, open: 88, form: 92, clean: 60 },
	'hand-cutter': { true: 55, open: 60, clean: 60 }
} as const satisfies Record<string, Partial<Record<Purpose, number>>>;
export type Method = keyof typeof SCORES;
export const METHODS = Object.keys(SCORES) as Method[];

/** The wheel, what it is dressed for, and what the shop has. */
export interface Job {
	bond: DressBond;
	crushable: boolean;
	abrasive: string;
	purpose: Purpose;
	form: 'flat' | 'radius' | 'profile';
	machine: string;
	cnc: boolean;
	radiusFixture: boolean;
	hybridConducts: boolean;
	batchSize: number;
	/** A head on a shank of its own. */
	onShank: boolean;
	devices: readonly string[];
}

const scoreOf = (method: Method, purpose: Purpose): number | undefined =>
	(SCORES[method] as Partial<Record<Purpose, number>>)[purpose];

/** Methods that cannot make a radius, or a profile, on this machine. */
function cannotMake(method: Method, j: Job): boolean {
	if (j.form === 'flat') return false;
	if (method === 'cluster' || method === 'hand-cutter') return true;
	const byAxes = method === 'rotary-disc' || method === 'wire-edm';
	if (j.form === 'radius') {
		const onFixture = method === 'single-point' || method === 'truing-wheel';
		return (onFixture && !j.radiusFixture && !j.cnc) || (byAxes && !j.cnc);
	}
	return method === 'truing-wheel' || ((byAxes || method === 'single-point') && !j.cnc);
}

const METALLIC: readonly DressBond[] = ['metal', 'crushable-metal', 'hybrid'];
const POINT: readonly Method[] = ['single-point', 'cluster'];
const ROTARY: readonly Method[] = ['rotary-disc', 'rotary-form-roll'];
const WORN: readonly Method[] = ['truing-wheel', 'steel-block'];

/** Why a method is out for this wheel, or null. The first reason counts. */
export function excluded(method: Method, j: Job): string | null {
	const hard = isSuperabrasive(j.abrasive);
	const diamond = j.abrasive === 'diamond';
	if (!j.devices.includes(method)) return 'device-not-available';
	if (j.onShank && method !== 'stick') return 'on-its-shank';
	if (j.bond === 'plated' && !(method === 'stick' && j.purpose === 'clean')) return 'single-layer';
	if (scoreOf(method, j.purpose) === undefined) return 'wrong-purpose';
	if (POINT.includes(method) && diamond) return 'diamond-on-diamond';
	if (POINT.includes(method) && hard && METALLIC.includes(j.bond)) return 'bond-too-tough';
	if (ROTARY.includes(method) && hard && (j.bond === 'metal' || j.bond === 'hybrid')) return 'bond-too-tough';
	if (method === 'rotary-form-roll' && diamond) return 'diamond-on-diamond';
	if (method === 'crush-roll' && !j.crushable) return 'bond-not-crushable';
	if (WORN.includes(method) && !hard) return 'not-for-conventional';
	if (method === 'steel-block' && j.bond !== 'resin') return 'steel-block-resin-only';
	if (method === 'wire-edm' && !(j.bond === 'hybrid' ? j.hybridConducts : METALLIC.includes(j.bond)))
		return 'bond-not-conducting';
	if (method === 'hand-cutter' && j.machine !== 'bench') return 'bench-only';
	if (method === 'hand-cutter' && hard) return 'wrong-dresser-for-superabrasive';
	return cannotMake(method, j) ? 'cannot-make-form' : null;
}

const [LARGE_BATCH, SMALL_BATCH] = [50, 10];

/** How well a method that is not out serves here. */
export function scored(method: Method, j: Job): number {
	let score = scoreOf(method, j.purpose) ?? 0;
	if (POINT.includes(method) && j.abrasive === 'cbn') score -= 30;
	if (method === 'rotary-disc' && j.abrasive === 'diamond') score -= 20;
	if (method === 'stick' && j.purpose === 'open' && !isSuperabrasive(j.abrasive)) score -= 35;
	if (j.form === 'profile' && (method === 'rotary-form-roll' || method === 'crush-roll'))
		score += j.batchSize >= LARGE_BATCH ? 15 : j.batchSize < SMALL_BATCH ? -15 : 0;
	return score;
}
