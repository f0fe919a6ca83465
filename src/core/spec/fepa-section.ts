import type { Point, Section, SectionPart } from './shape-section.js';

/** Core shapes of superabrasive wheels. */
const CORES: Readonly<Record<string, string>> = {
	1: 'plain disc',
	2: 'ring',
	3: 'hub on one side',
	4: 'tapered',
	6: 'straight cup',
	9: 'recessed both sides',
	11: 'flaring cup',
	12: 'dish',
	14: 'hub on both sides'
};
const RIMS: Readonly<Record<string, string>> = {
	A: 'square rim',
	E: 'pointed rim',
	EE: 'pointed rim',
	F: 'rounded rim',
	FF: 'rounded rim',
	V: 'bevelled rim'
};
const PLACES: Readonly<Record<string, string>> = {
	1: 'on the rim',
	2: 'on the side',
	3: 'on both sides',
	9: 'on the corner'
};

export interface FepaSizes {
	diameterMm: number | null;
	thicknessMm: number | null;
	rimDepthMm: number | null;
	boreMm: number | null;
}

/** The rim seen cut through, outermost at r = d. */
function rimOutline(rim: string, T: number, X: number, d: number): Point[] {
	const b = d - X;
	const body = (top: Point[]): Point[] => [[0, b], ...top, [T, b]];
	if (rim === 'E')
		return body([
			[0, d - Math.min(X, T / 2)],
			[T / 2, d],
			[T, d - Math.min(X, T / 2)]
		]);
	if (rim === 'EE') return body([[T / 2, d]]);
	if (rim === 'F' || rim === 'FF') {
		const r = Math.min(T / 2, X);
		return body(
			Array.from({ length: 13 }, (_, i): Point => {
				const a = Math.PI - (i * Math.PI) / 12;
				return [T / 2 + (T / 2) * Math.cos(a), d - r + r * Math.sin(a)];
			})
		);
	}
	if (rim === 'V')
		return body([
			[0, d],
			[T, d - Math.min(X, T / 2)]
		]);
	return body([
		[0, d],
		[T, d]
	]);
}

function coreOutline(core: string, T: number, h: number, r: number): Point[] {
	const hub = Math.min(r * 0.55, h + (r - h) * 0.5);
	switch (core) {
		case '3':
			return [
				[0, h],
				[0, r],
				[T, r],
				[T, hub],
				[T * 1.8, hub],
				[T * 1.8, h]
			];
		case '14':
			return [
				[-T * 0.7, h],
				[-T * 0.7, hub],
				[0, hub],
				[0, r],
				[T, r],
				[T, hub],
				[T * 1.7, hub],
				[T * 1.7, h]
			];
		case '4':
			return [
				[-T * 0.4, h],
				[-T * 0.4, hub],
				[0, r],
				[T, r],
				[T * 1.4, hub],
				[T * 1.4, h]
			];
		case '9':
			return [
				[T * 0.3, h],
				[T * 0.3, r * 0.8],
				[0, r * 0.8],
				[0, r],
				[T, r],
				[T, r * 0.8],
				[T * 0.7, r * 0.8],
				[T * 0.7, h]
			];
		default:
			return [
				[0, h],
				[0, r],
				[T, r],
				[T, h]
			];
	}
}

/** Cup-like bodies carry their rim on the side. */
function cup(core: string, T: number, h: number, d: number, W: number, X: number): SectionPart[] {
	const E = T * 0.3;
	const back = core === '6' ? d : d * (core === '12' ? 0.6 : 0.75);
	const inside = d - W;
	return [
		{
			kind: 'core',
			points: [
				[0, h],
				[0, back],
				[T - X, d],
				[T - X, inside],
				[E, Math.min(inside, back - W)],
				[E, h]
			]
		},
		{
			kind: 'abrasive',
			points: [
				[T - X, inside],
				[T - X, d],
				[T, d],
				[T, inside]
			]
		}
	];
}

/** A superabrasive wheel cut through from its shape code and sizes; what is missing is assumed and named. */
export function fepaSection(
	parts: { core: string; rim: string; position: string },
	sizes: FepaSizes
): Section {
	const D = sizes.diameterMm ?? 150;
	const T = sizes.thicknessMm ?? (['6', '11', '12'].includes(parts.core) ? D * 0.3 : D * 0.08);
	const X = Math.min(sizes.rimDepthMm ?? D * 0.03, D * 0.45);
	const H = sizes.boreMm ?? D * 0.2;
	const [d, h] = [D / 2, H / 2];
	const W = Math.min(D * 0.07, (d - h) * 0.6);
	let list: SectionPart[];
	if (['6', '11', '12'].includes(parts.core)) list = cup(parts.core, T, h, d, W, Math.min(X, T * 0.5));
	else if (parts.position === '2' || parts.position === '3') {
		const depth = Math.min(X, T * 0.4);
		list = [
			{ kind: 'core', points: coreOutline(parts.core, T, h, d) },
			{
				kind: 'abrasive',
				points: [
					[T - depth, d - W],
					[T - depth, d],
					[T, d],
					[T, d - W]
				]
			}
		];
		if (parts.position === '3')
			list.push({
				kind: 'abrasive',
				points: [
					[0, d - W],
					[0, d],
					[depth, d],
					[depth, d - W]
				]
			});
	} else if (parts.position === '9')
		list = [
			{ kind: 'core', points: coreOutline(parts.core, T, h, d) },
			{
				kind: 'abrasive',
				points: [
					[T - X, d],
					[T, d],
					[T, d - X],
					[T - X, d - X]
				]
			}
		];
	else if (parts.core === '2') list = [{ kind: 'abrasive', points: rimOutline(parts.rim, T, d - h, d) }];
	else
		list = [
			{ kind: 'core', points: coreOutline(parts.core, T, h, d - X) },
			{ kind: 'abrasive', points: rimOutline(parts.rim, T, X, d) }
		];
	const all = list.flatMap((p) => p.points.map(([z]) => z));
	const missing = (
		[
			['D', sizes.diameterMm],
			['T', sizes.thicknessMm],
			['X', sizes.rimDepthMm],
			['H', sizes.boreMm]
		] as const
	)
		.filter(([, v]) => v === null)
		.map(([l]) => l);
	return {
		name: [
			CORES[parts.core] ?? `core ${parts.core}`,
			RIMS[parts.rim] ?? `rim ${parts.rim}`,
			PLACES[parts.position] ?? `place ${parts.position}`
		].join(', '),
		parts: list,
		missing,
		widthMm: Math.max(...all) - Math.min(0, ...all),
		diameterMm: D,
		faces: parts.position === '1' ? ['periphery'] : ['side'],
		labels: [
			{ letter: 'D', valueMm: sizes.diameterMm, at: [T, d] },
			{
				letter: 'X',
				valueMm: sizes.rimDepthMm,
				at: parts.position === '1' ? [T, d - X / 2] : [T - X / 2, d - W / 2]
			},
			{ letter: 'H', valueMm: sizes.boreMm, at: [T / 2, h] },
			{ letter: 'T', valueMm: sizes.thicknessMm, at: [T, -d] }
		]
	};
}
