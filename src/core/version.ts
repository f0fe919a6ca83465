/** Stamped into every record; raise it whenever a formula, a limit or a default changes. */
export const CORE_VERSION = '1.1.0';
