import { InputFault } from '../calculation/fault.js';

type Sizes = {
	backFlangeDiameterMm: number;
	frontFlangeDiameterMm: number;
	backRecessDiameterMm: number;
	frontRecessDiameterMm: number;
};
interface Given {
	present: boolean;
	outerDiameterMm: number | null;
	innerDiameterMm: number | null;
	thicknessMm: number | null;
	condition: string | null;
}
export interface Side extends Given {
	flangeMm(values: Sizes): number;
	recessMm(values: Sizes): number;
}

/** Both sides with their measures. @throws InputFault for a blotter that is there but not described. */
export function blotterSides(blotters: { back: Given | null; front: Given | null } | null): Side[] {
	if (!blotters)
		throw new InputFault(
			'blotters',
			'missing',
			'Blotters are missing. Enter one a side, or say that this kind of wheel needs none.'
		);
	return (['back', 'front'] as const).map((name) => {
		const given = blotters[name];
		if (!given)
			throw new InputFault(
				`blotters.${name}`,
				'missing',
				`The ${name} blotter is missing. Say whether it is there.`
			);
		if (given.present)
			for (const key of ['outerDiameterMm', 'innerDiameterMm', 'thicknessMm', 'condition'] as const) {
				if (given[key] === null)
					throw new InputFault(
						`blotters.${name}.${key}`,
						'missing',
						`The ${name} blotter is there; enter its ${key}.`
					);
			}
		const back = name === 'back';
		return {
			...given,
			flangeMm: (values) => (back ? values.backFlangeDiameterMm : values.frontFlangeDiameterMm),
			recessMm: (values) => (back ? values.backRecessDiameterMm : values.frontRecessDiameterMm)
		};
	});
}
