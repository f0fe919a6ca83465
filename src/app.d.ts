import type { User } from '$lib/server/people/sign-in';
declare global {
	namespace App {
		interface Locals {
			user: User | null;
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
