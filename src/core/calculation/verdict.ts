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
		return this.reasons.some((r) => r.code === code);
	}
	get verdict(): Verdict {
		return worst(this.reasons.map((r) => r.severity));
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

/** The worst of several verdicts; none gives ok. */
export function worst(list: readonly Verdict[]): Verdict {
	return list.includes('stop') ? 'stop' : list.includes('caution') ? 'caution' : 'ok';
}
