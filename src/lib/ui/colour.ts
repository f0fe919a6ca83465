/**
 * A colour of the tokens as the page shows it now; a canvas knows neither variables nor themes.
 * @param share how much of it covers what lies beneath, 0 to 1
 */
export function colourOf(name: string, share = 1): string {
	const probe = document.createElement('i');
	probe.style.color = `var(${name})`;
	document.documentElement.append(probe);
	const { color } = getComputedStyle(probe);
	probe.remove();
	return share === 1 ? color : color.replace(/^rgb\((.*)\)$/, `rgba($1, ${share})`);
}
