import { answer } from '../../core/answer';

/** Runs a calculation that takes seconds where it does not hold up the page. */
self.onmessage = ({ data }: MessageEvent<{ id: string; input: unknown }>) =>
	self.postMessage(answer(data.id, data.input));
