import { levelStand } from '../../../balance/level-stand.js';
import { slopeError } from '../../../balance/slope-error.js';
import { tolerance } from '../../../balance/tolerance.js';
import { partOf } from '../../evidence.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { said, show } from '../../say.js';
import type { Gate } from '../station.js';
import { MEASURED_BY } from './measured-by.js';
import { CORRECTED_BY } from './move.js';
import { levelStep } from './level.js';

/** What is left is inside the grade, and a roll after the last correction says so. */
export const balanceGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const measured = evidence.newest('balance', MEASURED_BY);
	const judged = partOf(measured, tolerance);
	const moved = evidence.newest('balance', CORRECTED_BY);
	const current = judged && (!moved || judged.id > moved.id) ? judged : null;
	const ratio = current?.output.ratio ?? null;
	const inside = ratio !== null && ratio <= 1 + 1e-9;
	const made = measured?.entered.standIn === true ? ', simulated' : '';
	const presentGmm = judged?.input.unbalanceGmm;
	const value = !judged
		? 'measure it'
		: typeof presentGmm === 'number'
			? `${q(presentGmm, 'gmm')}, limit ${q(judged.output.permissibleGmm, 'gmm')}${made}`
			: 'direction known, amount not yet';
	const confirmed = inside && (moved !== null || current!.verdict === 'ok');
	return [
		...level(),
		insideLine(),
		line({
			key: 'second',
			title: moved ? 'Second roll agrees' : 'Proved by a roll',
			state: confirmed ? 'ok' : 'open',
			value: confirmed
				? 'the last roll was inside'
				: moved && !current
					? 'roll again after the move'
					: 'move the weights, then roll again',
			recordId: confirmed ? current!.id : null
		})
	];

	function level(): GateLine[] {
		const recorded = evidence.step(levelStep);
		const slope = partOf(recorded, slopeError);
		if (!slope) return [];
		// A stand that is not quite level is good enough as long as what it fakes is.
		const notQuite = partOf(recorded, levelStand)?.verdict !== 'ok' ? ', not quite level' : '';
		const faked = `fakes ${q(slope.output.fakedUnbalanceGmm, 'gmm')}${notQuite}`;
		return [
			line({ key: 'level', title: 'Stand is level', from: slope, value: said(slope, faked), waiting: '' })
		];
	}
	function insideLine(): GateLine {
		const own = { key: 'inside', title: 'Unbalance inside the grade', value };
		if (inside) return line({ ...own, from: measured, accepts: UNLESS_STOPPED, waiting: '' });
		if (current?.verdict === 'stop') return line({ ...own, from: current, waiting: '' });
		return line({ ...own, state: 'open', recordId: judged?.id ?? null });
	}
};
