import { centreError } from '../../../form/centre-error.js';
import { checkProfile } from '../../../form/check-profile.js';
import { compareMeasured } from '../../../form/compare-measured.js';
import { squared } from '../../../form/squared.js';
import { toolPath } from '../../../form/tool-path.js';
import { Evidence, partOf, reasonsOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate, Station } from '../station.js';
import { alignStep } from './align.js';
import { couponStep } from './coupon.js';
import { formedStep } from './formed.js';
import { type Form, formOf, sinceForm } from './made.js';
import { micrometres, settingLines } from './setting-lines.js';

/** The form fits wheel and tip, the dresser is set for it, it is dressed, and a coupon shows its shape. */
export const formGate: Gate = (facts, evidence) => {
	const form = formOf(facts, evidence);
	return [
		...shapeLines(facts, form),
		...(form ? settingLines(facts, evidence, form) : []),
		alignLine(facts, evidence, form),
		...madeLines(facts, evidence, form)
	];
};

function shapeLines(facts: SetupFacts, form: Form | null): GateLine[] {
	const q = show(facts);
	const fits = partOf(form?.recorded ?? null, checkProfile);
	const path = partOf(form?.recorded ?? null, toolPath);
	const stock = fits?.output.usableStockMm;
	return [
		line({
			key: 'fits',
			title: 'Form fits the wheel',
			from: fits,
			value: recordedText(
				fits,
				`${q(fits?.output.maxStockMm, 'mm')} deep${stock === null || stock === undefined ? '' : `, ${q(stock, 'mm')} of abrasive`}`
			),
			waiting: 'shape, tip and abrasive'
		}),
		...(form?.way === 'roll'
			? []
			: [
					line({
						key: 'reach',
						title: 'Tip reaches every corner',
						from: path,
						value: path
							? `${micrometres(facts, path.output.unreachedMaxUm)} left, ${q(Number(path.input.unreachedToleranceUm), 'um')} allowed`
							: '',
						waiting: form ? 'only for a form that hangs together' : 'tip of the dresser'
					})
				])
	];
}

function alignLine(facts: SetupFacts, evidence: Evidence, form: Form | null): GateLine {
	const aligned = sinceForm(form, evidence.step(alignStep));
	const square = partOf(aligned, squared);
	const centre = partOf(aligned, centreError);
	return line({
		key: 'align',
		title: form?.way === 'roll' ? 'Roll parallel' : 'Square and on centre',
		from: aligned,
		value: recordedText(
			aligned,
			form?.way === 'roll'
				? `taper ${micrometres(facts, square?.output.taperUm)}`
				: `taper ${micrometres(facts, square?.output.taperUm)}, depth off by ${micrometres(facts, centre?.output.formErrorUm)}`
		),
		waiting: form?.way === 'roll' ? 'dial along it' : 'dial along it; never on the entering side'
	});
}

const onlyCaution = (from: { output: object } | null, code: string): boolean => {
	const reasons = reasonsOf(from);
	return reasons.length > 0 && reasons.every((reason) => reason.code === code);
};

function madeLines(facts: SetupFacts, evidence: Evidence, form: Form | null): GateLine[] {
	const q = show(facts);
	const formed = sinceForm(form, evidence.step(formedStep));
	const measured = sinceForm(form, evidence.step(couponStep));
	const read = measured && formed && measured.id > formed.id ? measured : null;
	const proof = partOf(read, compareMeasured);
	const even = formed?.entered.soundEven === true;
	const allowed = form ? q(form.toleranceUm, 'um') : '';
	return [
		line({
			key: 'formed',
			title: 'Form dressed, sounds even',
			from: formed,
			accepts: UNLESS_STOPPED,
			holds: even,
			value:
				formed?.verdict === 'stop'
					? recordedText(formed, '')
					: even
						? 'heard over the whole form'
						: 'not even: dress again',
			waiting: 'you listen and say so'
		}),
		line({
			key: 'proved',
			title: 'Shape proved on a coupon',
			from: proof,
			// A straight flank can slide along itself: that tells nothing of the form, and holds nothing up.
			accepts: onlyCaution(proof, 'fit-not-unique') ? UNLESS_STOPPED : ['ok'],
			value: `${micrometres(facts, proof?.output.maxAbsUm)} off at worst, ${allowed} allowed`,
			waiting:
				measured && form
					? 'dressed since: grind another coupon'
					: form
						? `tolerance ${allowed}`
						: 'within the tolerance'
		})
	];
}

/** The shape first; nothing is dressed before the dresser is set and on centre, and no coupon is read before that. */
export const formOrder: Station['order'] = (facts) => {
	const evidence = Evidence.of(facts);
	const form = formOf(facts, evidence);
	const shaped = shapeLines(facts, form).map((line) => line.key);
	const set = form ? settingLines(facts, evidence, form).map((line) => line.key) : [];
	return {
		sine: shaped,
		radius: shaped,
		roll: shaped,
		passes: shaped,
		program: [...shaped, 'passes'],
		align: shaped,
		formed: [...shaped, ...set, 'align'],
		coupon: ['formed']
	};
};
