import { clockIn, dayIn, dayMonthIn } from '$core/numeric/zone';
import { figure } from '$core/quantity/format';
import type { System } from '$core/quantity/parse';
import type { WheelFacts } from '$core/facts/wheel';

/** What is grinding what, in words. */
export const MATERIAL_WORDS: Record<string, string> = {
	'steel-soft': 'Soft steel',
	'steel-hardened': 'Hardened steel',
	hss: 'High-speed steel',
	'stainless-austenitic': 'Austenitic stainless',
	'stainless-martensitic': 'Martensitic stainless',
	'cast-iron-grey': 'Grey iron',
	'cast-iron-ductile': 'Ductile iron',
	aluminium: 'Aluminium',
	'copper-alloy': 'Copper alloy',
	titanium: 'Titanium',
	superalloy: 'Superalloy',
	carbide: 'Carbide',
	ceramic: 'Ceramic'
};
export const OPERATION_WORDS: Record<string, string> = {
	surface: 'surface',
	cylindrical: 'outside diameter',
	internal: 'bore',
	'tool-cutter': 'tool and cutter',
	'creep-feed': 'creep feed',
	'off-hand': 'off-hand',
	'tool-post': 'lathe tool post',
	'face-segment': 'segments',
	peel: 'peel grinding, full depth in one pass'
};
export const STATE_WORDS: Record<string, string> = {
	'under-way': 'Under way',
	released: 'Ready to grind',
	stopped: 'Stopped',
	finished: 'Finished',
	available: 'Free',
	mounted: 'On a machine',
	quarantined: 'Quarantined',
	scrapped: 'Scrapped'
};
export const RECOMMEND_STEP_WORDS: Record<string, string> = {
	'material-open': 'This metal loads a wheel',
	'fine-grit-denser': 'Fine grit packs denser',
	'very-hard-work': 'Very hard work dulls grains early',
	'less-hard-work': 'Not fully hard: grains last',
	'very-long-contact': 'Very long arc of contact',
	'long-contact': 'Long arc of contact',
	'short-contact': 'Short arc of contact',
	'narrow-contact': 'Narrow contact',
	'wide-contact': 'Wide contact',
	'interrupted-cut': 'Interrupted cut knocks grains out',
	'burn-prone': 'Burns easily',
	dry: 'Ground dry',
	'very-fast-wheel': 'Very fast wheel acts harder',
	'fast-wheel': 'Fast wheel acts harder',
	'slow-wheel': 'Slow wheel acts softer',
	'fast-work': 'Fast work wears the wheel',
	'slow-work': 'Slow work makes it act harder'
};
export const LEDGER_WORDS: Record<string, string> = {
	received: 'Received',
	taken: 'Taken for a setup',
	inspected: 'Inspected',
	mounted: 'Mounted',
	trued: 'Trued',
	dressed: 'Dressed',
	redressed: 'Redressed',
	ground: 'Ground on',
	released: 'Released to grind',
	corrected: 'Corrected',
	crashed: 'Crashed',
	parked: 'Put back',
	remounted: 'Mounted again',
	quarantined: 'Quarantined',
	cleared: 'Cleared by a lead',
	scrapped: 'Scrapped'
};
export const EVENT_WORDS: Record<string, string> = {
	burst: 'Wheel burst',
	'hard-crash': 'Hard crash',
	'light-touch': 'Light touch',
	overspeed: 'Ran too fast',
	vibration: 'Vibration',
	'power-loss-in-cut': 'Power lost in the cut',
	'dropped-wheel': 'Wheel dropped',
	'dull-ring': 'Dull ring'
};
export const STEP_WORDS: Record<string, string> = {
	'make-safe': 'Make it safe: stop, isolate, lock',
	'care-for-people': 'Care for people first',
	'record-and-tag': 'Write it down and tag the machine',
	'scrap-wheel': 'Scrap the wheel: break it up',
	'quarantine-and-retest-wheel': 'Set the wheel aside for a new inspection',
	'inspect-guard': 'Look at the guard',
	'repair-guard': 'Repair the guard',
	'inspect-flange': 'Look at the flanges',
	'stone-flange': 'Stone the burr off the flange',
	'replace-flange': 'Replace the flange',
	'inspect-taper': 'Look at the taper',
	'polish-taper': 'Polish the taper',
	'spindle-service': 'Have the spindle serviced',
	'measure-taper-runout': 'Measure run-out of the taper',
	'measure-flange-runout': 'Measure run-out of the flange',
	'polish-marks': 'Polish the marks',
	'clean-and-remeasure': 'Clean and measure again',
	'listen-to-spindle': 'Listen to the bare spindle',
	'inspect-chuck': 'Look at the chuck',
	'stone-chuck-high-spots': 'Stone lumps off the chuck',
	'leave-gouges': 'Leave hollows in the chuck alone',
	'full-route-new-wheel': 'Start again with a new wheel, every station',
	'full-route-retest': 'Inspect the wheel and start again, every station'
};
/** Why something ran into something. */
export const CAUSE_WORDS: Record<string, string> = {
	'work-not-held': 'the work was not held',
	'wrong-dial-way': 'dial turned the wrong way',
	'wrong-offset': 'wrong zero or offset',
	'dresser-left-on': 'dresser left on the chuck',
	'stop-not-set': 'a stop was not set',
	other: 'something else'
};
/** Who stands for a step of a plan where not everybody may. */
export const STEP_SIGNED_BY: Record<string, string> = {
	'clean-and-remeasure': 'the reading after cleaning',
	'scrap-wheel': 'a lead',
	'repair-guard': 'people trained for the machine',
	'replace-flange': 'people trained for the machine',
	'spindle-service': 'people trained for the spindle',
	'polish-taper': 'people trained for the spindle'
};
/** Where it starts again after a plan is closed. */
export const RESTART_WORDS: Record<string, string> = {
	spec: 'Starts again at Select, with another wheel: every station once more.',
	inspect: 'Starts again at Inspect, with this wheel once a lead has cleared it: every station once more.'
};

