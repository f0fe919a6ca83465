import { Evidence } from './evidence.js';
import { type SetupFacts, type StationId, limitRpm } from './facts.js';
import { type GateLine, lineOf, plainLine } from './gate.js';
import { MEASURED_BY } from './stations/balance/measure.js';
import { CORRECTED_BY } from './stations/balance/move.js';
import { mount } from './stations/mount/gate.js';
import { out, said, show } from './say.js';
import { recordingThatCounts, ringFacts } from './stations/inspect/steps.js';
import { runoutLimitUm } from './stations/true/steps.js';
import { surfaceSpeedMps } from '../spec/speed.js';

/** Turns records into the lines of a station's gate. */
export type Gate = (facts: SetupFacts, evidence: Evidence) => GateLine[];

const brief: Gate = (_f, e) => [
	lineOf(
		'job',
		'The job is told',
		e.latest('brief', 'brief', 'spec.recommend') && {
			...e.latest('brief', 'brief', 'spec.recommend')!,
			verdict: 'ok'
		},
		String(e.latest('brief', 'brief', 'spec.recommend')?.output.marking ?? ''),
		'fill in the brief'
	)
];

const machine: Gate = (f, e) => {
	const woken = e.latest('machine', 'recommission');
	const runout = e.latest('machine', 'runout');
	if (f.route.machineAsks === 'wake')
		return [
			lineOf(
				'awake',
				'Safe to wake',
				woken,
				said(woken, 'guard, stops, direction, pressure'),
				'looked over dead first'
			)
		];
	return [
		lineOf(
			'runout',
			'Spindle runs true',
			runout,
			runout && runout.verdict !== 'ok'
				? said(runout, '')
				: `${show(f)(out(runout, 'worstUm'), 'um')} at the worse of taper and flange`,
			'dial indicator, no wheel on'
		)
	];
};

const select: Gate = (f, e) => {
	const q = show(f);
	const w = f.wheel;
	const take = e.latest('select', 'take', 'spec.rank-rack');
	if (!w || !take)
		return [
			plainLine('taken', 'One wheel taken', 'open', 'pick from the rack'),
			plainLine('bore', 'Fits the spindle', 'open', `bore ${q(f.mount?.seatMm ?? f.machine.seatMm, 'mm')}`),
			plainLine('speed', 'Under the rated speed', 'open', `spindle runs ${q(f.machine.spindleRpm, 'rpm')}`)
		];
	const limit = limitRpm(w);
	const v = surfaceSpeedMps(w.diameterMm, f.machine.spindleRpm);
	return [
		plainLine(
			'bore',
			'Fits the spindle',
			'ok',
			`bore ${q(w.boreMm, 'mm')} on ${q(f.mount?.seatMm ?? f.machine.seatMm, 'mm')}`,
			take.id
		),
		plainLine(
			'speed',
			'Under the rated speed',
			limit !== null && f.machine.spindleRpm <= limit ? 'ok' : 'stop',
			w.ratedMps
				? `${q(v, 'm/s')} of ${q(w.ratedMps, 'm/s')}`
				: `${q(f.machine.spindleRpm, 'rpm')} of ${q(w.ratedRpm, 'rpm')}`,
			take.id
		),
		lineOf(
			'taken',
			'One wheel taken',
			take,
			`${w.number}, ${((take.output.ranked as { scorePoints: number }[])[0]?.scorePoints ?? 0).toFixed(0)} points`,
			''
		),
		plainLine('held', 'Nobody else holds it', 'ok', `held by setup ${f.id}`)
	];
};

const inspect: Gate = (f, e) => {
	const look = e.latest('inspect', 'look');
	const ring = e.latest('inspect', 'ring', 'inspect.ring-decision');
	const taps = ((ring?.entered.taps ?? []) as string[]).length;
	const counts = recordingThatCounts(ringFacts(f));
	const heard = ring?.input.analysis === 'none' ? 'by ear' : 'by ear and recording';
	// A dull recording made after the wheel was said to be clear takes that back.
	const dullSince = ring && counts?.result.ring === 'dull' && ring.input.analysis !== 'dull';
	return [
		lineOf('look', 'Looked over', look, said(look, 'nothing found'), 'point by point'),
		plainLine(
			'rated',
			'Marked with a speed',
			!f.wheel ? 'open' : limitRpm(f.wheel) !== null ? 'ok' : 'stop',
			f.wheel?.ratedMps
				? show(f)(f.wheel.ratedMps, 'm/s')
				: f.wheel?.ratedRpm
					? show(f)(f.wheel.ratedRpm, 'rpm')
					: 'no speed'
		),
		dullSince
			? plainLine(
					'ring',
					'Ring is clear',
					'stop',
					'A later recording is dull. Do not mount; quarantine it.',
					ring.id
				)
			: lineOf(
					'ring',
					'Ring is clear',
					ring,
					said(ring, taps ? `clear at ${taps} places, ${heard}` : 'cannot be rung'),
					'tap it and listen',
					ring?.output.mayProceed === true
				)
	];
};

