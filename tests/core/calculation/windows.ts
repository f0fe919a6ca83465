/** Figures whose verdict gets worse neither upwards nor downwards, by the reason; written `<calculation> <field>`. */
export const WINDOWS: readonly (readonly [string, readonly string[]])[] = [
	[
		'A speed or diameter that sets others: too slow and too fast are both wrong.',
		[
			'spec.surface-speed speedRpm',
			'mount.tool-post runRpm',
			'run-in.speed-check measuredRpm',
			'run-in.speed-check commandedRpm',
			'true.plan wheelDiameterMm'
		]
	],
	[
		'A size that others must fit: too small and too large are both wrong.',
		[
			'spec.shape recessDiameterMm',
			'inspect.tap-plan insetMm',
			'mount.quill quillDiameterMm',
			'balance.dimples drillDiameterMm',
			'balance.dimples depthMm',
			'balance.dimples radiusMm',
			'dress.dresser-position wheelDiameterMm',
			'dress.truing-wheel grainSizeUm',
			'form.wrung targetMm'
		]
	],
	[
		'An aim with a wheel for each: finer and coarser both leave the range.',
		['spec.finish-grit targetRaUm', 'spec.recommend targetRaUm']
	],
	[
		'A ratio or depth of dressing with a window: too fine glazes the wheel, too coarse leaves threads.',
		[
			'spec.diagnose-finish tipRadiusUm',
			'spec.diagnose-finish leadUm',
			'dress.overlap tipRadiusUm',
			'dress.overlap depthUm',
			'dress.overlap leadUm',
			'dress.single-point wheelSpeedRpm',
			'dress.single-point depthUm',
			'dress.single-point traverseMmPerMin',
			'dress.single-point tipRadiusUm',
			'dress.cluster depthUm',
			'dress.cluster leadUm',
			'dress.rotary-plunge wheelDiameterMm',
			'dress.rotary-plunge rollDiameterMm',
			'dress.rotary-plunge speedRatio',
			'dress.rotary-plunge feedUmPerRev',
			'dress.rotary-traverse wheelDiameterMm',
			'dress.rotary-traverse discDiameterMm',
			'dress.rotary-traverse speedRatio',
			'dress.rotary-traverse depthUm',
			'dress.rotary-traverse leadUm',
			'dress.rotary-traverse tipRadiusUm',
			'dress.stick protrusionPercent',
			'dress.bare-grain barePercent',
			'dress.edm wireDiameterMm',
			'dress.edm gapUm',
			'dress.edm roughCurrentA',
			'dress.plan tipRadiusUm',
			'dress.hand-pace wheelWidthMm',
			'dress.hand-pace wheelSpeedRpm',
			'dress.hand-pace leadUm',
			'dress.hand-pace overTravelMm',
			'dress.hand-pace tipRadiusUm',
			'dress.hand-pace depthUm',
			'dress.hand-pace measuredPassTimeS'
		]
	],
	[
		'A tone, size or mass compared with others: far off either way is wrong.',
		[
			'inspect.ring-frequency diameterMm',
			'inspect.ring-frequency thicknessMm',
			'inspect.ring-frequency massKg',
			'inspect.sonic-modulus frequencyHz',
			'run-in.outcome vibrationBareMmPerS'
		]
	],
	[
		'A fit: too tight cracks the wheel, too loose lets it sit off centre.',
		[
			'mount.fit-check boreMm',
			'mount.fit-check arborMm',
			'mount.fit-by-hand boreMm',
			'mount.fit-by-hand seatMm',
			'true.reclock boreClearanceUm'
		]
	],
	['A cure has its own temperature: too cold does not set, too warm spoils it.', ['mount.glue temperatureC']],
	[
		'A place or height set by hand: off to either side is wrong.',
		[
			'mount.lifting handHeightMm',
			'mount.tool-post centreOffsetMm',
			'balance.slope-error slopeMmPerM',
			'dress.dresser-position offsetMm',
			'dress.dresser-position dragAngleDeg',
			'dress.by-hand restBackMm',
			'dress.by-hand toolHeightMm',
			'form.centre-error offsetMm',
			'set.dress-compensation dressRadialUm',
			'set.dress-compensation previousZeroMm',
			'set.dress-compensation touchZeroMm',
			'set.dress-compensation verifyLimitUm'
		]
	],
	[
		'An angle or place round the wheel: neither way is worse as such.',
		[
			'true.pencil-touch fromAngleDeg',
			'true.pencil-touch toAngleDeg',
			'true.reclock highSpotAngleDeg',
			'true.reclock seatAngleDeg',
			'balance.auto heavyAngleDeg',
			'balance.influence initialPhaseAngleDeg'
		]
	],
	[
		'A trial weight or reading: too little is not seen, too much shakes or cannot be told.',
		[
			'balance.known-swing knownRadiusMm',
			'balance.three-runs initialMmPerS',
			'balance.two-planes trial1Gmm',
			'balance.two-planes trial2Gmm',
			'balance.two-weights secondMassG',
			'balance.auto massGmm'
		]
	],
	[
		'A jet that should match the wheel speed: slower and quicker are both off.',
		['prove.coolant-jet densityKgPerM3', 'prove.coolant-jet pumpBar', 'prove.coolant-jet nozzleAreaMm2']
	],
	[
		'Marks and whole numbers of waves: what fits a whole number is found, not what is more.',
		[
			'prove.chatter-pitch pitchMm',
			'prove.chatter-pitch markedLengthMm',
			'prove.chatter-pitch markCount',
			'prove.chatter-pitch workSpeedMPerMin',
			'prove.chatter-pitch wheelRpm',
			'prove.chatter-speed workRpm'
		]
	],
	[
		'What wears first decides the interval: with one figure the other becomes the one that binds.',
		[
			'keep.redress-interval lossUmPerMm',
			'keep.redress-interval formToleranceUm',
			'keep.redress-interval useOfTolerance',
			'keep.redress-interval partDepthMm'
		]
	],
	[
		'The limit belongs to the check of the shop; a sweep of the example crosses only its field ends.',
		['route.extra-check value']
	],
	[
		'Two statements of one speed must agree: off either way is wrong.',
		[
			'spec.speed-statement diameterMm',
			'spec.speed-statement statedRpm',
			'spec.speed-statement statedSpeedMps'
		]
	],
	[
		'A band and a start of an experiment: too low and too high both spoil the answer.',
		[
			'inspect.ring-analysis bandLowHz',
			'balance.simulate-stand slopeMmPerM',
			'balance.simulate-stand startSpeedDegPerS'
		]
	]
];
