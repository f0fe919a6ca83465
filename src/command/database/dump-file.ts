import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { createGunzip } from 'node:zlib';

/** What a backup says of itself at its end: how many rows of each table it holds, and a checksum of everything before. */
export interface EndMark {
	rows: Record<string, number>;
	sha256: string;
}
const BEGIN = '-- uncinus backup 1';
const END = '-- uncinus end ';

/** Lines of a stream, cut at line feeds only: a text may hold every other kind of break. */
async function* linesOf(source: AsyncIterable<Buffer>): AsyncGenerator<Buffer> {
	let rest: Buffer[] = [];
	for await (const chunk of source) {
		let from = 0;
		for (let at = chunk.indexOf(10); at !== -1; at = chunk.indexOf(10, from)) {
			yield Buffer.concat([...rest, chunk.subarray(from, at)]);
			rest = [];
			from = at + 1;
		}
		if (from < chunk.length) rest.push(chunk.subarray(from));
	}
	if (rest.length) yield Buffer.concat(rest);
}

const ROW = /^INSERT INTO `(\w+)` VALUES/;
const head = (line: Buffer): string => line.subarray(0, 120).toString('latin1');
/** Who defined a trigger or a view is whoever restores it: accounts are made by the start and never come from a file. */
const ownerless = (line: Buffer): Buffer =>
	line.length < 20_000 && line.includes('DEFINER=')
		? Buffer.from(
				line
					.toString('utf8')
					.replace(/\/\*!500\d\d DEFINER=\S+ (SQL SECURITY \w+ )?\*\/ ?/g, '')
					.replace(/ DEFINER=\S+/g, '')
			)
		: line;

/** Counts and sums up line by line. */
class Tally {
	readonly rows: Record<string, number> = {};
	private readonly hash = createHash('sha256');
	take(line: Buffer): void {
		this.hash.update(line).update('\n');
		const table = ROW.exec(head(line))?.[1];
		if (table) this.rows[table] = (this.rows[table] ?? 0) + 1;
	}
	mark(): EndMark {
		return { rows: this.rows, sha256: this.hash.digest('hex') };
	}
}

/** A dump with a line at its beginning that says what it is and one at its end by which it is known to be whole. */
export async function* marked(source: AsyncIterable<Buffer>): AsyncGenerator<Buffer> {
	const tally = new Tally();
	const out = function* (line: Buffer) {
		tally.take(line);
		yield line;
		yield Buffer.from('\n');
	};
	yield* out(Buffer.from(BEGIN));
	for await (const line of linesOf(source)) yield* out(ownerless(line));
	yield Buffer.from(`${END}${JSON.stringify(tally.mark())}\n`);
}

/** Reads a backup through without doing anything with it. @throws Error in words when it is none or not whole */
export async function verified(file: string): Promise<EndMark> {
	const tally = new Tally();
	let mark: EndMark | null = null;
	let first = true;
	try {
		for await (const line of linesOf(createReadStream(file).pipe(createGunzip()))) {
			if (first && !line.equals(Buffer.from(BEGIN))) throw new NoBackup();
			first = false;
			if (mark) throw new NoBackup();
			if (head(line).startsWith(END)) mark = JSON.parse(line.toString('utf8').slice(END.length)) as EndMark;
			else tally.take(line);
		}
	} catch (error) {
		if (error instanceof NoBackup || first)
			throw new Error(`${file} is not a backup made here.`, { cause: error });
		throw new Error(
			`${file} is damaged: it ends before its end mark. Take another backup; nothing was changed.`,
			{ cause: error }
		);
	}
	if (!mark)
		throw new Error(`${file} is cut off: it has no end mark. Take another backup; nothing was changed.`);
	if (mark.sha256 !== tally.mark().sha256)
		throw new Error(`${file} was changed since it was written. Take another backup; nothing was changed.`);
	return mark;
}
class NoBackup extends Error {}
