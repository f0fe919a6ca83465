import { answering } from './answer.js';

/** A file to take away or to look at. */
export interface FileAnswer {
	bytes: Uint8Array;
	type: string;
	name: string;
	inline?: boolean;
	/** Never changes under its address: a browser may keep it for its person. */
	lasting?: boolean;
}

/** Answers with a file; what it is refused with is answered as everywhere else. */
export async function fileAnswer(work: () => Promise<FileAnswer>): Promise<Response> {
	let file: FileAnswer | undefined;
	const refused = await answering(async () => {
		file = await work();
		return {};
	});
	if (!file) return refused;
	// A copy of its own: what is sent may not be a view on shared memory.
	return new Response(new Uint8Array(file.bytes), {
		headers: {
			'content-type': file.type,
			'content-disposition': `${file.inline ? 'inline' : 'attachment'}; filename="${file.name}"`,
			...(file.lasting ? { 'cache-control': 'private, max-age=86400, immutable' } : {})
		}
	});
}
/** @throws nothing; the kind of an export, or null where there is no such kind */
export const exportKind = (kind: string): 'csv' | 'json' | null =>
	kind === 'csv' || kind === 'json' ? kind : null;
export const EXPORT_TYPES = { csv: 'text/csv; charset=utf-8', json: 'application/json' } as const;
