import type { User } from '$lib/server/people/sign-in';
declare global {
	namespace App {
		interface Locals {
			user: User | null;
			/** Whose screen it is, when it is locked. */
			lockedUser: User | null;
			/** Signed in with a PIN for one time. */
			mustChange: boolean;
			token: string | null;
		}
		interface Error {
			message: string;
			code?: string;
		}
		interface PageState {
			wrong?: boolean;
		}
	}
}
export {};
