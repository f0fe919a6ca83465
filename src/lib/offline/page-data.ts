/** One level of a page's data: of a layout, or, last, of the page itself. */
type Level = { type: string } | null;
/** What is kept of the pages of one setup: the newest of what they share, and of each page its own. */
export interface KeptData {
	shared: Level[];
	own: Record<string, Level>;
}
export const NOTHING_KEPT: KeptData = { shared: [], own: {} };
const isData = (l: Level | undefined): boolean => l?.type === 'data';

/** Takes in an answer; levels it leaves out stay as they were. Null where it is no data, but sends elsewhere or is a fault. */
export function mergePageData(kept: KeptData, path: string, text: string): KeptData | null {
	const said = JSON.parse(text.split('\n')[0]!) as { type: string; nodes?: Level[] };
	if (said.type !== 'data' || !said.nodes?.length) return null;
	const shared = said.nodes.slice(0, -1).map((node, i) => (isData(node) ? node : (kept.shared[i] ?? null)));
	const own = said.nodes.at(-1);
	return { shared, own: isData(own) ? { ...kept.own, [path]: own! } : kept.own };
}

/** The answer for a page from what is kept, with the levels asked for (`1` asks, `0` does not; all where nothing is said). Null where its own is not there. */
export function answerFrom(kept: KeptData, path: string, levels: string | null): string | null {
	const own = kept.own[path];
	if (!own) return null;
	const all = [...kept.shared, own];
	const nodes = all.map((l, i) => (levels && levels[i] !== '1' ? { type: 'skip' } : l));
	return `${JSON.stringify({ type: 'data', nodes })}\n`;
}
