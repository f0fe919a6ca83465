import { handleApi } from './answer.js';

/** A file to take away or to look at. */
export interface FileAnswer {
	/** Whole, or bit by bit as it is read. */
	bytes: Uint8Array | AsyncGenerator<string>;
	type: string;
	name: string;
	inline?: boolean;
}

let line: Promise<unknown> = Promise.resolve();
/** Made as fast as whoever asked takes it, and no further than they take it. */
function asRead(parts: AsyncGenerator<string>): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	return new ReadableStream<Uint8Array>({
		async pull(to) {
			// One piece at a time of all that are being made, with everybody else's turn between.
			const turn = line.then(() => new Promise((r) => setImmediate(r)));
			line = turn;
			await turn;
			const { value, done } = await parts.next();
			if (done) to.close();
			else to.enqueue(encoder.encode(value));
		},
		async cancel() {
			await parts.return(undefined);
		}
	});
}

/** Answers with a file; what it is refused with is answered as everywhere else. */
export async function fileAnswer(work: () => Promise<FileAnswer>): Promise<Response> {
	let file: FileAnswer | undefined;
	const refused = await handleApi(async () => {
		file = await work();
		return {};
	});
	if (!file) return refused;
	// A copy of its own: what is sent may not be a view on shared memory.
	const body = file.bytes instanceof Uint8Array ? new Uint8Array(file.bytes) : asRead(file.bytes);
	return new Response(body, {
		headers: {
			'content-type': file.type,
			'content-disposition': `${file.inline ? 'inline' : 'attachment'}; filename="${file.name}"`
		}
	});
}
/** @throws nothing; the kind of an export, or null where there is no such kind */
export const exportKind = (kind: string): 'csv' | 'json' | null =>
	kind === 'csv' || kind === 'json' ? kind : null;
export const EXPORT_TYPES = { csv: 'text/csv; charset=utf-8', json: 'application/json' } as const;
