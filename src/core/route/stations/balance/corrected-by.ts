/** The last thing done about the unbalance; a roll after it has to confirm. */
export const CORRECTED_BY = ['move', 'holes', 'dimples', 'planes-made'] as const;
