import { materialsCalled } from './material-names.js';

/** Everyday words for work materials, for finding the one that is meant. */
export const MATERIAL_SYNONYMS: Readonly<Record<string, readonly string[]>> = {
	'steel-soft': [
		'mild steel',
		'free-cutting steel',
		'bright bar',
		'structural steel',
		'unhardened steel',
		'soft steel'
	],
	'steel-hardened': [
		'hardened steel',
		'tool steel',
		'gauge plate',
		'bearing steel',
		'ball bearing',
		'case-hardened steel',
		'nitrided steel',
		'die steel',
		'spring steel',
		'silver steel'
	],
	hss: ['high-speed steel', 'drill', 'end mill', 'tap', 'reamer', 'tool bit', 'broach'],
	'stainless-austenitic': [
		'stainless',
		'austenitic stainless',
		'18/8',
		'food-grade stainless',
		'non-magnetic stainless'
	],
	'stainless-martensitic': [
		'hardened stainless',
		'martensitic stainless',
		'cutlery steel',
		'knife steel',
		'magnetic stainless'
	],
	'cast-iron-grey': ['cast iron', 'grey iron', 'lamellar iron', 'chilled iron'],
	'cast-iron-ductile': ['ductile iron', 'nodular iron', 'spheroidal iron', 'malleable iron'],
	aluminium: ['aluminium', 'aluminum', 'light alloy', 'dural'],
	'copper-alloy': ['brass', 'bronze', 'copper', 'gunmetal', 'port plate bronze'],
	titanium: ['titanium'],
	superalloy: ['superalloy', 'nickel alloy', 'cobalt alloy', 'turbine blade', 'heat-resisting alloy'],
	carbide: ['carbide', 'hard metal', 'tungsten carbide', 'cemented carbide'],
	ceramic: ['ceramic', 'alumina ceramic', 'zirconia', 'silicon nitride', 'glass', 'sapphire', 'ferrite']
};

/** Materials whose everyday words hold every word typed, or that a standard calls so, the best fit first. */
export function findMaterials(text: string): { material: string; word: string }[] {
	const wanted = text.toLowerCase().trim().split(/\s+/).filter(Boolean);
	if (!wanted.length) return [];
	const named = materialsCalled(text);
	const exact = named.filter((m) => m.exact);
	const byWord = Object.entries(MATERIAL_SYNONYMS)
		.flatMap(([material, words]) => {
			const word =
				words.find((w) => wanted.every((t) => w.includes(t))) ??
				(wanted.every((t) => material.includes(t)) ? material : undefined);
			return word ? [{ material, word, starts: word.startsWith(wanted[0]!) ? 0 : 1 }] : [];
		})
		.sort((a, b) => a.starts - b.starts || a.word.length - b.word.length)
		.map(({ material, word }) => ({ material, word }));
	// What a standard calls so is meant; a word that only begins so may be.
	const seen = new Set<string>();
	return [...exact, ...byWord, ...named]
		.filter(({ material }) => !seen.has(material) && seen.add(material))
		.map(({ material, word }) => ({ material, word }));
}
