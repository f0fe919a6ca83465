import { InputFault } from '../../calculation/fault.js';
import { type Corner, TooRound, rounded } from '../profile/rounding.js';
import type { Segment } from '../profile/segment.js';

const NUMBER = '[+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:e[+-]?\\d+)?';
const ITEM = new RegExp(`^(${NUMBER})\\s*,\\s*(${NUMBER})(?:\\s+(r|cv|cc)\\s*(${NUMBER}))?$`, 'i');
const MAX_MM = 5000;

const bad = (code: string, message: string) => new InputFault('text', code, message);

/**
 * A profile from its points: `z,x` a line there, `z,x r0.4` rounded at that corner, `z,x cv6` or `z,x cc2` an arc there; separated by
 * semicolons or lines. @throws InputFault on `text`, or on the radius of a corner that does not fit
 */
export function freeText(text: string | null): Segment[] {
	const items = (text ?? '')
		.split(/[;\n]/)
		.map((t) => t.trim())
		.filter(Boolean);
	if (!items.length) throw bad('missing', 'No points yet. Enter them as 0,1; 3,1 r0.4; 4.5,0.');
	const corners = items.map(cornerOf);
	if (items.length < 2)
		throw bad('bad-syntax', 'One point is no profile. Enter the next one after a semicolon.');
	corners.forEach((c, k) => {
		const last = corners[k - 1];
		if (last && Math.hypot(c.z - last.z, c.x - last.x) < 1e-6)
			throw bad('zero-length', `Point ${k + 1} (${items[k]}) is the one before. Take it out.`);
		if (last && c.arc && Math.hypot(c.z - last.z, c.x - last.x) > 2 * c.arc.radiusMm + 1e-6)
			throw new InputFault(
				`vertices.${k}.radiusMm`,
				'radius-too-small',
				`Point ${k + 1} (${items[k]}): the radius does not reach from the point before. Enter a larger one.`
			);
		const plain = k > 0 && k < corners.length - 1 && !c.arc && !corners[k + 1]!.arc;
		if (c.fillet && !plain)
			throw bad(
				'bad-syntax',
				`Point ${k + 1} (${items[k]}): only a corner between two lines can be rounded.`
			);
	});
	try {
		return rounded(corners);
	} catch (error) {
		if (!(error instanceof TooRound)) throw error;
		throw new InputFault(
			`vertices.${error.corner}.radiusMm`,
			'fillet-too-large',
			`Point ${error.corner + 1} (${items[error.corner]}): the round takes more than the ${error.roomMm.toFixed(4)} mm there is. Enter a smaller one.`
		);
	}
}

function cornerOf(item: string, k: number): Corner {
	const found = ITEM.exec(item);
	const said = item.length > 40 ? `${item.slice(0, 37)}...` : item;
	if (!found)
		throw bad(
			'bad-syntax',
			`Point ${k + 1} (${said}) is not written as z,x. Use a full stop for decimals: 3.5,1 or 3.5,1 r0.4.`
		);
	const [z, x, size] = [Number(found[1]), Number(found[2]), found[4] === undefined ? null : Number(found[4])];
	const word = found[3]?.toLowerCase();
	if (Math.max(Math.abs(z), Math.abs(x), size ?? 0) > MAX_MM)
		throw bad('bad-syntax', `Point ${k + 1} (${said}) lies beyond ${MAX_MM} mm. Check it.`);
	if (size === null) return { z, x };
	if (k === 0 || size <= 0)
		throw bad(
			'bad-syntax',
			k === 0 ? `The first point (${said}) is only z,x.` : `Point ${k + 1} (${said}): enter a radius above 0.`
		);
	if (word === 'r') return { z, x, fillet: size };
	return { z, x, arc: { radiusMm: size, side: word === 'cv' ? 'convex' : 'concave' } };
}
