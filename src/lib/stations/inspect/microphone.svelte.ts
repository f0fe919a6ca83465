import { TapCounter } from '$core/inspect/ring/tap-counter';

const MAX_S = 60;
const AFTER_LAST_S = 1.2;
const WORDS: Record<string, string> = {
	NotAllowedError: 'The browser may not use the microphone. Allow it for this page, or load a WAV instead.',
	NotFoundError: 'There is no microphone. Plug one in, or load a WAV instead.',
	NotReadableError: 'The microphone is used by another program. Close that one and try again.',
	OverconstrainedError: 'This microphone cannot be used. Try another one, or load a WAV instead.'
};

/** The microphone while a wheel is rung: counts the taps, says when it is too loud, stops by itself after the last one. */
export class Microphone {
	recording = $state(false);
	taps = $state(0);
	level = $state(0);
	seconds = $state(0);
	tooLoud = $state(false);
	trouble = $state('');
	private stream: MediaStream | null = null;
	private context: AudioContext | null = null;
	private pieces: Float32Array[] = [];
	private counter: TapCounter | null = null;
	private lastTapAt = 0;
	private done: ((sound: { samples: Float32Array; sampleRateHz: number } | null) => void) | null = null;

	/** Records until the planned taps were heard, or stop is pressed. What was recorded, or null when nothing could be. */
	async record(planned: number): Promise<{ samples: Float32Array; sampleRateHz: number } | null> {
		this.trouble = '';
		if (!navigator.mediaDevices?.getUserMedia) {
			this.trouble =
				'The browser gives the microphone only to a secure address (https, or this very machine). Load a WAV instead.';
			return null;
		}
		try {
			// Whatever makes speech clearer spoils a ring: it is all turned off.
			this.stream = await navigator.mediaDevices.getUserMedia({
				audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false, channelCount: 1 }
			});
			this.context = new AudioContext();
			await this.context.audioWorklet.addModule('/tap-recorder.js');
			const node = new AudioWorkletNode(this.context, 'tap-recorder');
			this.pieces = [];
			this.counter = new TapCounter(this.context.sampleRate);
			Object.assign(this, { taps: 0, level: 0, seconds: 0, tooLoud: false, recording: true });
			node.port.onmessage = ({ data }: MessageEvent<Float32Array>) => this.hear(data, planned);
			this.context.createMediaStreamSource(this.stream).connect(node);
			this.stream.getAudioTracks()[0]!.addEventListener('ended', () => {
				this.trouble = 'The microphone was unplugged. What was recorded so far is kept.';
				this.stop();
			});
		} catch (error) {
			this.trouble =
				WORDS[(error as DOMException).name] ?? 'The microphone could not be started. Load a WAV instead.';
			this.release();
			return null;
		}
		return new Promise((done) => {
			this.done = done;
		});
	}

	private hear(piece: Float32Array, planned: number): void {
		if (!this.recording) return;
		this.pieces.push(piece);
		const counter = this.counter!;
		const fs = this.context!.sampleRate;
		counter.add(piece);
		this.level = counter.level;
		this.tooLoud ||= counter.level >= 0.985;
		this.seconds = (this.pieces.length * piece.length) / fs;
		if (counter.taps > this.taps) {
			this.taps = counter.taps;
			this.lastTapAt = this.seconds;
		}
		if (this.seconds >= MAX_S || (this.taps >= planned && this.seconds - this.lastTapAt >= AFTER_LAST_S))
			this.stop();
	}

	stop(): void {
		if (!this.recording) return;
		this.recording = false;
		const sampleRateHz = this.context?.sampleRate ?? 48000;
		const samples = new Float32Array(this.pieces.reduce((n, p) => n + p.length, 0));
		let at = 0;
		for (const piece of this.pieces) {
			samples.set(piece, at);
			at += piece.length;
		}
		this.release();
		this.done?.(samples.length ? { samples, sampleRateHz } : null);
		this.done = null;
	}
	private release(): void {
		this.stream?.getTracks().forEach((t) => t.stop());
		void this.context?.close().catch(() => undefined);
		this.stream = null;
		this.context = null;
	}
}
