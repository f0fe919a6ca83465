import { readFileSync, writeFileSync } from 'node:fs';

const MB = 1024;
const of = (pid: number, name: 'VmHWM' | 'VmRSS'): number =>
	Number(new RegExp(`${name}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / MB;

/** The most memory a process has had so far, its threads included, in MB. */
export const highestMb = (pid: number): number => of(pid, 'VmHWM');

/** How much more memory than before a process had at its highest while the work went on, in MB. */
export async function addedMb(pid: number, work: () => Promise<unknown>): Promise<number> {
	// The kernel forgets what was the highest so far.
	writeFileSync(`/proc/${pid}/clear_refs`, '5');
	const before = of(pid, 'VmRSS');
	await work();
	return highestMb(pid) - before;
}
