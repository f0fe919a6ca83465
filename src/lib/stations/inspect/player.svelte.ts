interface Sound {
	samples: Float32Array;
	sampleRateHz: number;
}

/** Plays what was recorded: all of it, or one tap. */
export class Player {
	/** The tap that sounds now; beyond the last one while all of it does, -1 in silence. */
	playing = $state(-1);
	private now: { context: AudioContext; node: AudioBufferSourceNode } | null = null;

	play({ samples, sampleRateHz }: Sound, onsets: readonly number[], tap: number | null): void {
		this.stop();
		const context = new AudioContext();
		const buffer = context.createBuffer(1, samples.length, sampleRateHz);
		buffer.copyToChannel(samples as Float32Array<ArrayBuffer>, 0);
		const node = context.createBufferSource();
		node.buffer = buffer;
		node.connect(context.destination);
		const from = tap === null ? 0 : Math.max(0, (onsets[tap] ?? 0) - 0.02);
		const until = tap === null ? undefined : (onsets[tap + 1] ?? from + 1.4);
		node.start(0, from, until === undefined ? undefined : Math.max(0.2, Math.min(1.4, until - from - 0.03)));
		this.playing = tap ?? onsets.length + 1000;
		this.now = { context, node };
		node.onended = () => {
			if (this.now?.node === node) this.stop();
		};
	}

	stop(): void {
		this.playing = -1;
		if (!this.now) return;
		const { context, node } = this.now;
		this.now = null;
		node.onended = null;
		try {
			node.stop();
		} catch {
			/* it had ended */
		}
		void context.close().catch(() => undefined);
	}
}
