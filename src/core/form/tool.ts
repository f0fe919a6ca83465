import { between, choice, deg, from0, group, mm, over0, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { Values } from '../calculation/fields.js';

const FIELDS = [
	choice('kind', 'What touches the wheel', ['single-point', 'disc', 'wire'], { required: true }),
	mm('tipRadiusMm', 'Of a diamond or disc', { ...from0(100), label: 'Tip radius' }),
	deg('includedAngleDeg', 'Of the stone, between its flanks', { ...between(0, 180), label: 'Stone angle' }),
	mm('clearanceMm', 'Kept from a hollow', { ...from0(10), default: 0, label: 'Room' }),
	mm('wireDiameterMm', 'Of a wire', { ...over0(1), label: 'Wire' }),
	um('gapUm', 'Between wire and wheel', { ...from0(200), default: 25, label: 'Gap' })
] as const;

/** The dresser that makes a form: a round nose, a disc, or a wire. */
export const TOOL = group('tool', 'What makes the form', FIELDS, { required: true });
export const OPTIONAL_TOOL = group('tool', 'What makes the form', FIELDS);
export type Tool = Values<typeof FIELDS>;

/**
 * How far the middle of the tool stays from the profile, in mm: the radius of its nose, or half the wire and its gap.
 * @throws InputFault `missing` where that tool lacks its own measure
 */
export function offsetOf(tool: Tool): number {
	const own = tool.kind === 'wire' ? tool.wireDiameterMm : tool.tipRadiusMm;
	if (own === null)
		throw new InputFault(
			tool.kind === 'wire' ? 'tool.wireDiameterMm' : 'tool.tipRadiusMm',
			'missing',
			tool.kind === 'wire'
				? 'Wire diameter is missing. Enter it.'
				: 'Tip radius is missing. Enter it; 0 for a sharp one.'
		);
	return tool.kind === 'wire' ? own / 2 + tool.gapUm / 1000 : own;
}
