import {
	between,
	choice,
	from0,
	group,
	hrc,
	mm,
	mps,
	over0,
	yesNo,
	roughnessUm
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { type AbrasiveFamily, LETTERS_OF_FAMILY } from './families.js';
import { finishGrit, STOCKED_GRITS, stockOf } from './finish-grit.js';
import { F_GRITS, gritNearestToGrain, meanOf, sieveByCode } from './grit-tables.js';
import { recommendSteps } from './recommend-steps.js';
import { TABLE_FIELDS, materialRow, operationRow } from './guidelines.js';
import { MATERIAL_NAMES, OPERATIONS } from './recommend-tables.js';

const MAX_SHIFT = 3;
const GRADES = 'DEFGHIJKLMNOPQRS';

function diamondCode(ra: number | null): number {
	if (ra === null) return 126;
	return ra > 0.6 ? 151 : ra > 0.4 ? 126 : ra > 0.25 ? 91 : ra > 0.15 ? 64 : 46;
}

/** Turns a job into a first-choice wheel, letter by letter, each with the rules that moved it. */
export const recommend = defineCalculation({
	id: 'spec.recommend',
	worse: {
		targetRaUm: 'none',
		hardnessHrc: 'up',
		contactLengthMm: 'up',
		wheelSpeedMps: 'up',
		workSpeedMps: 'down'
	},
	title: 'Recommend a wheel',
	about:
		'Say what is ground and how. You get a first-choice marking with every rule that moved it. A starting point for someone trained, not a release to run.',
	source: 'Guideline tables of base grades and shifts; editable shop habit, no standard is claimed.',
	formulas: [
		'grit from the finish, limited to what the operation takes',
		'grade = base + sum of shifts, within 3 letters',
		'structure = base + sum of shifts, 1 to 16'
	],
	fields: [
		choice('material', 'Work material', MATERIAL_NAMES, { required: true }),
		choice('operation', 'How it is ground', OPERATIONS, { required: true }),
		roughnessUm('targetRaUm', 'Roughness on the drawing', { ...between(0.012, 25), label: 'Ra wanted' }),
		hrc('hardnessHrc', 'Of the work', { ...from0(72), label: 'Hardness' }),
		mm('contactLengthMm', 'Arc of contact', over0(1000)),
		choice('contactArea', 'Width of contact', ['narrow', 'normal', 'wide']),
		yesNo('interrupted', 'Keyways, holes, splines', { default: false, label: 'Interrupted cut' }),
		yesNo('burnProne', 'Thin or heat-sensitive work', { default: false, label: 'Burns easily' }),
		yesNo('coolant', 'Ground wet', { default: true }),
		mps('wheelSpeedMps', 'Rim speed', over0(500)),
		mps('workSpeedMps', 'Work or table speed', over0(100)),
		yesNo('superabrasiveAvailable', 'Diamond or boron nitride wheels may be used', { default: true }),
		STOCKED_GRITS,
		group('tables', 'Where they differ from the shipped ones', TABLE_FIELDS, {
			advanced: true,
			label: "The shop's tables"
		})
	],
	outputs: [
		{ name: 'marking', about: 'First choice', main: true },
		{ name: 'family', about: 'Grain' },
		{ name: 'grit', about: 'Grit' },
		{ name: 'gritMeanUm', unit: 'um', about: 'Mean grain' },
		{ name: 'grade', about: 'Grade' },
		{ name: 'baseGrade', about: 'Grade before the shifts' },
		{ name: 'gradeShift', about: 'Letters moved' },
		{ name: 'structure', about: 'Structure' },
		{ name: 'bond', about: 'Bond' },
		{ name: 'steps', about: 'Rules that moved it' },
		{ name: 'alternativeFamilies', about: 'Other grains that serve' },
		{ name: 'notes', about: 'Remarks' },
		{ name: 'tablesVersion', about: 'Version of the tables, 0 as shipped' }
	],
	example: {
		material: 'steel-hardened',
		operation: 'surface',
		targetRaUm: 0.45,
		hardnessHrc: 61,
		burnProne: true,
		wheelSpeedMps: 30,
		workSpeedMps: 0.3
	},
	compute(values) {
		const stock = stockOf(values.stockedGrits);
		const cast = materialRow(values.tables, values.material);
		const tablesVersion = values.tables?.version ?? 0;
		const findings = new Findings();
		const notes: string[] = values.material === 'carbide' ? ['hard-metal-dust'] : [];
		const general = () =>
			findings
				.caution(
					'titanium-dry',
					values.material === 'titanium' && !values.coolant,
					'Titanium dust can burn. Grind it wet and follow local rules.'
				)
				.caution(
					'loads-wheel',
					(values.material === 'aluminium' || values.material === 'copper-alloy') &&
						values.operation === 'off-hand',
					'Soft metal packs into a bench wheel. Use another way.'
				)
				.caution(
					'dry-burn-risk',
					values.burnProne && !values.coolant,
					'Work that burns easily, ground dry: expect burn. Use coolant or lighter passes.'
				)
				.caution(
					'needs-superabrasive',
					values.material === 'ceramic' && !values.superabrasiveAvailable,
					'Ceramic needs diamond.'
				)
				.stop(
					'creep-feed-dry',
					values.operation === 'creep-feed' && !values.coolant,
					'Creep feed without coolant burns the work and loads the wheel until it bursts. Flood it.'
				);
		if (
			values.material === 'ceramic' ||
			(values.material === 'carbide' && values.superabrasiveAvailable && values.operation !== 'off-hand')
		) {
			const code = diamondCode(values.targetRaUm);
			const c = values.operation === 'creep-feed' ? 100 : values.operation === 'face-segment' ? 50 : 75;
			general();
			return {
				kind: 'superabrasive',
				family: 'diamond',
				grit: code,
				gritMeanUm: meanOf(sieveByCode(code)!),
				grade: null,
				baseGrade: null,
				gradeShift: 0,
				structure: null,
				bond: 'B',
				concentrationC: c,
				marking: `D${code} B C${c}`,
				steps: [],
				alternativeFamilies: values.material === 'carbide' ? ['silicon-carbide-green'] : [],
				notes,
				tablesVersion,
				...findings.judged()
			};
		}
		const usual = operationRow(values.tables, values.operation);
		const family = cast.family as AbrasiveFamily;
		let grit: number;
		if (values.targetRaUm !== null) {
			const fit = finishGrit.run({ targetRaUm: values.targetRaUm, stockedGrits: stock });
			for (const reason of fit.reasons) findings.caution(reason.code, true, reason.message);
			if (!family.startsWith('alumina')) notes.push('finish-not-anchored');
			const allowed = stock.filter((n) => n >= usual.coarsest && n <= usual.finest);
			grit = fit.bestGrit;
			if (allowed.length && (grit < usual.coarsest || grit > usual.finest)) {
				grit = grit < usual.coarsest ? allowed[0]! : allowed.at(-1)!;
				findings.caution(
					'finish-outside-operation-range',
					true,
					'This finish is outside what the operation usually reaches with one wheel.'
				);
			}
		} else {
			const nearest = stock.indexOf(gritNearestToGrain(F_GRITS.get(usual.grit)!, stock));
			grit = stock[Math.min(stock.length - 1, Math.max(0, nearest + cast.gritStep))]!;
		}
		const steps = recommendSteps({
			...values,
			open: cast.open,
			gritNumber: grit,
			referenceMm: usual.contactMm
		});
		const sum = steps.reduce((s, step) => s + step.gradeShift, 0);
		const gradeShift = Math.max(-MAX_SHIFT, Math.min(MAX_SHIFT, sum));
		findings.caution(
			'shift-clamped',
			gradeShift !== sum,
			'The rules together ask for more than three letters. Three were taken; check by trial.'
		);
		const baseGrade = cast.grades[OPERATIONS.indexOf(values.operation)]!;
		const grade = GRADES[Math.max(0, Math.min(GRADES.length - 1, GRADES.indexOf(baseGrade) + gradeShift))]!;
		const structure = Math.max(
			1,
			Math.min(16, usual.structure + steps.reduce((s, step) => s + step.structureShift, 0))
		);
		general();
		return {
			kind: 'conventional',
			family,
			grit,
			gritMeanUm: F_GRITS.get(grit)!,
			grade,
			baseGrade,
			gradeShift,
			structure,
			bond: 'V',
			concentrationC: null,
			marking: `${LETTERS_OF_FAMILY[family]} ${grit} ${grade} ${structure} V`,
			steps,
			alternativeFamilies: cast.others as string[],
			notes,
			tablesVersion,
			...findings.judged()
		};
	}
});
