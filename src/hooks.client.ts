/** When this window was last loaded again for a part that is not there any more. */
const KEY = 'uncinus-loaded-again';
const AT_MOST_EVERY_MS = 30_000;

// The application was updated while this page was open: the parts it would fetch have gone with the old version. It is loaded again, once;
// what was typed is kept as at every reload.
addEventListener('vite:preloadError', (e) => {
	try {
		if (!navigator.onLine || Date.now() - Number(sessionStorage.getItem(KEY) ?? 0) < AT_MOST_EVERY_MS) return;
		sessionStorage.setItem(KEY, String(Date.now()));
	} catch {
		return;
	}
	e.preventDefault();
	location.reload();
});
