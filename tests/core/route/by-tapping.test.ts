import { expect } from 'chai';
import { greenByTapping } from './by-tapping.js';
import { PLACES } from './every-place.js';

/** Every line that turns green with no number typed, and why that is right. Whoever adds one writes down why. */
const WHY: Readonly<Record<string, string>> = {
	'inspect.look > look': 'Cracks, chips and moisture are seen by eye; no figure stands for them.',
	'inspect.ring > ring': 'Heard by ear at every place the plan names; one dull tap stops it.',
	'mount.fit-felt > fit':
		'Marked sizes that are the same and a wheel that slides on and does not rock are felt; anything else is a stop.',
	'mount.thread > thread':
		'The turning sense follows from machine and mount; the person says the nut is the one named.',
	'mount.tighten > tighten':
		'The torque is computed and told; nobody without a wrench that reads it can enter one, so it is said by hand.',
	'true.hand > read':
		'A pencil line that closes all round is seen; it is a bound, judged as one and called one.',
	'run-in.start > start': 'Guard closed and people clear are seen at the machine.',
	'run-in.outcome > outcome': "Heard by ear, after the minutes the server's clock has counted.",
	'balance.off > off': 'Isolated, lifted and clean are done by hand and said.',
	'balance.back > back': 'As with taking it off.',
	'balance.stays > inside':
		'With nothing measured over the limit a rest at every place is what a stand can say: a bound, and called one.',
	'balance.stays > second': 'As above, where the balance is the second one.',
	'balance.auto > inside':
		'The stand-in of a shop that practises; it is said to be simulated wherever it stands.',
	'balance.auto > second': 'As above, where the balance is the second one.',
	'dress.method > method': 'A choice of what is to be done, not what was found.',
	'dress.method > turned': 'The number of dresses since the diamond was turned is counted by the shop.',
	'dress.side > side': 'The side is seen at the machine and drawn; the ingoing one is a stop.',
	'prove.release > burn': 'Seen by eye on the trial cut.',
	'prove.release > chatter': 'Seen by eye on the trial cut.'
};

describe('what turns green by tapping alone', () => {
	it('is this list, each with its reason', function () {
		this.timeout(180_000);
		const found = PLACES.flatMap(([station, facts]) => [...greenByTapping(facts(), station)]);
		expect([...new Set(found)].sort()).to.deep.equal(Object.keys(WHY).sort());
	});
});
