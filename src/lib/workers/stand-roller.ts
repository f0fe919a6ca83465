import { trajectory } from '../../core/balance/practice/round';

/** The stand's physics off the main thread: one release in, its whole way out. */
export interface RollAsked {
	seed: number;
	weightsDeg: number[];
	startBottomDeg: number;
	pushDegPerS: number;
}
self.onmessage = ({ data }: MessageEvent<RollAsked>) => {
	const t = trajectory(data.seed, data.weightsDeg, data.startBottomDeg, data.pushDegPerS);
	self.postMessage(t, { transfer: [t.bottomDeg.buffer, t.wayMm.buffer] });
};
