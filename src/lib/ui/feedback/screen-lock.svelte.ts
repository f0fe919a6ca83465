/** Whether this screen waits for a PIN; anything that meets a locked session says so here. */
class ScreenLock {
	on = $state(false);
	/** Somebody signed out, or another one signed in, in another window. */
	another = $state(false);
	left(): void {
		this.another = this.on = true;
	}
}
export const screenLock = new ScreenLock();
