/** Stamped into every record, so that somebody who reads it knows what it was computed with; raise it whenever a formula, a limit or a default changes. */
export const CORE_VERSION = '1.1.0';
