import { ZONES, madeUpFace, passOver, soundsEven } from '$core/dress/stand-ins/wheel-face';

const EVERY_MS = 40;

/** What listens along the face: the microphone at the machine, or a made-up face that is dressed as the passes are made. */
export class Sensor {
	kind = $state<'none' | 'stand-in' | 'microphone'>('none');
	/** Level over the width at the last pass. */
	levels = $state.raw<number[]>([]);
	even = $state(false);
	trouble = $state('');
	private face: number[] = [];
	private topUm = 0;
	private heard: number[] = [];
	private stopListening: (() => void) | null = null;
	constructor(private readonly seed: number) {}

	/** The made-up face, dressed as far as the passes so far went. */
	standIn(passes: readonly { depthUm: number }[], leadUm: number): void {
		this.off();
		this.kind = 'stand-in';
		this.face = madeUpFace(this.seed);
		this.topUm = Math.max(...this.face);
		passes.forEach((pass, i) => this.over(pass.depthUm, leadUm, i));
	}
	private over(depthUm: number, leadUm: number, pass: number): void {
		const made = passOver(this.face, { topUm: this.topUm, depthUm, leadUm, seed: this.seed + pass + 1 });
		[this.face, this.levels, this.even] = [made.left, made.levels, made.even];
	}

	async microphone(): Promise<void> {
		this.off();
		try {
			const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
			const audio = new AudioContext();
			const listening = audio.createAnalyser();
			listening.fftSize = 1024;
			audio.createMediaStreamSource(stream).connect(listening);
			const samples = new Float32Array(listening.fftSize);
			const timer = setInterval(() => {
				listening.getFloatTimeDomainData(samples);
				this.heard.push(Math.sqrt(samples.reduce((s, x) => s + x * x, 0) / samples.length));
			}, EVERY_MS);
			this.stopListening = () => {
				clearInterval(timer);
				stream.getTracks().forEach((t) => t.stop());
				void audio.close();
			};
			this.kind = 'microphone';
			this.trouble = '';
		} catch {
			this.trouble = 'No microphone could be opened. Listen with your ear, or take the stand-in.';
		}
	}

	/** A pass was made: what was heard of it is spread over the width. */
	pass(n: number, depthUm: number, leadUm: number): void {
		if (this.kind === 'stand-in') this.over(depthUm, leadUm, n);
		if (this.kind !== 'microphone' || !this.heard.length) return;
		this.levels = Array.from(
			{ length: ZONES },
			(_, i) => this.heard[Math.min(this.heard.length - 1, Math.floor((i / ZONES) * this.heard.length))]!
		);
		this.even = soundsEven(this.levels);
		this.heard = [];
	}
	off(): void {
		this.stopListening?.();
		this.stopListening = null;
		this.kind = 'none';
		[this.levels, this.heard] = [[], []];
	}
}
