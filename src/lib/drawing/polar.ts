/** A point at a radius and face angle: clockwise from the top, as seen from the front. */
export function polar(cx: number, cy: number, r: number, deg: number): [number, number] {
	return [cx + r * Math.sin((deg * Math.PI) / 180), cy - r * Math.cos((deg * Math.PI) / 180)];
}
/** An arc between two face angles, going the shorter signed way from one to the other. */
export function arcPath(cx: number, cy: number, r: number, from: number, to: number): string {
	const [x0, y0] = polar(cx, cy, r, from);
	const [x1, y1] = polar(cx, cy, r, to);
	return `M${x0} ${y0}A${r} ${r} 0 ${Math.abs(to - from) > 180 ? 1 : 0} ${to > from ? 1 : 0} ${x1} ${y1}`;
}

export interface Tone {
	light: string;
	main: string;
	edge: string;
	grain: string;
	glint: string;
	ink: string;
}
const tone = (
	light: string,
	main: string,
	edge: string,
	grain: string,
	glint: string,
	ink = '#5b4640'
): Tone => ({ light, main, edge, grain, glint, ink });
/** The look of a wheel from its grain: white, pink, grey, green, dark. */
export function toneOf(family: string | null | undefined): Tone {
	switch (family) {
		case 'alumina-white':
			return tone('#f3eee4', '#e8e0d1', '#ada28c', '#d6cbb6', '#fffdf7', '#5d5340');
		case 'alumina-pink':
			return tone('#ead2cd', '#dfbfb9', '#b98f88', '#c99f97', '#f4e4e0');
		case 'alumina-ruby':
		case 'alumina-mono':
			return tone('#e2b9b4', '#cf9c97', '#9d6a66', '#b57f7a', '#f0d8d5');
		case 'alumina-ceramic':
			return tone('#d9e0ea', '#bfcad9', '#8391a6', '#a3b1c4', '#f1f5fa', '#3f4a5a');
		case 'silicon-carbide':
			return tone('#9aa0a3', '#7f868a', '#555c60', '#686f73', '#c2c8ca', '#1d2224');
		case 'silicon-carbide-green':
			return tone('#b9cbb9', '#9db59e', '#6b876d', '#84a086', '#dbe6db', '#2c3d2d');
		case 'cbn':
		case 'diamond':
			return tone('#6d7276', '#565b5f', '#34383b', '#454a4d', '#a7adb0', '#f3f4f4');
		default:
			return tone('#e6ddd0', '#d6c9b8', '#a39380', '#bcac97', '#f3ede3', '#574a3a');
	}
}
