import { openIncidents } from '$lib/server/setups/incidents';
import { theShop, wayOf } from '$lib/server/shop/the-shop';
import { machines } from '$lib/server/shop/machines';
import { newestMornings } from '$lib/server/shop/morning';
import { wrongClocks } from '$lib/server/storage/records';
import { today } from '$lib/server/storage/today';
import { openByMachine } from '$lib/server/setups/setup-list';
import { floorCards } from '$lib/server/setups/floor-cards';
import { expiringWheels } from '$lib/server/wheels/wheels';
import { incidentPlan } from '$core/keep/incident-plan';

const SOON_DAYS = 30;

/** Every machine with what is on it, its state and what it needs next. */
export async function load({ locals }) {
	const [list, byMachine, incidents, expiring, way] = await Promise.all([
		machines(),
		openByMachine(),
		openIncidents(),
		expiringWheels(SOON_DAYS),
		theShop().then(wayOf)
	]);
	// The one that is mounted, or the newest, stands on the card; the others are named below it.
	const shown = [...byMachine.values()].map((of) => of[0]!.id);
	const mornings = await newestMornings(list.map((machine) => machine.id));
	const setups = new Map((await floorCards(shown)).map((c) => [c.machineId, c]));
	const day = await today();
	const cards = list.map((machine) => {
		const sheet = mornings.get(machine.id);
		const morning = sheet?.day === day ? { mayStart: sheet.mayStart, open: sheet.open.length } : null;
		const others = (byMachine.get(machine.id) ?? []).slice(1);
		const f = setups.get(machine.id);
		if (!f)
			return {
				machine: machine,
				morning,
				setup: null,
				wheel: null,
				station: null,
				state: machine.lockedOut || morning?.mayStart === false ? ('stop' as const) : ('open' as const),
				word: machine.lockedOut ? 'Locked out' : morning?.mayStart === false ? 'Does not start' : 'Free',
				next: 'no setup',
				dressesLeft: null,
				others
			};
		const { id, part, quantity, machineId: _, ...card } = f;
		return { machine: machine, morning, setup: { id, part, quantity }, ...card, others };
	});
	const needs: {
		state: 'stop' | 'caution';
		text: string;
		note: string;
		href: `/incidents/${number}` | `/setups/${number}` | `/rack/${string}` | `/log/${number}`;
		action: string;
	}[] = [];
	for (const incident of incidents) {
		const plan = incidentPlan.run(incident.input);
		needs.push({
			state: 'stop',
			text: `${incident.machine}: ${incident.seen}`,
			note: `${plan.steps.filter((step) => step.done).length} of ${plan.steps.length} steps done`,
			href: `/incidents/${incident.id}`,
			action: 'Go on'
		});
	}
	for (const c of cards)
		if (c.setup && c.state === 'caution')
			needs.push({
				state: 'caution',
				text: `${c.machine.code}: ${c.next}`,
				note: c.word === 'Redress due' ? 'dress it before the next part' : 'waits for a reason',
				href: `/setups/${c.setup.id}`,
				action: 'Open setup'
			});
	for (const w of expiring)
		needs.push({
			state: w.days < 0 ? 'stop' : 'caution',
			text:
				w.days < 0
					? `Wheel ${w.number} is out of date`
					: `Wheel ${w.number} reaches its use-by date in ${w.days} days`,
			note: 'organic bond',
			href: `/rack/${encodeURIComponent(w.number)}`,
			action: 'See wheel'
		});
	// Only a lead can ask whose clock it is.
	if (locals.user!.role === 'lead')
		for (const r of await wrongClocks())
			needs.push({
				state: 'caution',
				text: `Record ${r.id} by ${r.by}: its time cannot be right`,
				note: "told by a browser's clock",
				href: `/log/${r.id}`,
				action: 'See record'
			});
	return {
		way,
		cards,
		needs,
		ready: cards.filter((card) => card.state === 'ok').length,
		open: cards.filter((card) => card.state === 'now' || card.state === 'caution').length
	};
}
