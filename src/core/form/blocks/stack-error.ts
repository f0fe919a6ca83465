/** Grades a set of blocks comes in. */
export const GRADES = ['0', '1', '2'] as const;
export type BlockGrade = (typeof GRADES)[number];

/** Permissible deviation of a block from its nominal length by grade, um, up to a length in mm (ISO 3650). */
const UP_TO_MM = [10, 25, 50, 75, 100, 150, 200, 250] as const;
const DEVIATION_UM: Readonly<Record<BlockGrade, readonly number[]>> = {
	'0': [0.12, 0.14, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6],
	'1': [0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.2],
	'2': [0.45, 0.6, 0.8, 1, 1.2, 1.6, 2, 2.4]
};
/** What a wrung joint may add, um. */
const JOINT_UM = 0.05;

function deviationUm(blockMm: number, grade: BlockGrade): number {
	const at = UP_TO_MM.findIndex((most) => blockMm <= most + 1e-9);
	return DEVIATION_UM[grade].at(at)!;
}

/**
 * What a stack may be off: the sum of what its blocks may be off, and the joints between them, um.
 * @example stackErrorUm([25, 20.5, 1.21, 1.005], '2') // 2.25
 */
export function stackErrorUm(blocksMm: readonly number[], grade: BlockGrade): number {
	const blocks = blocksMm.reduce((sum, b) => sum + deviationUm(b, grade), 0);
	return blocks + JOINT_UM * Math.max(0, blocksMm.length - 1);
}

/** Off by more than this it is another stack, whatever was meant, um. */
export const WRONG_STACK_UM = 50;
