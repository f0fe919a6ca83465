// Runs beside the sound card: hands what the microphone hears on in pieces of 2048 samples, untouched.
class TapRecorder extends AudioWorkletProcessor {
	constructor() { super(); this.piece = new Float32Array(2048); this.filled = 0; }
	process(inputs) {
		const heard = inputs[0]?.[0];
		if (!heard) return true;
		for (let i = 0; i < heard.length; i++) {
			this.piece[this.filled++] = heard[i];
			if (this.filled === this.piece.length) { this.port.postMessage(this.piece, [this.piece.buffer]); this.piece = new Float32Array(2048); this.filled = 0; }
		}
		return true;
	}
}
registerProcessor('tap-recorder', TapRecorder);
