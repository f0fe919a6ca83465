import { del, get, set } from 'idb-keyval';
import type { MadeUp } from '$core/inspect/ring/conditions';
import type { ListenSettings, RingResult } from '$core/inspect/ring/listen';
import type { RingPicture } from '$core/inspect/ring/picture';
import type { Synth } from '$core/inspect/ring-synthesise';
import { asWhom } from '$lib/ui/fields/user-scoped-key';
import type { ListenerAsk, ListenerSays } from '$lib/workers/ring-listener';
import { userScopedKey } from '$lib/ui/fields/user-scoped-key';
import { Microphone } from './microphone.svelte';
import { Player } from './player.svelte';

export type Source = 'microphone' | 'file' | 'simulator';
export type Stage = 'none' | 'reading' | 'listening' | 'heard';
/** Where a recording is sent to be kept, and what is done once it is. */
export interface Keep {
	path(source: Source, key: string): string;
	kept(): Promise<void>;
}
interface Unsent {
	wav: ArrayBuffer;
	source: Source;
	key: string;
}

const MAX_FILE_BYTES = 48 * 1024 * 1024;
const MB = 1024 * 1024;

/** One recording on its way: from its source through the worker to what is heard in it; kept here until the server has it. */
export class Listening {
	stage = $state<Stage>('none');
	source = $state<Source | null>(null);
	about = $state('');
	share = $state(0);
	trouble = $state('');
	/** Why the server has not taken it yet. */
	unsent = $state('');
	sending = $state(false);
	result = $state.raw<RingResult | null>(null);
	picture = $state.raw<RingPicture | null>(null);
	readonly mic = new Microphone();
	private readonly player = new Player();
	/** A recording is made, read or on its way: what is recorded rests on what the server has judged, so that is waited for. */
	get busy(): boolean {
		return this.sending || this.stage === 'reading' || this.stage === 'listening' || this.mic.recording;
	}
	private worker: Worker | null = null;
	private sound: { samples: Float32Array; sampleRateHz: number } | null = null;
	private wav: Unsent | null = null;

	/** `at` names where an unsent recording waits in this browser; `keep` sends it. */
	constructor(
		private readonly settings: () => ListenSettings,
		at: string | null = null,
		private readonly keep: Keep | null = null
	) {
		this.place = at === null ? null : userScopedKey(at);
	}
	private readonly place: string | null;

	private ask(m: ListenerAsk, give: Transferable[] = []): void {
		if (!this.worker) {
			this.worker = new Worker(new URL('../../workers/ring-listener.ts', import.meta.url), {
				type: 'module'
			});
			this.worker.onmessage = ({ data }: MessageEvent<ListenerSays>) => this.told(data);
			this.worker.onerror = () => this.fail('The recording could not be read. Load it again.');
		}
		this.worker.postMessage(m, give);
	}
	private fail(message: string): void {
		this.trouble = message;
		this.stage = 'none';
	}
	private begin(source: Source): void {
		this.stopPlaying();
		Object.assign(this, {
			trouble: '',
			unsent: '',
			about: '',
			share: 0,
			result: null,
			picture: null,
			source,
			stage: 'reading',
			wav: null
		});
	}

	private told(m: ListenerSays): void {
		if (m.kind === 'failed') this.fail(m.message);
		else if (m.kind === 'sent') void this.sent(m.key, m.problem);
		else if (m.kind === 'progress') this.share = m.share;
		else if (m.kind === 'heard') {
			Object.assign(this, { result: m.result, picture: m.picture, stage: 'heard' });
			this.send();
		} else {
			this.sound = { samples: m.samples, sampleRateHz: m.sampleRateHz };
			this.about ||= m.about;
			this.stage = 'listening';
			this.ask({ kind: 'listen', settings: $state.snapshot(this.settings()) as ListenSettings });
			if (this.keep && this.source && !this.stored) {
				this.wav = { wav: m.wav, source: this.source, key: crypto.randomUUID() };
				if (this.place) void set(this.place, this.wav).catch(() => undefined);
			}
		}
	}

