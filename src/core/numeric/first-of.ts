/**
 * The first few of a long list in an order, without putting all of it in order.
 * @example new FirstOf(2, (a, b) => a - b).of([3, 1, 2]) // [1, 2]
 */
export class FirstOf<T> {
	readonly list: T[] = [];
	constructor(
		private readonly most: number,
		private readonly order: (a: T, b: T) => number
	) {}
	/** The last one that is among them, once there are enough: what comes after it need not be offered. */
	get last(): T | null {
		return this.list.length < this.most ? null : (this.list[this.most - 1] ?? null);
	}
	offer(x: T): void {
		const { list, order } = this;
		if (list.length >= this.most && (this.most === 0 || order(x, list[this.most - 1]!) >= 0)) return;
		let [low, high] = [0, list.length];
		while (low < high) {
			const mid = (low + high) >> 1;
			if (order(x, list[mid]!) < 0) high = mid;
			else low = mid + 1;
		}
		list.splice(low, 0, x);
		if (list.length > this.most) list.pop();
	}
	of(all: Iterable<T>): T[] {
		for (const x of all) this.offer(x);
		return this.list;
	}
}
