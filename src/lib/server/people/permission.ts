import { Refused } from '../refused.js';
import type { User } from './sign-in.js';

/** Practice is for everybody who works here. @throws Refused 401 without anybody */
export function signedIn(user: User | null | undefined): asserts user is User {
	if (!user) throw new Refused(401, 'signed-out', 'Sign in first.');
}

/** What is said to who may only look. */
export const ONLY_LOOKS = 'You may look but not record. Ask a lead for another role.';

/** Anybody but a viewer records. Asked inside every use case that writes. @throws Refused 401 without anybody, 403 for a viewer */
export function mayWrite(user: User | null | undefined): asserts user is User {
	signedIn(user);
	if (user.role === 'viewer') throw new Refused(403, 'viewer', ONLY_LOOKS);
}

/** What only a lead may do. @throws Refused 401 without anybody, 403 for everybody else */
export function mayLead(user: User | null | undefined, says: string): asserts user is User {
	signedIn(user);
	if (user.role !== 'lead') throw new Refused(403, 'lead-only', says);
}