export const WAKE_WORDS: Record<string, string> = {
	'inspect-isolated': 'Look it over, power locked off',
	'check-guard': 'Look at the guard',
	'set-stops-close': 'Set the table stops close',
	'try-emergency-stop': 'Try the emergency stop',
	'check-rotation-without-wheel': 'See which way it turns, no wheel',
	'build-pressure': 'Build up pressure, warm the oil',
	'first-slow-stroke': 'First slow stroke'
};

/** Diameter, width and bore, as a wheel is named by them. */
export const sizeOf = (
	w: Pick<WheelFacts, 'diameterMm' | 'widthMm' | 'boreMm'>,
	units: System = 'mm'
): string =>
	[w.diameterMm, w.widthMm, w.boreMm]
		.map((value) => (units === 'mm' ? String(value) : figure(value, 'mm', units)))
		.join(' × ') + (units === 'mm' ? '' : ' in');
const DAY_OF_YEAR = new Intl.DateTimeFormat('en-GB', {
	day: 'numeric',
	month: 'short',
	year: 'numeric',
	timeZone: 'UTC'
});
/** A day without a time, in words. @example dayWords('2026-08-18') // "18 Aug 2026" */
export function dayWords(date: string): string {
	const [y, m, d] = date.split('-').map(Number) as [number, number, number];
	return DAY_OF_YEAR.format(Date.UTC(y, m - 1, d));
}

/** The time zone of the shop; UTC until a page has said it. */
let zone = 'UTC';
/** Times are told in the place of the shop, on the server and in every browser alike. */
export const tellTimesIn = (timeZone: string): void => {
	zone = timeZone;
};
/** When something was, short: the time today, else day and time, with the year where it is not this one. */
export function when(at: Date | string | number): string {
	const ms = new Date(at).getTime();
	const [day, today] = [dayIn(zone, ms), dayIn(zone, Date.now())];
	if (day === today) return clockIn(zone, ms);
	const year = day.slice(0, 4);
	return `${dayMonthIn(zone, ms)}${year === today.slice(0, 4) ? '' : ` ${year}`} ${clockIn(zone, ms)}`;
}

/** The stations of the register in the order in which the work goes. */
export const STATION_TITLES: Record<string, string> = {
	spec: 'Select',
	inspect: 'Inspect',
	mount: 'Mount',
	'run-in': 'Run in',
	true: 'True',
	balance: 'Balance',
	dress: 'Dress',
	form: 'Form',
	set: 'Set the dresser',
	prove: 'Prove',
	keep: 'Keep'
};
/** A station as something one does: before balancing, on to dressing. */
export const DOING: Record<string, string> = {
	brief: 'the brief',
	machine: 'the machine',
	select: 'selecting',
	inspect: 'inspecting',
	mount: 'mounting',
	'run-in': 'running in',
	true: 'truing',
	balance: 'balancing',
	form: 'forming',
	dress: 'dressing',
	prove: 'proving',
	keep: 'grinding'
};
