/**
 * Names of common materials as public standards give them (AISI and SAE, EN short names and numbers, JIS), for finding what is meant.
 * A steel that is ground soft as well as hardened stands where it is mostly ground.
 */
export const STANDARD_NAMES: Readonly<Record<string, readonly string[]>> = {
	'steel-soft': [
		...['1018', '1020', '1045', '12L14', '1144', 'A36', '4140', '4130'],
		...['S235', 'S355', 'C45', 'C60', '11SMn30', '42CrMo4', '1.0037', '1.0503', '1.7225']
	],
	'steel-hardened': [
		...['O1', 'A2', 'D2', 'D3', 'S7', 'H11', 'H13', 'L6', 'W1', 'P20', '52100', '8620', '9310', '4340'],
		...['100Cr6', '100CrMo7', '90MnCrV8', 'X153CrMoV12', 'X210Cr12', 'X37CrMoV5-1', 'X40CrMoV5-1', '115CrV3'],
		...[
			'16MnCr5',
			'20MnCr5',
			'31CrMoV9',
			'1.3505',
			'1.2842',
			'1.2379',
			'1.2080',
			'1.2343',
			'1.2344',
			'1.2210'
		],
		...['1.7131', '1.7147', 'SUJ2', 'SKD11', 'SKD61', 'SKS3']
	],
	hss: ['M2', 'M35', 'M42', 'T1', 'T15', 'HS6-5-2', 'HS6-5-2-5', '1.3343', '1.3243', '1.3247', 'SKH51'],
	'stainless-austenitic': [
		...['303', '304', '304L', '316', '316L', '321', 'X5CrNi18-10', '1.4301', '1.4305', '1.4404', '1.4571'],
		...['SUS304', 'SUS316']
	],
	'stainless-martensitic': [
		...[
			'410',
			'416',
			'420',
			'440C',
			'17-4PH',
			'X46Cr13',
			'X90CrMoV18',
			'1.4034',
			'1.4112',
			'1.4125',
			'1.4542'
		],
		'SUS440C'
	],
	'cast-iron-grey': ['EN-GJL-250', 'GJL-200', 'GJL-250', 'GG20', 'GG25', '5.1301', 'FC250'],
	'cast-iron-ductile': [
		'EN-GJS-400',
		'GJS-400',
		'GJS-500',
		'GGG40',
		'GGG50',
		'65-45-12',
		'80-55-06',
		'FCD450'
	],
	aluminium: ['2024', '6061', '6082', '7075', 'AlMg3', 'AlCu4Mg1', '3.4365'],
	'copper-alloy': ['CuZn39Pb3', 'CuSn8', 'CuSn12', 'C36000', 'C93200', '2.0401'],
	titanium: ['Ti-6Al-4V', 'Ti6Al4V', '3.7165', 'grade 5 titanium'],
	superalloy: ['alloy 718', 'alloy 625', 'NiCr19NbMo', '2.4668', '2.4856'],
	carbide: ['K10', 'K20', 'K40', 'WC-Co'],
	ceramic: ['Al2O3', 'ZrO2', 'Si3N4', 'SiC']
};

const plain = (text: string): string => text.toLowerCase().replace(/[\s.-]+/g, '');

/** Materials one of whose standard names begins so; those that are called exactly so first. @example materialsCalled('52100')[0].material // "steel-hardened" */
export function materialsCalled(text: string): { material: string; word: string; exact: boolean }[] {
	const wanted = plain(text);
	if (wanted.length < 2) return [];
	return Object.entries(STANDARD_NAMES)
		.flatMap(([material, names]) => {
			const word = names.find((n) => plain(n) === wanted) ?? names.find((n) => plain(n).startsWith(wanted));
			return word ? [{ material, word, exact: plain(word) === wanted }] : [];
		})
		.sort((a, b) => Number(b.exact) - Number(a.exact));
}
