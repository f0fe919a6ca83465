import type { Values } from '../calculation/fields.js';
import { FINDING_FIELDS, type IncidentEvent, MECHANICAL } from './incident-fields.js';

export type Found = Values<typeof FINDING_FIELDS>;
const NOT_LOOKED_AT = Object.fromEntries(FINDING_FIELDS.map((field) => [field.name, null])) as Found;

/** What was found, as far as somebody looked. */
export interface Seen {
	/** The machine itself was hit. */
	mechanical: boolean;
	/** The spindle is listened to. */
	listen: boolean;
	found: Found;
	/** What was read after cleaning counts; without it, what was read before. */
	taperUm: number | null;
	runouts: readonly number[];
	overAim: boolean;
	overLimit: boolean;
	/** What was over the aim has been cleaned and read again. */
	cleaned: boolean;
	flangeUseless: boolean;
}

export function seenIn(event: IncidentEvent, findings: Found | null, aimUm: number, limitUm: number): Seen {
	const found = findings ?? NOT_LOOKED_AT;
	const dirty = (first: number | null) => first !== null && first > aimUm;
	const overAim = dirty(found.taperRunoutUm) || dirty(found.flangeRunoutUm);
	const taperUm = found.taperRunoutAgainUm ?? found.taperRunoutUm;
	const runouts = [taperUm, found.flangeRunoutAgainUm ?? found.flangeRunoutUm].filter((um) => um !== null);
	return {
		mechanical: MECHANICAL.includes(event),
		listen: event === 'vibration' || event === 'power-loss-in-cut',
		found,
		taperUm,
		runouts,
		overAim,
		overLimit: runouts.some((um) => um >= limitUm),
		cleaned:
			overAim &&
			(!dirty(found.taperRunoutUm) || found.taperRunoutAgainUm !== null) &&
			(!dirty(found.flangeRunoutUm) || found.flangeRunoutAgainUm !== null),
		flangeUseless: found.flange === 'bent' || found.flange === 'cracked'
	};
}

/** What is done after an incident, in order. */
export function stepsAfter({
	mechanical,
	listen,
	found,
	overAim,
	overLimit,
	flangeUseless,
	off,
	scrap,
	injury
}: Seen & { off: boolean; scrap: boolean; injury: boolean }): string[] {
	const codes: string[] = [];
	const step = (code: string, when = true) => {
		if (when && !codes.includes(code)) codes.push(code);
	};
	step('make-safe', !off);
	step('care-for-people', injury);
	step('record-and-tag');
	step(scrap ? 'scrap-wheel' : 'quarantine-and-retest-wheel');
	if (mechanical) {
		step('inspect-guard');
		step('repair-guard', found.guard === 'damaged');
		step('inspect-flange');
		step('stone-flange', found.flange === 'light-burr');
		step('replace-flange', flangeUseless);
		step('inspect-taper');
		step('polish-taper', found.taper === 'light-galling');
		step('spindle-service', found.taper === 'severe-galling');
		step('measure-taper-runout');
		step('measure-flange-runout');
		step('polish-marks', found.polishMarks === true);
		step('clean-and-remeasure', overAim);
		step('listen-to-spindle');
		step('spindle-service', found.spindleNoise === true || overLimit);
		step('inspect-chuck');
		step('stone-chuck-high-spots', found.chuckHighSpots === true);
		step('leave-gouges', found.chuckGouges === true && found.chuckHighSpots !== true);
	}
	if (listen) {
		step('listen-to-spindle');
		step('spindle-service', found.spindleNoise === true);
	}
	step(scrap ? 'full-route-new-wheel' : 'full-route-retest');
	return codes;
}
