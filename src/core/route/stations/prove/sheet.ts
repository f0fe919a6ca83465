import { release } from '../../../prove/release.js';
import { tolerance } from '../../../balance/tolerance.js';
import type { Unit } from '../../../calculation/fields.js';
import { isBound } from '../balance/stays.js';
import { MEASURED_BY } from '../balance/measured-by.js';
import { dressedStep } from '../dress/dressed.js';
import { couponStep } from '../form/coupon.js';
import { outcomeStep } from '../run-in/outcome.js';
import { knownSpeed } from '../run-in/known-speed.js';
import { isFoundByHand } from '../true/by-hand.js';
import { readAt } from '../true/known-runout.js';
import { type Basis, foundBy, measuredWith } from '../../basis.js';
import { basisOf } from '../../basis-of.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { show } from '../../gate-text.js';
import { holdStep } from './hold.js';
import { releaseStep } from './steps.js';

/** One line of a release sheet: the value with its limit, how it stands, and the record it comes from. */
export interface SheetRow {
	name: string;
	title: string;
	value: string;
	limit: string;
	state: 'pass' | 'fail' | 'missing';
	from: { recordId: number; by: string; atMs: number } | null;
	/** On what the value rests; null where nothing was looked at. */
	basis: Basis | null;
}
interface Words {
	title: string;
	/** The limit beside it, and the unit of both. */
	limit?: string;
	unit?: Unit;
	/** What yes and no say of it. */
	yes?: string;
	no?: string;
}
const LINES: Readonly<Record<string, Words>> = {
	crackSeen: { title: 'Crack on the wheel', yes: 'seen', no: 'none seen' },
	guardClosed: { title: 'Guard', yes: 'closed and latched', no: 'open' },
	runInDone: { title: 'Run in', yes: 'free run made', no: 'not made' },
	speedRpm: { title: 'Speed', limit: 'maxRpm', unit: 'rpm' },
	balanceResidualGmm: { title: 'Balance', limit: 'balanceLimitGmm', unit: 'gmm' },
	runOutUm: { title: 'Run-out', limit: 'runOutLimitUm', unit: 'um' },
	dressSoundEven: { title: 'Dress', yes: 'sounded even', no: 'did not sound even' },
	raUm: { title: 'Finish, Ra', limit: 'raTargetUm', unit: 'um-Ra' },
	formErrorUm: { title: 'Form', limit: 'formToleranceUm', unit: 'um' },
	burnSeen: { title: 'Burn', yes: 'seen', no: 'none' },
	chatterSeen: { title: 'Chatter', yes: 'seen', no: 'none' },
	soundNormal: { title: 'Sound', yes: 'normal', no: 'not normal' },
	sizeErrorUm: { title: 'Size', limit: 'sizeToleranceUm', unit: 'um' },
	flatnessUm: { title: 'Flatness', limit: 'flatnessLimitUm', unit: 'um' },
	taperUm: { title: 'Taper', limit: 'taperLimitUm', unit: 'um' },
	workHoldingConfirmed: { title: 'Work held', yes: 'pushed by hand, it holds', no: 'it does not hold' }
};

const MEASURED_AT_RELEASE: Readonly<Record<string, Basis>> = {
	raUm: measuredWith('roughness meter'),
	sizeErrorUm: measuredWith('at the part'),
	flatnessUm: measuredWith('at the part'),
	taperUm: measuredWith('at the part'),
	soundNormal: foundBy('by ear')
};

/** Where each value of the sheet comes from: what was recorded before, or what was seen at the release itself. */
function sources(facts: SetupFacts): Readonly<Record<string, SheetRow['from']>> {
	const evidence = Evidence.of(facts);
	const of = (r: { id: number; by: string; atMs: number } | null): SheetRow['from'] =>
		r && { recordId: r.id, by: r.by, atMs: r.atMs };
	return {
		runInDone: of(evidence.step(outcomeStep)),
		speedRpm: of(knownSpeed(evidence)?.recorded ?? null),
		balanceResidualGmm: of(evidence.of(tolerance, 'balance', MEASURED_BY)),
		runOutUm: of(evidence.newest('true', readAt)),
		dressSoundEven: of(evidence.step(dressedStep)),
		formErrorUm: of(evidence.step(couponStep)),
		workHoldingConfirmed: of(evidence.step(holdStep))
	};
}

/** The release sheet as it was signed, line by line; null while nothing was released. */
export function releaseSheet(facts: SetupFacts): SheetRow[] | null {
	const evidence = Evidence.of(facts);
	const recorded = evidence.step(releaseStep);
	const sheet = partOf(recorded, release);
	if (!recorded || !sheet) return null;
	const given = sheet.input.checks as Readonly<Record<string, number | boolean | null>>;
	const from = sources(facts);
	/** What was recorded before says itself on what it rests; what is typed on the sheet is measured, and what is said was seen. */
	const basisHere = (name: string): Basis | null => {
		const recordId = from[name]?.recordId;
		if (name in from) return basisOf(recordId === undefined ? null : evidence.standingWith(recordId));
		return MEASURED_AT_RELEASE[name] ?? foundBy('by eye');
	};
	/** A bound, not a reading. */
	const isAtMost = (name: string): boolean =>
		name === 'speedRpm'
			? knownSpeed(evidence)?.atMost === true
			: name === 'balanceResidualGmm'
				? isBound(evidence)
				: name === 'runOutUm' && isFoundByHand(evidence.newest('true', readAt));
	const own: SheetRow['from'] = { recordId: sheet.id, by: recorded.by, atMs: recorded.atMs };
	const q = show(facts);
	return sheet.output.checks.map(({ name, state }) => {
		const words = LINES[name] ?? { title: name };
		const v = given[name] ?? null;
		const limit = words.limit === undefined ? null : (given[words.limit] ?? null);
		return {
			name,
			title: words.title,
			value:
				v === null
					? 'not looked at'
					: typeof v === 'boolean'
						? ((v ? words.yes : words.no) ?? '')
						: `${isAtMost(name) ? 'at most ' : ''}${q(v, words.unit ?? 'um')}`,
			limit: typeof limit === 'number' ? q(limit, words.unit ?? 'um') : '',
			state,
			from: name in from ? from[name]! : own,
			basis: v === null ? null : basisHere(name)
		};
	});
}
