/** Whether this screen waits for a PIN; anything that meets a locked session says so here. */
class ScreenLock {
	on = $state(false);
}
export const screenLock = new ScreenLock();