const runIn: Gate = (f, e) => {
	const q = show(f);
	const speed = e.latest('run-in', 'speed');
	const start = e.latest('run-in', 'start');
	const outcome = e.latest('run-in', 'outcome');
	const current = outcome && start && outcome.id > start.id ? outcome : null;
	return [
		lineOf(
			'speed',
			'Tachometer under the limit',
			speed,
			speed?.verdict === 'stop'
				? said(speed, '')
				: `${q((speed?.input.measuredRpm as number) ?? null, 'rpm')} of ${q(out(speed, 'limitRpm'), 'rpm')}`,
			`limit ${q(f.wheel ? limitRpm(f.wheel) : null, 'rpm')}`
		),
		lineOf(
			'start',
			'Started guarded',
			start,
			said(start, `runs empty ${String(out(start, 'freeRunS') ?? '')} s`),
			'guard shut, nobody in line'
		),
		lineOf(
			'outcome',
			'Ran free, sounded right',
			current,
			said(current, 'long enough, quiet'),
			'listen, then say'
		)
	];
};

const trueGate: Gate = (f, e) => {
	const q = show(f);
	const first = e.latestOf('true', ['runout', 'after', 'pencil']);
	const face = e.latest('true', 'face');
	const after = e.latest('true', 'after');
	const last = e.latestOf('true', ['after', 'runout', 'pencil']);
	const good = last !== null && (out(last, 'tirUm') ?? Infinity) <= Number(last.input.limitTirUm);
	const waiting = last
		? `${q(out(last, 'tirUm'), 'um')} now, limit ${q(Number(last.input.limitTirUm), 'um')}`
		: `limit ${q(runoutLimitUm(f), 'um')}`;
	return [
		lineOf(
			'read',
			'Rim read',
			first && { ...first, verdict: first.verdict === 'stop' ? 'stop' : 'ok' },
			first?.verdict === 'stop'
				? said(first, '')
				: first?.step === 'pencil'
					? 'pencil line'
					: `${((first?.input.readingsUm ?? []) as unknown[]).length} readings`,
			'8 or 12 places'
		),
		...(face
			? [
					lineOf(
						'face',
						'Face runs flat',
						face,
						face.verdict === 'ok' ? q(out(face, 'tirUm'), 'um') : said(face, ''),
						''
					)
				]
			: []),
		good
			? lineOf('runs-true', 'Runs true', last && { ...last, verdict: 'ok' }, waiting, '')
			: after && last === after
				? lineOf('runs-true', 'Runs true', after, waiting, '')
				: plainLine('runs-true', 'Runs true', 'open', waiting, last?.id ?? null),
		plainLine(
			'dry',
			'Spun dry',
			after ? (after.entered.spunDry === true ? 'ok' : 'open') : good && !after ? 'ok' : 'open',
			after?.entered.spunDry === true
				? 'coolant off, run on until dry'
				: good && !after
					? 'not wetted: no truing needed'
					: 'after the coolant is off',
			after?.id ?? null
		),
		plainLine('glazed', 'Known to be glazed', 'ok', 'dress open after balancing')
	];
};

const balance: Gate = (f, e) => {
	const q = show(f);
	const judged = e.latestOf('balance', MEASURED_BY, 'balance.tolerance');
	const moved = e.latestOf('balance', CORRECTED_BY);
	const level = e.latest('balance', 'level', 'balance.slope-error');
	const levelled = e.latest('balance', 'level', 'balance.level-stand');
	const proof = judged && (!moved || judged.id > moved.id) ? judged : null;
	const ratio = out(proof, 'ratio');
	const inside = ratio !== null && ratio <= 1 + 1e-9;
	const known = judged && typeof judged.input.unbalanceGmm === 'number';
	const value = !judged
		? 'measure it'
		: known
			? `${q(judged.input.unbalanceGmm as number, 'gmm')}, limit ${q(out(judged, 'permissibleGmm'), 'gmm')}`
			: 'direction known, amount not yet';
	const confirmed = inside && (moved !== null || proof!.verdict === 'ok');
	return [
		...(level
			? [
					lineOf(
						'level',
						'Stand is level',
						level,
						level.verdict === 'ok'
							? `fakes ${q(out(level, 'fakedUnbalanceGmm'), 'gmm')}${levelled && levelled.verdict !== 'ok' ? ', not quite level' : ''}`
							: said(level, ''),
						''
					)
				]
			: []),
		inside
			? lineOf('inside', 'Unbalance inside the grade', { ...proof!, verdict: 'ok' }, value, '')
			: judged?.verdict === 'stop' && proof
				? lineOf('inside', 'Unbalance inside the grade', proof, value, '')
				: plainLine('inside', 'Unbalance inside the grade', 'open', value, judged?.id ?? null),
		plainLine(
			'second',
			moved ? 'Second roll agrees' : 'Proved by a roll',
			confirmed ? 'ok' : 'open',
			confirmed
				? 'the last roll was inside'
				: moved && !proof
					? 'roll again after the move'
					: 'move the weights, then roll again',
			confirmed ? proof!.id : null
		)
	];
};

