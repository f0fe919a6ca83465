import { type RecordFacts, type SetupFacts } from '../../facts.js';
import { type GateLine, lineOf, plainLine } from '../../gate.js';
import { curing } from './special.js';
import type { Evidence } from '../../evidence.js';
import { out, said, show } from '../../say.js';

/** Nut or screws: the hand of the thread and the order, whatever is mounted. */
function closing(f: SetupFacts, e: Evidence): GateLine[] {
	const [thread, tighten] = [e.latest('mount', 'thread'), e.latest('mount', 'tighten')];
	const screws = f.mount?.retention === 'flange-screws';
	return [
		lineOf(
			'thread',
			'Running tightens it',
			thread,
			said(
				thread,
				thread?.output.checked ? `${String(thread.output.requiredThreadHand)}-hand thread` : 'held by screws'
			),
			'hand of the thread'
		),
		lineOf(
			'tighten',
			'Tightened in order',
			tighten && { ...tighten, verdict: tighten.verdict === 'stop' ? 'stop' : 'ok' },
			screws ? `${f.mount!.screwCount} screws, ${show(f)(f.mount!.torqueNm, 'Nm')}` : 'nut snug',
			screws ? `${f.mount!.screwCount} screws crosswise` : 'one nut, snug'
		)
	];
}

function flanges(f: SetupFacts, e: Evidence): GateLine[] {
	const q = show(f);
	const [fit, flange] = [e.latest('mount', 'fit'), e.latest('mount', 'flange')];
	const taper = flange && e.latest('mount', 'flange', 'mount.spindle-runout');
	// Counts only when it was taken together with the flanges that count.
	const together = taper && taper.together === flange.together ? taper : null;
	return [
		lineOf(
			'fit',
			'Slides on by hand',
			fit,
			fit?.verdict === 'stop'
				? said(fit, '')
				: `${q(out(fit, 'clearanceUm'), 'um')} play, up to ${q(out(fit, 'maxRunoutTirUm'), 'um')} run-out`,
			'measure bore and seat'
		),
		lineOf(
			'flange',
			'Flanges and blotters right',
			flange,
			said(flange, `needs ${q(out(flange, 'minFlangeDiameterMm'), 'mm')}, has ${q(f.mount?.flangeMm, 'mm')}`),
			'measure both'
		),
		...(together
			? [
					lineOf(
						'taper',
						'Taper runs true',
						together,
						said(together, `${q(together.entered.taperRunoutUm as number, 'um')}`),
						''
					)
				]
			: [])
	];
}

/** The other wheels of a pack are looked over and rung at the rack, since this setup began. */
function companions(f: SetupFacts): GateLine[] {
	if (!f.companions.length) return [];
	const names = (list: typeof f.companions) => list.map((c) => c.wheel.number).join(', ');
	const bad = f.companions.filter((c) => c.look?.verdict === 'stop' || c.ring?.verdict === 'stop');
	const open = f.companions.filter((c) => !c.look?.mayProceed || !c.ring?.mayProceed);
	const state = bad.length ? 'stop' : open.length ? 'open' : 'ok';
	return [
		plainLine(
			'companions',
			'Other wheels looked over and rung',
			state,
			bad.length
				? `${names(bad)} did not pass. Take another one.`
				: open.length
					? `${names(open)}: at the rack`
					: names(f.companions),
			f.companions.at(-1)?.ring?.id ?? null
		)
	];
}

/** A pack stands only as it was measured and stood for: any edit takes the last line away. */
function pack(f: SetupFacts, e: Evidence): GateLine[] {
	const r = e.latest('mount', 'pack');
	const differences = (r?.output.differences ?? []) as unknown[];
	const measured = differences.length > 0 && differences.every((d) => d !== null);
	const q = show(f);
	return [
		lineOf(
			'stack',
			'Stack fits and is fast enough',
			r,
			r && r.verdict !== 'ok'
				? said(r, '')
				: `${q(out(r, 'stackLengthMm'), 'mm')}, up to ${q(Math.floor(out(r, 'maxSpeedRpm') ?? 0), 'rpm')}`,
			'build it from the shoulder'
		),
		...companions(f),
		...closing(f, e),
		plainLine(
			'measured',
			'Every wheel measured',
			!r ? 'open' : measured ? 'ok' : 'open',
			measured ? `${differences.length} at the presetter` : 'rim, face and run-out of each',
			r?.id ?? null
		),
		plainLine(
			'qualified',
			'Stood for as it is now',
			r?.output.qualified === true && r.entered.stage === 'release'
				? r.verdict === 'stop'
					? 'stop'
					: 'ok'
				: 'open',
			r?.output.qualified === true ? 'confirmed' : 'any edit takes it away',
			r?.id ?? null
		)
	];
}

const hours = (s: number): string => (s >= 5400 ? `${(s / 3600).toFixed(1)} h` : `${Math.ceil(s / 60)} min`);

function quill(f: SetupFacts, e: Evidence): GateLine[] {
	const [r, glue, cured]: (RecordFacts | null)[] = [
		e.latest('mount', 'quill'),
		e.latest('mount', 'glue'),
		e.latest('mount', 'cured')
	];
	const joint = curing(f);
	const leftS = joint ? Math.max(0, joint.requiredS - (f.nowMs - joint.atMs) / 1000) : 0;
	const current = cured && glue && cured.id > glue.id ? cured : null;
	return [
		lineOf(
			'quill',
			'Quill runs below its whirl',
			r ?? null,
			r && r.verdict !== 'ok'
				? said(r, '')
				: `${Math.round(100 * (out(r ?? null, 'criticalRatio') ?? 0))} % of its critical speed`,
			'overhang, diameter, force'
		),
		lineOf(
			'glued',
			'Joint prepared and strong',
			glue ?? null,
			said(glue ?? null, `${(out(glue ?? null, 'bondSafetyFactor') ?? 0).toFixed(0)} times the pull`),
			'scuffed, wiped, mixed, coated'
		),
		current
			? lineOf(
					'cured',
					'Cured',
					{ ...current, verdict: current.verdict === 'stop' ? 'stop' : 'ok' },
					said(current, 'stood long enough'),
					''
				)
			: plainLine(
					'cured',
					'Cured',
					'open',
					!joint
						? 'after it is glued'
						: leftS > 0
							? `${hours(leftS)} to stand`
							: 'stood long enough: record it',
					null
				),
		...closing(f, e)
	];
}

/** What must hold before the first start, by how the wheel is held. */
export function mount(f: SetupFacts, e: Evidence): GateLine[] {
	const q = show(f);
	switch (f.route.mounting) {
		case 'pack':
			return pack(f, e);
		case 'quill':
			return quill(f, e);
		case 'bench': {
			const r = e.latest('mount', 'bench');
			return [
				...flanges(f, e),
				...closing(f, e),
				lineOf(
					'bench',
					'Rest, tongue and guards set',
					r,
					said(
						r,
						`rest ${q((r?.entered.restGapMm as number) ?? null, 'mm')}, tongue ${q((r?.entered.tongueGapMm as number) ?? null, 'mm')}`
					),
					'close to the wheel'
				)
			];
		}
		case 'tool-post': {
			const r = e.latest('mount', 'tool-post');
			return [
				lineOf(
					'tool-post',
					'On centre, ways covered',
					r,
					said(r, `${q(out(r, 'diameterErrorUm'), 'um')} off on the diameter`),
					'height, cloth, chuck'
				),
				...flanges(f, e),
				...closing(f, e)
			];
		}
		default:
			return [...flanges(f, e), ...closing(f, e)];
	}
}
