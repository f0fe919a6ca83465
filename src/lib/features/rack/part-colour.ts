/** The colour of each field of a marking: the same wherever a marking is taken apart. */
const COLOUR: Readonly<Record<string, string>> = {
	abrasive: 'var(--part-abrasive)',
	grit: 'var(--part-grit)',
	grade: 'var(--part-grade)',
	concentration: 'var(--part-grade)',
	structure: 'var(--part-structure)',
	bond: 'var(--part-bond)',
	speed: 'var(--ok)',
	shape: 'var(--steel)',
	size: 'var(--steel)',
	rim: 'var(--steel)',
	maker: 'var(--rule)',
	unknown: 'var(--stop)'
};

/** Colour of a field of a marking; undefined for what stands between fields. */
export const partColour = (field: string): string | undefined => COLOUR[field];
