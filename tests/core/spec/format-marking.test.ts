import { example, refuses } from '../examples.js';

const d = {
	kind: 'superabrasive',
	abrasive: { letters: 'D' },
	grit: { system: 'mesh', number: 120 },
	grade: 'M',
	bond: { letters: 'B' },
	concentration: { notation: 'C', value: 80 },
	rimDepthMm: 2.54
};

describe('spec.format-marking', () => {
	it('writes a conventional marking', () =>
		example(
			'spec.format-marking',
			{
				kind: 'conventional',
				makerPrefix: '72',
				abrasive: { letters: 'A' },
				grit: { number: 54 },
				grade: 'K',
				structure: 9,
				bond: { letters: 'V' },
				makerSuffix: 'DR'
			},
			{ marking: '72A 54 K 9 VDR' }
		));
	it('turns mesh into FEPA', () =>
		example('spec.format-marking', { ...d, to: 'fepa' }, { marking: 'D126 M B C80 X2.54' }));
	it('turns FEPA and volume notation into the mesh order', () =>
		example(
			'spec.format-marking',
			{
				kind: 'superabrasive',
				abrasive: { letters: 'B' },
				grit: { system: 'FEPA', number: 107 },
				grade: 'R',
				bond: { letters: 'V' },
				concentration: { notation: 'V', value: 240 },
				rimDepthMm: 6.35,
				to: 'us-mesh'
			},
			{ marking: 'B 150 R 96 V 1/4' }
		));
	it('names what is missing or not a table size', () => {
		refuses('spec.format-marking', { kind: 'conventional', grit: { number: 54 } }, 'abrasive', 'missing');
		refuses(
			'spec.format-marking',
			{ kind: 'conventional', abrasive: { letters: 'A' }, grit: {} },
			'grit.number',
			'missing'
		);
		refuses(
			'spec.format-marking',
			{ ...d, grit: { system: 'FEPA', number: 127 } },
			'grit.number',
			'unknown-choice'
		);
		refuses('spec.format-marking', { ...d, grade: 'mm' }, 'grade', 'not-allowed');
		refuses(
			'spec.format-marking',
			{ kind: 'conventional', abrasive: { letters: 'A' }, grit: { number: 54 }, to: 'fepa' },
			'to',
			'inconsistent'
		);
	});
});
