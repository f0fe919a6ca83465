import { summaryOf } from '../../../form/profile/chain.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { formOf } from './made.js';

/** What of a form a dress has to keep: none of a straight face, a radius of what a fixture makes, a profile of everything else. */
export function formToKeep(
	facts: SetupFacts
): { name: string; form: 'radius' | 'profile'; onSine: boolean } | null {
	if (!facts.stations.includes('form')) return null;
	const form = formOf(facts, Evidence.of(facts));
	if (!form || summaryOf(form.chain).depthMm < FLAT_MM) return null;
	const onFixture = form.way === 'sine' || form.way === 'radius';
	return { name: form.name, form: onFixture ? 'radius' : 'profile', onSine: form.way === 'sine' };
}
const FLAT_MM = 1e-6;
