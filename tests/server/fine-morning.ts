/** A morning sheet of a machine with nothing open on it. */
export const FINE = {
	shift: 'early',
	notOnMachine: ['magnetHolds', 'chuckStoned', 'hydraulicPressureBar', 'tableStops'],
	checks: {
		guardClosed: true,
		dresserReturned: true,
		extractionOn: true,
		lubeLevelPct: 60,
		lubePulls: 2,
		brixPct: 4.6,
		coolantLevelPct: 80,
		warmUpMin: 15,
		handwheelChecked: true
	}
};
