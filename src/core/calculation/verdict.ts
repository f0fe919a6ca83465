import { tidied } from './fault.js';

/** How bad a finding is; a `stop` can never be overridden. */
export type Verdict = 'ok' | 'caution' | 'stop';
/** `ok` marks a remark that changes nothing, such as "already within tolerance". */
export interface Reason {
	code: string;
	message: string;
	severity: Verdict;
}

/** Collects findings in the order of a chapter's rule list; a code appears once. */
export class Findings {
	readonly reasons: Reason[] = [];
	stop(code: string, when: boolean, message: string): this {
		return this.add('stop', code, when, message);
	}
	caution(code: string, when: boolean, message: string): this {
		return this.add('caution', code, when, message);
	}
	remark(code: string, when: boolean, message: string): this {
		return this.add('ok', code, when, message);
	}
	has(code: string): boolean {
		return this.reasons.some((reason) => reason.code === code);
	}
	get verdict(): Verdict {
		return worst(this.reasons.map((reason) => reason.severity));
	}
	/** The pair every judged output carries. */
	judged(): { verdict: Verdict; reasons: Reason[] } {
		return { verdict: this.verdict, reasons: this.reasons };
	}
	private add(severity: Verdict, code: string, when: boolean, message: string): this {
		if (when && !this.has(code)) this.reasons.push({ code, message: tidied(message), severity });
		return this;
	}
}

/** Findings of several calculations as one list: each code once, with the worst that is said of it; what is worst first. */
export function merged(reasons: readonly Reason[]): Reason[] {
	const RANK: Readonly<Record<Verdict, number>> = { stop: 0, caution: 1, ok: 2 };
	const byCode = new Map<string, Reason>();
	for (const reason of reasons) {
		const known = byCode.get(reason.code);
		if (!known || RANK[reason.severity] < RANK[known.severity]) byCode.set(reason.code, reason);
	}
	return [...byCode.values()].sort((a, b) => RANK[a.severity] - RANK[b.severity]);
}

/** The worst of several verdicts; none gives ok. */
export function worst(list: readonly Verdict[]): Verdict {
	return list.includes('stop') ? 'stop' : list.includes('caution') ? 'caution' : 'ok';
}
