/**
 * What a calculation came to, as it is typed. A bench is made from any calculation of the register and hands its output on untyped;
 * the bench of one certain calculation knows which it was made from.
 */
export const outputAs = <O extends object>(_of: { run(input: unknown): O }, output: object): O =>
	output as unknown as O;
