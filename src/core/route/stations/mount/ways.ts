import type { SetupFacts } from '../../facts.js';
import type { Gate, Station } from '../station.js';
import { bench } from './bench.js';
import { flange } from './flange.js';
import { pack } from './pack.js';
import { quill } from './quill.js';
import { toolPost } from './tool-post.js';
import type { Mounting, WayOfMounting } from './way.js';

/** Every way a wheel can be held. */
export const WAYS: Readonly<Record<Mounting, WayOfMounting>> = {
	flange,
	pack,
	quill,
	bench,
	'tool-post': toolPost
};

/** How the wheel of this setup is held. */
export const wayOfMounting = (facts: Pick<SetupFacts, 'route'>): WayOfMounting => WAYS[facts.route.mounting];

/** What must hold before the first start, by how the wheel is held. */
export const mountGate: Gate = (facts, evidence) => wayOfMounting(facts).gate(facts, evidence);

/** Nothing is tightened before what it clamps is right; a joint cures after it is made. */
export const mountOrder: Station['order'] = (facts) => ({
	tighten: wayOfMounting(facts).beforeTightening,
	cured: ['glued']
});
