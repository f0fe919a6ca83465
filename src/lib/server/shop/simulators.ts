/**
 * Whether what is simulated may stand among the records: in the demo shop only. A shop that works for real practises under Practice and
 * at the benches, where nothing is kept as evidence.
 */
export const simulatorsAllowed = (): boolean => process.env.UNCINUS_DEMO === '1';
