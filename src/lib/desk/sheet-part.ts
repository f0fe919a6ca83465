import type { Component } from 'svelte';
import type { Part } from './parts.svelte';
import type { SetupSession } from './setup-session.svelte';

/** One sheet of a bench. */
export type Sheet = Component<{ desk: SetupSession; ondone: () => void }>;
/** Fetches a sheet of a bench when it is opened. */
type LoadSheet = () => Promise<{ default: Sheet }>;
/** A part of a bench with its sheet. */
export interface SheetPart extends Part {
	load: LoadSheet;
}
export const sheetPart = (
	id: string,
	title: string,
	lines: readonly string[],
	load: LoadSheet
): SheetPart => ({ id, title, lines, load });
