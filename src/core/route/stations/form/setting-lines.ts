import { rotaryPlunge } from '../../../dress/rotary-plunge.js';
import { formPasses } from '../../../form/passes.js';
import { gcode } from '../../../form/gcode.js';
import { wrung } from '../../../form/wrung.js';
import { type Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import { type Feature, featureWords, featuresOf } from './features.js';
import { type Form, settingOf, sinceForm } from './made.js';
import { formPassesStep } from './passes.js';
import { programStep } from './program.js';
import { formRollStep } from './roll.js';

/** Hundredths of a micrometre are as fine as anything here can be measured. */
export const micrometres = (facts: SetupFacts, v: number | null | undefined): string =>
	show(facts)(v === null || v === undefined ? v : Math.round(100 * v) / 100 + 0, 'um');

/** What has to be set differs with the way; what a fixture is set for is one line each. */
export function settingLines(facts: SetupFacts, evidence: Evidence, form: Form): GateLine[] {
	const q = show(facts);
	if (form.way === 'roll') {
		const roll = sinceForm(form, evidence.step(formRollStep));
		const turns = partOf(roll, rotaryPlunge);
		return [
			line({
				key: 'set',
				title: 'Roll set',
				from: roll,
				value: recordedText(turns, `${form.dresser?.code ?? ''}, ${q(turns?.output.rollSpeedRpm, 'rpm')}`),
				waiting: 'carries this form, speed, feed'
			})
		];
	}
	const passes = partOf(sinceForm(form, evidence.step(formPassesStep)), formPasses);
	const plan = line({
		key: 'passes',
		title: 'Passes planned',
		from: passes,
		value: recordedText(passes, `${passes?.output.passCount} passes, ${q(passes?.output.stockUm, 'um')} off`),
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
				value: recordedText(written, `X by ${written?.output.xZero}, a draft: dry run first`),
				waiting: text ? 'the passes changed: write it anew' : 'zero, direction, units'
			})
		];
	}
	return [...fixtureLines(facts, evidence, form, features), plan];
}

/** What is set for each flank or arc, and what is looked at before the wheel turns again. */
function fixtureLines(
	facts: SetupFacts,
	evidence: Evidence,
	form: Form,
	features: readonly Feature[]
): GateLine[] {
	const q = show(facts);
	const sets = features.map((feature) => ({ f: feature, set: settingOf(evidence, form, feature) }));
	const allSay = (name: string): boolean => sets.every(({ set }) => set?.entered[name] === true);
	const reminder = (name: string, title: string, yes: string, open: string): GateLine =>
		line({
			key: name,
			title,
			state: allSay(name) ? 'ok' : 'open',
			value: allSay(name) ? yes : open,
			recordId: sets.at(-1)?.set?.id ?? null
		});
	return [
		...sets.map(({ f, set }) =>
			line({
				key: `set-${f.index}`,
				title: `Set: ${featureWords(f, (mm) => q(mm, 'mm'))}`,
				from: set,
				value: recordedText(set, `stack off by ${micrometres(facts, partOf(set, wrung)?.output.errorUm)}`),
				waiting: 'blocks, stops, screw'
			})
		),
		reminder('screwTight', 'Screw tight', 'tried by hand', 'before the blocks come out'),
		reminder('blocksOut', 'Blocks out again', 'back in their tray', 'before anything moves'),
		form.way === 'sine'
			? reminder('slideCovered', 'Slide covered', 'against grit', 'grit on it is the end of it')
			: reminder('turnedByHand', 'Swung by hand first', 'once through, wheel standing', 'wheel standing')
	];
}
