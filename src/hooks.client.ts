import { navigating } from '$app/state';

/** When this window was last loaded again for a part that is not there any more. */
const KEY = 'uncinus-loaded-again';
const AT_MOST_EVERY_MS = 30_000;

// The application was updated while this page was open: the parts it would fetch have gone with the old version. The page is loaded
// again, once, or the one that was asked for; what was typed is kept as at every reload.
addEventListener('vite:preloadError', (e) => {
	try {
		if (!navigator.onLine || Date.now() - Number(sessionStorage.getItem(KEY) ?? 0) < AT_MOST_EVERY_MS) return;
		sessionStorage.setItem(KEY, String(Date.now()));
	} catch {
		return;
	}
	e.preventDefault();
	const asked = navigating.to?.url;
	if (asked) location.assign(asked);
	else location.reload();
});
