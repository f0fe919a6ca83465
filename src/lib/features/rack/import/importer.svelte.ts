import { asWhom } from '$lib/ui/fields/user-scoped-key';
import type { System } from '$core/quantity/parse';
import { MAX_ASKED, matchColumns } from '$core/shop/rack-file';
import { namedUnits, unsaid } from '$core/shop/rack-units';
import type { LineVerdict, ReaderAsk, ReaderSays } from '$lib/workers/rack-reader';

const MAX_BYTES = 25 * 1024 * 1024;
export type Stage = 'pick' | 'reading' | 'match' | 'judging' | 'preview' | 'taking' | 'done';

/** A rack file on its way to the rack: read and judged in a worker, taken by the server all at once or not at all. */
export class Importer {
	stage = $state<Stage>('pick');
	trouble = $state('');
	name = $state('');
	headings = $state.raw<string[]>([]);
	sample = $state.raw<string[][]>([]);
	/** Which columns hold numbers without a unit. */
	bare = $state.raw<boolean[]>([]);
	/** What they mean; null until somebody says. */
	system = $state<System | null>(null);
	count = $state(0);
	encoding = $state('');
	match = $state<Record<string, number>>({});
	lines = $state.raw<LineVerdict[]>([]);
	/** Line numbers that are left out although they are good. */
	left = $state<Record<number, boolean>>({});
	done = $state(0);
	taken = $state(0);
	private worker: Worker | null = null;
	private abort: AbortController | null = null;

	get chosen(): LineVerdict[] {
		return this.lines.filter((line) => line.verdict === 'good' && !this.left[line.line]);
	}
	/** Columns whose numbers may be metric or not, and say neither. */
	get unsaid(): string[] {
		return unsaid(this.match, this.headings, this.bare);
	}
	countOf(verdict: LineVerdict['verdict']): number {
		return this.lines.filter((line) => line.verdict === verdict).length;
	}

	private reader(): Worker {
		if (this.worker) return this.worker;
		this.worker = new Worker(new URL('../../../workers/rack-reader.ts', import.meta.url), { type: 'module' });
		this.worker.onmessage = ({ data }: MessageEvent<ReaderSays>) => void this.hear(data);
		this.worker.onerror = () =>
			this.fail('The file could not be read. Save it again as CSV and try once more.');
		return this.worker;
	}
	private fail(message: string): void {
		this.trouble = message;
		this.stage = 'pick';
	}

	private async hear(said: ReaderSays): Promise<void> {
		if (said.kind === 'failed') this.fail(said.message);
		else if (said.kind === 'progress') this.done = said.done;
		else if (said.kind === 'opened') {
			Object.assign(this, {
				headings: said.headings,
				sample: said.sample,
				bare: said.bare,
				system: null,
				count: said.lines,
				encoding: said.encoding,
				stage: 'match'
			});
			this.match = matchColumns(said.headings);
		} else await this.compare(said.lines);
	}

	/** Marks what is on the rack already. */
	private async compare(lines: LineVerdict[]): Promise<void> {
		try {
			const numbers = lines.flatMap((line) => (line.intake ? [line.intake.wheel.number] : []));
			const known = new Set<string>();
			for (let from = 0; from < numbers.length; from += MAX_ASKED) {
				const body = await knownOf(numbers.slice(from, from + MAX_ASKED));
				if (!body.known) {
					this.trouble = body.error?.message ?? 'The rack could not be asked.';
					this.stage = 'match';
					return;
				}
				for (const n of body.known) known.add(n.toLowerCase());
			}
			this.lines = lines.map((line) =>
				line.intake && known.has(line.intake.wheel.number.toLowerCase())
					? { ...line, verdict: 'duplicate', reason: 'is on the rack already', intake: null }
					: line
			);
			this.stage = 'preview';
		} catch {
			this.trouble = 'The server does not answer. The file is still here; try again in a moment.';
			this.stage = 'match';
		}
	}

	async open(file: File): Promise<void> {
		this.trouble = '';
		if (file.size > MAX_BYTES)
			return this.fail(
				`${file.name} has ${Math.round(file.size / 1048576)} MB. Up to ${MAX_BYTES / 1048576} MB can be taken at once; split the file.`
			);
		this.name = file.name;
		this.stage = 'reading';
		try {
			const bytes = await file.arrayBuffer();
			this.reader().postMessage({ kind: 'open', bytes, name: file.name } satisfies ReaderAsk, [bytes]);
		} catch {
			this.fail('The file could not be read from the disk.');
		}
	}

	judge(): void {
		this.trouble = '';
		this.done = 0;
		this.stage = 'judging';
		const match = $state.snapshot(this.match);
		const how = { bare: this.system ?? 'mm', named: namedUnits(match, this.headings) } as const;
		this.reader().postMessage({ kind: 'judge', match, how } satisfies ReaderAsk);
	}

	/** Stops whatever is going on; what the server had begun is undone there. */
	cancel(): void {
		this.abort?.abort();
		this.worker?.terminate();
		this.worker = null;
		if (this.stage === 'taking') {
			this.trouble = 'Cancelled. Nothing was put on the rack.';
			this.stage = 'preview';
		} else this.stage = 'pick';
	}

	async take(): Promise<void> {
		const lines = this.chosen.map((l) => ({
			wheel: l.intake!.wheel,
			state: l.intake!.state,
			reason: l.intake!.reason
		}));
		this.trouble = '';
		this.done = 0;
		this.stage = 'taking';
		this.abort = new AbortController();
		try {
			const answer = await fetch('/api/rack/import', {
				method: 'POST',
				headers: asWhom({ 'content-type': 'application/json' }),
				body: JSON.stringify({ lines }),
				signal: this.abort.signal
			});
			if (!answer.ok || !answer.body) {
				this.trouble =
					((await answer.json().catch(() => null)) as { error?: { message: string } } | null)?.error
						?.message ?? 'Nothing was taken; try again.';
				this.stage = 'preview';
				return;
			}
			const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
			let rest = '';
			for (;;) {
				const { value, done } = await reader.read();
				if (done) break;
				const parts = (rest + value).split('\n');
				rest = parts.pop()!;
				for (const part of parts)
					this.told(JSON.parse(part) as { done?: number; taken?: number; error?: { message: string } });
			}
			if (this.stage === 'taking') {
				this.trouble = 'The server went away before it was done. Nothing was taken; try again.';
				this.stage = 'preview';
			}
		} catch (e) {
			if (this.stage === 'taking') {
				this.trouble =
					(e as Error).name === 'AbortError'
						? 'Cancelled. Nothing was put on the rack.'
						: 'The server does not answer. Nothing was taken; try again in a moment.';
				this.stage = 'preview';
			}
		}
	}
	private told(m: { done?: number; taken?: number; error?: { message: string } }): void {
		if (m.error) {
			this.trouble = m.error.message;
			this.stage = 'preview';
		} else if (m.taken !== undefined) {
			this.taken = m.taken;
			this.stage = 'done';
		} else this.done = m.done ?? this.done;
	}
}

/** Which of these the rack has. */
async function knownOf(numbers: string[]): Promise<{ known?: string[]; error?: { message: string } }> {
	const answer = await fetch('/api/rack/known', {
		method: 'POST',
		headers: asWhom({ 'content-type': 'application/json' }),
		body: JSON.stringify({ numbers })
	});
	return (await answer.json()) as { known?: string[]; error?: { message: string } };
}
