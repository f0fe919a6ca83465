import type { FreeWheel } from '$core/shop/wheel';

/** The free wheels for a seat; empty when the server does not answer, and the number can still be seen. */
export async function freeWheels(seatMm: number): Promise<FreeWheel[]> {
	try {
		const answer = await fetch(`/api/wheels?seatMm=${seatMm}`);
		return answer.ok ? ((await answer.json()) as { wheels: FreeWheel[] }).wheels : [];
	} catch {
		return [];
	}
}
