import { release } from '../../../prove/release.js';
import type { Unit } from '../../../calculation/fields.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type Basis, foundBy, measuredWith } from '../../basis.js';
import { Evidence, partOf } from '../../evidence.js';
import { show } from '../../gate-text.js';
import { finishBasis, isFinishBound } from './finish.js';
import { type Shown, shownBefore } from './shown-before.js';
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

const TYPED_AT_RELEASE: Readonly<Record<string, Basis>> = {
	sizeErrorUm: measuredWith('at the part'),
	flatnessUm: measuredWith('at the part'),
	taperUm: measuredWith('at the part'),
	soundNormal: foundBy('by ear')
};

/** The release sheet as it was signed, line by line; null while nothing was released. */
export function releaseSheet(facts: SetupFacts): SheetRow[] | null {
	const evidence = Evidence.of(facts);
	const recorded = evidence.step(releaseStep);
	const sheet = partOf(recorded, release);
	if (!recorded || !sheet) return null;
	const given = sheet.input.checks as Readonly<Record<string, number | boolean | null>>;
	const shown = shownBefore(evidence);
	const atRelease = (name: string): Shown => ({
		recorded,
		atMost: name === 'raUm' && isFinishBound(recorded.entered),
		basis: name === 'raUm' ? finishBasis(recorded.entered) : (TYPED_AT_RELEASE[name] ?? foundBy('by eye'))
	});
	const q = show(facts);
	return sheet.output.checks.map(({ name, state }) => {
		const words = LINES[name] ?? { title: name };
		const v = given[name] ?? null;
		const limit = words.limit === undefined ? null : (given[words.limit] ?? null);
		const behind = shown[name] ?? atRelease(name);
		return {
			name,
			title: words.title,
			value:
				v === null
					? 'not looked at'
					: typeof v === 'boolean'
						? ((v ? words.yes : words.no) ?? '')
						: `${behind.atMost ? 'at most ' : ''}${q(v, words.unit ?? 'um')}`,
			limit: typeof limit === 'number' ? q(limit, words.unit ?? 'um') : '',
			state,
			from: behind.recorded && {
				recordId: behind.recorded.id,
				by: behind.recorded.by,
				atMs: behind.recorded.atMs
			},
			basis: v === null ? null : behind.basis
		};
	});
}
