/** Records that wait for the network are numbered from here: above any number the server gave. */
export const FIRST_WAITING = 1e12;
/** Whether a record has not been taken by the server yet. @example isWaiting(1417) // false */
export const isWaiting = (recordId: number): boolean => recordId >= FIRST_WAITING;
