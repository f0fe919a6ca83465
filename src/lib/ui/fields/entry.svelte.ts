import type { Field, Values } from '$core/calculation/fields';
import { checkField } from '$core/calculation/check';
import { fieldIn } from '$core/calculation/in-system';
import { alsoInches } from '$core/quantity/also-inches';
import { attempt } from '$core/calculation/attempt';
import type { InputFault } from '$core/calculation/fault';
import type { System } from '$core/quantity/parse';
import { asWhom, userScopedKey } from './user-scoped-key';
import { type Typed, asTyped, converted, readTyped, replaced } from './typed';

export type { Typed };

/** How the name begins under which a draft waits in the browser. */
export const LOCAL = 'uncinus-draft:';
const SAVE_AFTER_MS = 500;
/** Name under which a draft says in which system it was typed; no field is called so. */
const TYPED_IN = '_system';

interface Options<L extends readonly Field[]> {
	fields: L;
	system?: System;
	key?: string;
	draft?: Record<string, unknown> | null;
	start?: Record<string, unknown>;
}

/**
 * What a person has typed into a bench or form: kept as typed, read as numbers when asked, never lost. Every change is kept in
 * the browser at once and on the server shortly after, until it has been recorded.
 */
export class Entry<L extends readonly Field[] = readonly Field[]> {
	typed = $state<Record<string, Typed>>({});
	faults = $state<Record<string, string>>({});
	touched = $state<Record<string, boolean>>({});
	kept = $state(true);
	readonly fields: L;
	readonly key: string | null;
	system = $state<System>('mm');
	private timer: ReturnType<typeof setTimeout> | undefined;

	constructor(o: Options<L>) {
		this.fields = o.fields;
		this.key = o.key ?? null;
		this.system = o.system ?? 'mm';
		const draft = this.local() ?? o.draft ?? null;
		// The units of a setup may have been changed while nobody looked at this draft.
		const typedIn =
			draft?.[TYPED_IN] === 'inch' || draft?.[TYPED_IN] === 'mm' ? draft[TYPED_IN] : this.system;
		for (const field of o.fields) {
			const f = fieldIn(field, this.system);
			const typed = draft && f.name in draft ? (draft[f.name] as Typed) : undefined;
			const kept =
				typed === undefined || typedIn === this.system ? typed : converted(f, typed, typedIn, this.system);
			const start = o.start?.[f.name] ?? ('default' in f ? f.default : undefined);
			this.typed[f.name] = kept ?? asTyped(f, start, this.system);
		}
	}

	/** All values as the core takes them, or the first fault. */
	result = $derived.by<{ values: Partial<Values<L>>; fault: InputFault | null }>(() => {
		const values: Record<string, unknown> = {};
		let fault: InputFault | null = null;
		for (const f of this.fields) {
			const read = attempt(() => {
				const value = readTyped(f, this.typed[f.name] ?? null, f.name, this.system);
				if (value !== undefined) values[f.name] = value;
				checkField(fieldIn(f, this.system), f.name, value);
			});
			fault ??= read.fault;
		}
		// Each value was read by its own field, so it has that field's type; what is missing is left out.
		return { values: values as Partial<Values<L>>, fault };
	});

	/** The field a dotted path leads to, inside lists and groups too. */
	fieldAt(path: string): Field | undefined {
		let at: Field | undefined;
		for (const key of path.split('.'))
			at =
				at?.kind === 'list'
					? at.item
					: (at?.kind === 'object' ? at.fields : at ? [] : this.fields).find((field) => field.name === key);
		return at && fieldIn(at, this.system);
	}

	/** What is typed at a dotted path. */
	at(path: string): Typed {
		return path
			.split('.')
			.reduce<Typed>((v, key) => (v as Record<string, Typed> | null)?.[key] ?? null, this.typed as Typed);
	}

	/** The fault to show beside a field: what the server said, or what is wrong with what was typed. */
	faultAt(path: string): string | null {
		if (this.faults[path]) return alsoInches(this.faults[path], this.system);
		const f = this.fieldAt(path);
		if (!f || !this.touched[path]) return null;
		const { fault } = attempt(() => {
			const value = readTyped(f, this.at(path), path, this.system);
			if (value !== undefined) checkField(f, path, value);
		});
		return fault ? alsoInches(fault.message, this.system) : null;
	}

