import { centreError } from '../../../form/centre-error.js';
import { checkProfile } from '../../../form/check-profile.js';
import { compareMeasured } from '../../../form/compare-measured.js';
import { formPasses } from '../../../form/passes.js';
import { gcode } from '../../../form/gcode.js';
import { rotaryPlunge } from '../../../dress/rotary-plunge.js';
import { squared } from '../../../form/squared.js';
import { toolPath } from '../../../form/tool-path.js';
import { wrung } from '../../../form/wrung.js';
import { Evidence, partOf, reasonsOf } from '../../evidence.js';
import type { SetupFacts } from '../../facts.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { said, show } from '../../say.js';
import type { Gate, Station } from '../station.js';
import { alignStep } from './align.js';
import { couponStep } from './coupon.js';
import { featureWords, featuresOf } from './features.js';
import { formedStep } from './formed.js';
import { type Form, formOf, settingOf, sinceForm } from './made.js';
import { formPassesStep } from './passes.js';
import { programStep } from './program.js';
import { formRollStep } from './roll.js';

/** Hundredths of a micrometre are as fine as anything here can be measured. */
const um = (facts: SetupFacts, v: number | null | undefined): string =>
	show(facts)(v === null || v === undefined ? v : Math.round(100 * v) / 100 + 0, 'um');

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
			value: said(
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
							? `${um(facts, path.output.unreachedMaxUm)} left, ${q(Number(path.input.unreachedToleranceUm), 'um')} allowed`
							: '',
						waiting: form ? 'only for a form that hangs together' : 'tip of the dresser'
					})
				])
	];
}

/** What has to be set differs with the way; what a fixture is set for is one line each. */
function settingLines(facts: SetupFacts, evidence: Evidence, form: Form): GateLine[] {
	const q = show(facts);
	if (form.way === 'roll') {
		const roll = sinceForm(form, evidence.step(formRollStep));
		const turns = partOf(roll, rotaryPlunge);
		return [
			line({
				key: 'set',
				title: 'Roll set',
				from: roll,
				value: said(turns, `${form.dresser?.code ?? ''}, ${q(turns?.output.rollSpeedRpm, 'rpm')}`),
				waiting: 'carries this form, speed, feed'
			})
		];
	}
	const passes = partOf(sinceForm(form, evidence.step(formPassesStep)), formPasses);
	const plan = line({
		key: 'passes',
		title: 'Passes planned',
		from: passes,
		value: said(passes, `${passes?.output.passCount} passes, ${q(passes?.output.stockUm, 'um')} off`),
		waiting: 'rough, finish, idle'
	});
	const features = featuresOf(form.chain, form.way);
	if (!features.length) {
		const text = sinceForm(form, evidence.step(programStep));
		const written = partOf(text && passes && text.id > passes.id ? text : null, gcode);
		return [
			plan,
			line({
				key: 'set',
				title: 'Program written',
				from: written,
				value: said(written, `X by ${written?.output.xZero}, a draft: dry run first`),
				waiting: text ? 'the passes changed: write it anew' : 'zero, direction, units'
			})
		];
	}
	const sets = features.map((f) => {
		const set = settingOf(evidence, form, f);
		const stack = partOf(set, wrung);
		const out = set?.entered.blocksOut === true && set.entered.screwTight === true;
		const shut =
			form.way === 'sine' ? set?.entered.slideCovered === true : set?.entered.turnedByHand === true;
		return line({
			key: `set-${f.index}`,
			title: `Set: ${featureWords(f, (mm) => q(mm, 'mm'))}`,
			from: set,
			holds: out && shut,
			value: said(
				set,
				!out
					? 'screw tight, blocks out again'
					: shut
						? `stack off by ${um(facts, stack?.output.errorUm)}`
						: form.way === 'sine'
							? 'cover the slide'
							: 'swing it by hand first'
			),
			waiting: 'blocks, stops, screw'
		});
	});
	return [...sets, plan];
}

function alignLine(facts: SetupFacts, evidence: Evidence, form: Form | null): GateLine {
	const aligned = sinceForm(form, evidence.step(alignStep));
	const square = partOf(aligned, squared);
	const centre = partOf(aligned, centreError);
	return line({
		key: 'align',
		title: form?.way === 'roll' ? 'Roll parallel' : 'Square and on centre',
		from: aligned,
		value: said(
			aligned,
			form?.way === 'roll'
				? `taper ${um(facts, square?.output.taperUm)}`
				: `taper ${um(facts, square?.output.taperUm)}, depth off by ${um(facts, centre?.output.formErrorUm)}`
		),
		waiting: form?.way === 'roll' ? 'dial along it' : 'dial along it; never on the entering side'
	});
}

const onlyCaution = (from: { output: object } | null, code: string): boolean => {
	const reasons = reasonsOf(from);
	return reasons.length > 0 && reasons.every((r) => r.code === code);
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
					? said(formed, '')
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
			value: `${um(facts, proof?.output.maxAbsUm)} off at worst, ${allowed} allowed`,
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
	const shaped = shapeLines(facts, form).map((l) => l.key);
	const set = form ? settingLines(facts, evidence, form).map((l) => l.key) : [];
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
