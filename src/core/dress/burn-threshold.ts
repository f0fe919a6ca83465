/** A cut, its work and its coolant, as the heat of it is worked out: lengths in mm, speeds in mm/s, energies in J/mm3. */
export interface Heat {
	equivalentDiameterMm: number;
	depthMm: number;
	workMmPerS: number;
	energyJPerMm3: number;
	u0JPerMm3: number;
	burnCoefficient: number;
	conductivityWPerMK: number;
	diffusivityMm2PerS: number;
	abrasive: 'alumina' | 'silicon-carbide' | 'cbn' | 'diamond';
	coolant: 'none' | 'mist' | 'flood' | 'jet';
	fluid: 'emulsion' | 'oil';
	filmCoefficientWPerM2K: number | null;
	coolantTemperatureC: number;
}
export interface Threshold {
	outside: boolean;
	pecletNumber: number;
	temperatureFactor: number | null;
	dryThresholdJPerMm3: number | null;
	filmThresholdJPerMm3: number | null;
	thresholdJPerMm3: number | null;
	filmState: 'none' | 'holds' | 'lost' | 'unknown';
}

/** How much a coolant helps where its film is gone, and how much heat a grain carries away itself (guidelines). */
const COOLANT = { none: 0.75, mist: 0.85, flood: 1, jet: 1.15 } as const;
const RELIEF = { alumina: 1, 'silicon-carbide': 1.1, cbn: 2, diamond: 2 } as const;
/** Film of a coolant, W/m2K (orders of magnitude), and where it boils, C. */
const FILM = {
	emulsion: { none: 0, mist: 2000, flood: 30000, jet: 250000 },
	oil: { none: 0, mist: 1000, flood: 10000, jet: 25000 }
} as const;
const BOILS = { emulsion: 100, oil: 300 } as const;
/** A strip of heat must run fast enough and the arc be flat enough. */
const [SLOWEST, DEEPEST] = [0.2, 0.05];

/** Energy at which the work burns: with the coolant's film gone, and while it still holds. Textbook moving heat source. */
export function burnThreshold(h: Heat): Threshold {
	const contactMm = Math.sqrt(h.depthMm * h.equivalentDiameterMm);
	const pecletNumber = (h.workMmPerS * contactMm) / (4 * h.diffusivityMm2PerS);
	const film = (h.filmCoefficientWPerM2K ?? FILM[h.fluid][h.coolant]) / 1e6;
	if (pecletNumber < SLOWEST || h.depthMm > DEEPEST * h.equivalentDiameterMm)
		return {
			outside: true,
			pecletNumber,
			temperatureFactor: null,
			dryThresholdJPerMm3: null,
			filmThresholdJPerMm3: null,
			thresholdJPerMm3: null,
			filmState: film === 0 ? 'none' : 'unknown'
		};
	const fast = 2 / Math.sqrt(Math.PI);
	const C = fast * (1 + 0.292 * pecletNumber ** -0.757) ** -0.5;
	const relief = RELIEF[h.abrasive];
	const dry =
		h.u0JPerMm3 +
		(fast / C) *
			h.burnCoefficient *
			COOLANT[h.coolant] *
			relief *
			h.equivalentDiameterMm ** 0.25 *
			h.depthMm ** -0.75 *
			h.workMmPerS ** -0.5;
	const intoWork =
		(h.conductivityWPerMK / 1000 / C) * Math.sqrt(h.workMmPerS / (h.diffusivityMm2PerS * contactMm));
	const warm = BOILS[h.fluid] - h.coolantTemperatureC;
	const boils =
		film === 0
			? null
			: h.u0JPerMm3 + ((relief * intoWork + film) * warm * contactMm) / (h.depthMm * h.workMmPerS);
	return {
		outside: false,
		pecletNumber,
		temperatureFactor: C,
		dryThresholdJPerMm3: dry,
		filmThresholdJPerMm3: boils,
		thresholdJPerMm3: Math.max(dry, boils ?? 0),
		filmState: boils === null ? 'none' : h.energyJPerMm3 <= boils ? 'holds' : 'lost'
	};
}