	set(path: string, value: Typed): void {
		const [head, ...inner] = path.split('.') as [string, ...string[]];
		this.typed[head] = inner.length ? replaced(this.typed[head] ?? null, inner, value) : value;
		for (const key of Object.keys(this.faults))
			if (key === path || key === head || key.startsWith(`${path}.`)) delete this.faults[key];
		this.save();
	}

	/** Puts a fault beside its field and moves the focus there. */
	blame(fault: { field: string; message: string }): void {
		const head = fault.field.split('.')[0]!;
		this.touched[head] = true;
		this.faults[fault.field] = fault.message;
		if (fault.field !== head) this.faults[head] = fault.message;
		queueMicrotask(() =>
			(
				document.querySelector(`[data-field="${CSS.escape(fault.field)}"]`) ??
				(document.querySelector<HTMLElement>(`[data-field="${CSS.escape(head)}"]`) as HTMLElement | null)
			)?.dispatchEvent(new CustomEvent('blamed'))
		);
		setTimeout(() => document.querySelector<HTMLElement>(`[data-field="${CSS.escape(head)}"]`)?.focus(), 0);
	}

	/** Shows every fault at once, after somebody tried to record. */
	touchAll(): void {
		for (const field of this.fields) this.touched[field.name] = true;
	}

	/** Shows the numbers in the other system; what was typed is converted, not lost. */
	switchTo(system: System): void {
		if (system === this.system) return;
		for (const field of this.fields)
			this.typed[field.name] = converted(field, this.typed[field.name] ?? null, this.system, system);
		this.system = system;
	}

	/** An empty value of a field, as typed: for a new line of a list. */
	blank(f: Field): Typed {
		const field = fieldIn(f, this.system);
		return asTyped(field, 'default' in field ? field.default : undefined, this.system);
	}

	/** Fills everything from core values, as the example of a bench does. */
	fill(values: Record<string, unknown>): void {
		for (const f of this.fields.map((field) => fieldIn<Field>(field, this.system)))
			this.typed[f.name] = asTyped(
				f,
				values[f.name] ?? ('default' in f ? f.default : undefined),
				this.system
			);
		this.faults = {};
		this.touched = {};
		this.save();
	}

	/** One field, or a place inside one, filled from a core value, in the unit that stands beside it. */
	fillOne(path: string, value: unknown): void {
		const field = this.fieldAt(path);
		if (field) this.set(path, asTyped(field, value, this.system));
	}

	/** Where it waits in this browser, for this person. */
	private place(): string {
		return userScopedKey(LOCAL + this.key);
	}

	/** Where it waits and what is typed, to be put back there should it have to be entered again. */
	get draft(): { name: string; key: string; text: string } | null {
		return this.key
			? {
					name: this.key,
					key: this.place(),
					text: JSON.stringify({ ...this.typed, [TYPED_IN]: this.system })
				}
			: null;
	}

	private local(): Record<string, unknown> | null {
		if (!this.key || typeof localStorage === 'undefined') return null;
		try {
			return JSON.parse(localStorage.getItem(this.place()) ?? 'null');
		} catch {
			return null;
		}
	}

	private save(): void {
		if (!this.key) return;
		const body = JSON.stringify({ ...this.typed, [TYPED_IN]: this.system });
		try {
			localStorage.setItem(this.place(), body);
		} catch {
			/* storage full or off: the server still keeps it */
		}
		clearTimeout(this.timer);
		this.timer = setTimeout(
			() =>
				void fetch(`/api/drafts/${encodeURIComponent(this.key!)}`, {
					method: 'PUT',
					headers: asWhom({ 'content-type': 'application/json' }),
					body
				}).then(
					(response) => {
						this.kept = response.ok;
						// Read to its end: an answer nobody reads keeps its connection.
						return response.text();
					},
					() => {
						this.kept = false;
					}
				),
			SAVE_AFTER_MS
		);
	}

	/** Forgets the draft once it has been recorded. */
	async recorded(): Promise<void> {
		if (!this.key) return;
		clearTimeout(this.timer);
		try {
			localStorage.removeItem(this.place());
		} catch {
			/* nothing kept there */
		}
		await fetch(`/api/drafts/${encodeURIComponent(this.key)}`, { method: 'DELETE', headers: asWhom() })
			.then((response) => response.text())
			.catch(() => undefined);
	}
}
