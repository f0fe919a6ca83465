import { readWav, writeWav } from '$core/audio/wav';
import { InputFault } from '$core/calculation/fault';
import { type MadeUp, madeUpRing, soundOf } from '$core/inspect/ring/conditions';
import { type ListenSettings, type RingResult, listening } from '$core/inspect/ring/listen';
import { type RingPicture, ringPicture } from '$core/inspect/ring/picture';
import type { Synth } from '$core/inspect/ring-synthesise';

/** Reads, makes up and listens to recordings off the main thread. Whatever the source, what is listened to is the 16-bit WAV that is kept. */
export type ListenerAsk =
	| { kind: 'file'; bytes: ArrayBuffer }
	| { kind: 'raw'; samples: Float32Array; sampleRateHz: number }
	| { kind: 'made-up'; from: MadeUp }
	| { kind: 'parts'; parts: Synth[] }
	| { kind: 'listen'; settings: ListenSettings }
	| { kind: 'send'; path: string; key: string; wav: ArrayBuffer; headers: Record<string, string> };
export type ListenerSays =
	| {
			kind: 'sound';
			wav: ArrayBuffer;
			samples: Float32Array;
			sampleRateHz: number;
			seconds: number;
			about: string;
	  }
	| { kind: 'progress'; share: number }
	| { kind: 'heard'; result: RingResult; picture: RingPicture }
	| { kind: 'failed'; message: string }
	| { kind: 'sent'; key: string; problem: string | null };

const say = (m: ListenerSays, give: Transferable[] = []) => self.postMessage(m, { transfer: give });
let samples: Float64Array = new Float64Array(0);
let rate = 0;

function hold(sound: { sampleRateHz: number; samples: Float64Array }, about: string): void {
	const wav = writeWav(sound);
	const kept = readWav(wav);
	samples = kept.samples;
	rate = kept.sampleRateHz;
	const heard = Float32Array.from(samples);
	const bytes = wav.slice().buffer as ArrayBuffer;
	say({ kind: 'sound', wav: bytes, samples: heard, sampleRateHz: rate, seconds: kept.seconds, about }, [
		bytes,
		heard.buffer as ArrayBuffer
	]);
}

/** Sends a recording from here: handing megabytes over would hold up the page. */
async function send({ path, key, wav, headers }: ListenerAsk & { kind: 'send' }): Promise<void> {
	let problem: string | null = null;
	try {
		const answer = await fetch(path, { method: 'POST', headers, body: wav });
		const said = (await answer.json().catch(() => null)) as { error?: { message: string } } | null;
		if (!answer.ok)
			problem = said?.error?.message ?? 'The server could not keep the recording. It waits here.';
	} catch {
		problem = 'The server does not answer. The recording waits here.';
	}
	say({ kind: 'sent', key, problem });
}

function take(ask: ListenerAsk): void {
	if (ask.kind === 'file') {
		const f = readWav(new Uint8Array(ask.bytes));
		hold(
			f,
			`${f.seconds.toFixed(1)} s, ${f.sampleRateHz} samples a second, ${f.bits}${f.channels > 1 ? `, mean of ${f.channels} channels` : ''}`
		);
	} else if (ask.kind === 'raw')
		hold({ sampleRateHz: ask.sampleRateHz, samples: Float64Array.from(ask.samples) }, '');
	else if (ask.kind === 'made-up') hold(soundOf(madeUpRing(ask.from)), `seed ${ask.from.seed}`);
	else if (ask.kind === 'send') void send(ask);
	else if (ask.kind === 'parts') hold(soundOf(ask.parts), '');
	else {
		const steps = listening(samples, rate, ask.settings);
		for (;;) {
			const s = steps.next();
			if (!s.done) {
				say({ kind: 'progress', share: s.value });
				continue;
			}
			return say({ kind: 'heard', result: s.value.result, picture: ringPicture(samples, rate, s.value) });
		}
	}
}

self.onmessage = ({ data }: MessageEvent<ListenerAsk>) => {
	try {
		take(data);
	} catch (error) {
		say({
			kind: 'failed',
			message:
				error instanceof InputFault
					? error.message
					: 'This recording could not be read. Save it as plain 16-bit WAV and load that.'
		});
	}
};