	async record(planned: number): Promise<void> {
		const heard = await this.mic.record(planned);
		if (!heard) {
			this.trouble = this.mic.trouble;
			return;
		}
		const said = this.mic.trouble;
		this.stored = false;
		this.begin('microphone');
		this.trouble = said;
		this.ask({ kind: 'raw', ...heard }, [heard.samples.buffer as ArrayBuffer]);
	}
	async open(file: File): Promise<void> {
		if (file.size > MAX_FILE_BYTES)
			return this.fail(
				`${file.name} has ${Math.round(file.size / MB)} MB. A ring is a few seconds; up to ${MAX_FILE_BYTES / MB} MB can be taken.`
			);
		this.stored = false;
		this.begin('file');
		this.about = file.name.slice(0, 60);
		try {
			const bytes = await file.arrayBuffer();
			this.ask({ kind: 'file', bytes }, [bytes]);
		} catch {
			this.fail('The file could not be read from the disk.');
		}
	}
	simulate(from: MadeUp): void {
		this.stored = false;
		this.begin('simulator');
		this.ask({ kind: 'made-up', from });
	}
	play(parts: Synth[]): void {
		this.stored = false;
		this.begin('simulator');
		this.ask({ kind: 'parts', parts });
	}

	private stored = false;
	/** Listens again to a recording the server keeps, to draw it. */
	async reopen(id: number, source: Source): Promise<void> {
		this.begin(source);
		this.stored = true;
		try {
			const answer = await fetch(`/api/recordings/${id}`);
			if (!answer.ok) throw new Error(String(answer.status));
			const bytes = await answer.arrayBuffer();
			this.ask({ kind: 'file', bytes }, [bytes]);
		} catch {
			this.stage = 'none';
			this.trouble = 'The recording could not be fetched. Load the page again.';
		}
	}

	/** Sends what is not kept yet, once it was listened to here; until the server has it, it waits in this browser. */
	send(): void {
		if (!this.keep || !this.wav || this.sending) return;
		this.sending = true;
		this.unsent = '';
		this.ask({
			kind: 'send',
			headers: asWhom({ 'content-type': 'audio/wav' }),
			key: this.wav.key,
			path: this.keep.path(this.wav.source, this.wav.key),
			wav: this.wav.wav
		});
	}
	private async sent(key: string, problem: string | null): Promise<void> {
		const newest = this.wav?.key === key;
		if (newest) this.unsent = problem ?? '';
		if (!problem) {
			if (newest) {
				this.wav = null;
				if (this.place) await del(this.place).catch(() => undefined);
			}
			await this.keep!.kept();
		}
		this.sending = false;
		if (!newest && this.stage === 'heard') this.send();
	}
	/** A recording that did not reach the server before the page was left. True when there was one. */
	async takeUp(): Promise<boolean> {
		const left = this.place ? await get<Unsent>(this.place).catch(() => undefined) : undefined;
		if (!left) return false;
		this.begin(left.source);
		this.stored = true;
		this.wav = left;
		const bytes = left.wav.slice(0);
		this.ask({ kind: 'file', bytes }, [bytes]);
		return true;
	}

	/** Stops listening; the recording itself stays, to be listened to again. */
	cancel(): void {
		this.worker?.terminate();
		this.worker = null;
		this.wav = null;
		this.sending = false;
		if (this.place) void del(this.place).catch(() => undefined);
		this.stage = 'none';
		this.trouble = 'Stopped. Ring it again, or load the recording once more.';
	}

	/** Plays all, or one tap. */
	listenTo(tap: number | null = null): void {
		if (this.sound) this.player.play(this.sound, this.result?.onsetsS ?? [], tap);
	}
	stopPlaying(): void {
		this.player.stop();
	}
	get playing(): number {
		return this.player.playing;
	}

	clear(): void {
		this.stopPlaying();
		Object.assign(this, {
			stage: 'none',
			source: null,
			result: null,
			picture: null,
			trouble: '',
			unsent: '',
			about: ''
		});
		this.sound = null;
	}
	close(): void {
		this.stopPlaying();
		this.mic.stop();
		this.worker?.terminate();
		this.worker = null;
	}
}