const dress: Gate = (f, e) => {
	const q = show(f);
	const position = e.latest('dress', 'position');
	const point = e.latest('dress', 'settings', 'dress.single-point');
	const plan = e.latest('dress', 'settings', 'dress.plan');
	const done = e.latest('dress', 'done');
	const sounded = done?.entered.soundEven === true;
	const overlap = point?.output.overlap as { overlapRatio: number; dressClass: string } | undefined;
	const d = f.dresser;
	return [
		lineOf(
			'position',
			'Diamond past centre',
			position,
			position?.verdict === 'stop'
				? said(position, '')
				: `${q(out(position, 'pastCentreMm'), 'mm')} on the ${String(position?.output.side ?? '')} side`,
			'leaving side, tip trailing'
		),
		lineOf(
			'settings',
			'Dress suits the work',
			point,
			point && point.verdict !== 'ok'
				? said(point, '')
				: `overlap ${overlap?.overlapRatio.toFixed(1) ?? ''}, ${overlap?.dressClass ?? ''}`,
			'depth, traverse, passes'
		),
		lineOf(
			'plan',
			'Wheel is left after it',
			plan,
			plan && plan.verdict !== 'ok'
				? said(plan, '')
				: `${String(out(plan, 'dressesLeft') ?? '')} such dresses left`,
			'from the plan'
		),
		lineOf(
			'sound',
			'Sounded even across the face',
			done && { ...done, verdict: done.verdict === 'stop' ? 'stop' : 'ok' },
			sounded ? 'heard over the whole width' : 'not even: dress again',
			'you listen and say so',
			sounded
		),
		plainLine(
			'turned',
			'Diamond turned in its holder',
			d && d.dressesSinceTurn >= d.turnEvery ? 'caution' : 'ok',
			d ? `${d.dressesSinceTurn} dresses since, turn at ${d.turnEvery}` : 'no diamond on record'
		)
	];
};

const prove: Gate = (f, e) => {
	const r = e.latest('prove', 'release');
	const q = show(f);
	const released = r?.output.released === 'yes' || r?.output.released === 'with-reason';
	const check = (key: string, title: string, name: string, value: string) => {
		const c = ((r?.output.checks ?? []) as { name: string; state: string }[]).find((x) => x.name === name);
		return plainLine(
			key,
			title,
			!c || c.state === 'missing' ? 'open' : c.state === 'pass' ? 'ok' : 'caution',
			value,
			r?.id ?? null
		);
	};
	return [
		check(
			'ra',
			'Finish as asked',
			'raUm',
			`Ra ${q((r?.entered.raUm as number) ?? null, 'um')} of ${q(f.targetRaUm, 'um')}`
		),
		check('burn', 'No burn', 'burnSeen', 'trial cut'),
		check('chatter', 'No chatter', 'chatterSeen', 'trial cut'),
		r && !released
			? plainLine(
					'released',
					'Released to grind',
					r.verdict === 'stop' ? 'stop' : 'open',
					said(r, 'not released'),
					r.id
				)
			: lineOf(
					'released',
					'Released to grind',
					r && { ...r, verdict: 'ok' },
					r?.output.released === 'with-reason'
						? `with a reason: ${r.overrideReason ?? String(r.entered.overrideReason)}`
						: 'every line holds',
					'trial cut, then release'
				)
	];
};

const keep: Gate = (_f, e) => {
	const r = e.latest('keep', 'entry');
	return [
		lineOf(
			'entry',
			'Booked in the ledger',
			r && { ...r, verdict: 'ok' },
			String(r?.entered.diameterAfterMm ?? '') + ' mm',
			'diameter and parts'
		)
	];
};

const GATES: Readonly<Record<StationId, Gate>> = {
	brief,
	machine,
	select,
	inspect,
	mount,
	'run-in': runIn,
	true: trueGate,
	balance,
	dress,
	prove,
	keep
};

/** The lines of a station: what the route asks of everybody, then what this shop has added. */
export function linesOf(station: StationId, f: SetupFacts, e: Evidence): GateLine[] {
	const own = f.route.checks
		.filter((c) => c.station === station)
		.map((c) => {
			const r = e.check(station, c.id);
			return lineOf(
				`check-${c.id}`,
				c.text,
				r,
				r?.verdict === 'stop'
					? said(r, '')
					: c.kind === 'yes'
						? 'yes'
						: `${String(r?.entered.value ?? '')} ${c.unit}, at most ${c.atMost}`,
				c.kind === 'yes' ? 'to be said' : `at most ${c.atMost} ${c.unit}`
			);
		});
	return [...GATES[station](f, e), ...own];
}
