import type { Calculation } from './calculation/define.js';
import { InputFault, shown } from './calculation/fault.js';
import { auto } from './balance/auto.js';
import { comparePushed } from './balance/compare-pushed.js';
import { fromMarks } from './balance/from-marks.js';
import { compareSpins } from './balance/compare-spins.js';
import { dimples } from './balance/dimples.js';
import { fromTestMass } from './balance/from-test-mass.js';
import { holes } from './balance/holes.js';
import { influence } from './balance/influence.js';
import { knownSwing } from './balance/known-swing.js';
import { levelStand } from './balance/level-stand.js';
import { simulateStand } from './balance/simulate-stand.js';
import { slopeError } from './balance/slope-error.js';
import { threeRuns } from './balance/three-runs.js';
import { twoPlanes } from './balance/two-planes.js';
import { twoWeights } from './balance/two-weights.js';
import { updateEstimate } from './balance/update-estimate.js';
import { fromPeriod } from './balance/from-period.js';
import { tolerance } from './balance/tolerance.js';
import { weights } from './balance/weights.js';
import { dresserPosition } from './dress/dresser-position.js';
import { overlap } from './dress/overlap.js';
import { burnRisk } from './dress/burn-risk.js';
import { chooseMethod } from './dress/choose-method.js';
import { cluster } from './dress/cluster.js';
import { continuousDress } from './dress/continuous.js';
import { crush } from './dress/crush.js';
import { diamond } from './dress/diamond.js';
import { wireEdm } from './dress/edm.js';
import { fitFinish } from './dress/fit-finish.js';
import { handPace } from './dress/hand-pace.js';
import { holderStiffness } from './dress/holder-stiffness.js';
import { dressPlan } from './dress/plan.js';
import { predictFinish } from './dress/predict-finish.js';
import { rotaryPlunge } from './dress/rotary-plunge.js';
import { rotaryTraverse } from './dress/rotary-traverse.js';
import { singlePoint } from './dress/single-point.js';
import { bareGrain } from './dress/bare-grain.js';
import { byHand } from './dress/by-hand.js';
import { handFace } from './dress/hand-face.js';
import { stick } from './dress/stick.js';
import { superabrasiveTrue } from './dress/superabrasive-true.js';
import { topography } from './dress/topography.js';
import { truingWheel } from './dress/truing-wheel.js';
import { sineStack } from './form/sine-stack.js';
import { blockStack } from './form/block-stack.js';
import { radiusSetting } from './form/radius-setting.js';
import { centreError } from './form/centre-error.js';
import { buildProfile } from './form/build-profile.js';
import { mirror } from './form/mirror.js';
import { checkProfile } from './form/check-profile.js';
import { toolPath } from './form/tool-path.js';
import { sample } from './form/sample.js';
import { formPasses } from './form/passes.js';
import { gcode } from './form/gcode.js';
import { parseDxf } from './form/parse-dxf.js';
import { dxfOf } from './form/write-dxf.js';
import { compareMeasured } from './form/compare-measured.js';
import { squared } from './form/squared.js';
import { wrung } from './form/wrung.js';
import { ringApplicability } from './inspect/ring-applicability.js';
import { ringAnalysis } from './inspect/ring-analysis.js';
import { ringDecision } from './inspect/ring-decision.js';
import { ringFrequency } from './inspect/ring-frequency.js';
import { ringSynthesise } from './inspect/ring-synthesise.js';
import { sonicModulus } from './inspect/sonic-modulus.js';
import { tapPlan } from './inspect/tap-plan.js';
import { visual } from './inspect/visual.js';
import { holdSpeed } from './keep/hold-speed.js';
import { redressInterval } from './keep/redress-interval.js';
import { incidentPlan } from './keep/incident-plan.js';
import { benchGrinder } from './mount/bench-grinder.js';
import { spindleRunout } from './mount/spindle-runout.js';
import { extraCheck } from './route/extra-check.js';
import { givenUp } from './route/given-up.js';
import { fitByHand } from './mount/fit-by-hand.js';
import { fitCheck } from './mount/fit-check.js';
import { flangeCheck } from './mount/flange-check.js';
import { mountGlue } from './mount/glue.js';
import { mountLifting } from './mount/lifting.js';
import { mountPack } from './mount/pack.js';
import { mountQuill } from './mount/quill.js';
import { mountPoint } from './mount/point.js';
import { mountToolPost } from './mount/tool-post.js';
import { threadHand } from './mount/thread-hand.js';
import { tighteningOrder } from './mount/tightening-order.js';
import { release } from './prove/release.js';
import { runInEnergy } from './run-in/energy.js';
import { runInRecommission } from './run-in/recommission.js';
import { runInOutcome } from './run-in/outcome.js';
import { runInPlan } from './run-in/plan.js';
import { nameplateSpeed } from './run-in/nameplate-speed.js';
import { speedCheck } from './run-in/speed-check.js';
import { calibrateWheel } from './set/calibrate-wheel.js';
import { contactSide } from './set/contact-side.js';
import { dressCompensation } from './set/dress-compensation.js';
import { registerDresser } from './set/register-dresser.js';
import { finishGrit } from './spec/finish-grit.js';
import { formatMarking } from './spec/format-marking.js';
import { parseMarking } from './spec/parse-marking.js';
import { concentration } from './spec/concentration.js';
import { contact } from './spec/contact.js';
import { diagnoseFinish } from './spec/diagnose-finish.js';
import { gritSize } from './spec/grit-size.js';
import { rankRack } from './spec/rank-rack.js';
import { shape } from './spec/shape.js';
import { speedStatement } from './spec/speed-statement.js';
import { recommend } from './spec/recommend.js';
import { surfaceSpeed } from './spec/surface-speed.js';
import { faceRunout } from './true/face-runout.js';
import { pencilTouch } from './true/pencil-touch.js';
import { rimByHand } from './true/rim-by-hand.js';
import { preBalanceRule } from './true/pre-balance-rule.js';
import { reclock } from './true/reclock.js';
import { truePlan } from './true/plan.js';
import { runout } from './true/runout.js';
import { touchOff } from './prove/touch-off.js';
import { trialSchedule } from './prove/trial-schedule.js';
import { compareDress } from './prove/compare-dress.js';
import { troubleshoot } from './prove/troubleshoot.js';
import { creepFeed } from './prove/creep-feed.js';
import { coolantJet } from './prove/coolant-jet.js';
import { chatterSpeed } from './prove/chatter-speed.js';
import { systemStiffness } from './prove/system-stiffness.js';
import { chatterPitch } from './prove/chatter-pitch.js';
import { lifeForecast } from './keep/life-forecast.js';
import { compareStrategies } from './keep/compare-strategies.js';
import { ledger } from './keep/ledger.js';
import { gRatio } from './keep/g-ratio.js';
import { storage } from './keep/storage.js';
import { workHolding } from './set/work-holding.js';
import { dailyStart } from './set/daily-start.js';
import { stroke } from './set/stroke.js';

export { CORE_VERSION } from './version.js';

/** Every calculation of the product, in the order of the stations. Benches, records, reference, API and command all read it here. */
export const CALCULATIONS: readonly Calculation[] = [
	parseMarking,
	formatMarking,
	gritSize,
	concentration,
	surfaceSpeed,
	speedStatement,
	contact,
	shape,
	finishGrit,
	diagnoseFinish,
	recommend,
	rankRack,
	visual,
	ringApplicability,
	tapPlan,
	ringFrequency,
	sonicModulus,
	ringSynthesise,
	ringAnalysis,
	ringDecision,
	flangeCheck,
	fitByHand,
	fitCheck,
	threadHand,
	tighteningOrder,
	mountPack,
	mountQuill,
	mountPoint,
	mountGlue,
	mountLifting,
	mountToolPost,
	benchGrinder,
	spindleRunout,
	nameplateSpeed,
	speedCheck,
	runInPlan,
	runInOutcome,
	runInEnergy,
	runInRecommission,
	runout,
	pencilTouch,
	rimByHand,
	faceRunout,
	reclock,
	truePlan,
	preBalanceRule,
	knownSwing,
	levelStand,
	slopeError,
	fromPeriod,
	fromMarks,
	fromTestMass,
	influence,
	threeRuns,
	twoPlanes,
	tolerance,
	twoWeights,
	weights,
	holes,
	dimples,
	updateEstimate,
	simulateStand,
	auto,
	compareSpins,
	comparePushed,
	overlap,
	singlePoint,
	dresserPosition,
	diamond,
	cluster,
	rotaryPlunge,
	rotaryTraverse,
	crush,
	superabrasiveTrue,
	truingWheel,
	stick,
	bareGrain,
	byHand,
	handFace,
	wireEdm,
	chooseMethod,
	dressPlan,
	handPace,
	holderStiffness,
	continuousDress,
	predictFinish,
	fitFinish,
	topography,
	burnRisk,
	sineStack,
	blockStack,
	radiusSetting,
	centreError,
	buildProfile,
	mirror,
	checkProfile,
	toolPath,
	sample,
	formPasses,
	squared,
	wrung,
	gcode,
	parseDxf,
	dxfOf,
	compareMeasured,
	registerDresser,
	calibrateWheel,
	contactSide,
	dressCompensation,
	release,
	touchOff,
	trialSchedule,
	compareDress,
	troubleshoot,
	creepFeed,
	coolantJet,
	chatterPitch,
	chatterSpeed,
	systemStiffness,
	lifeForecast,
	compareStrategies,
	ledger,
	gRatio,
	storage,
	workHolding,
	dailyStart,
	stroke,
	holdSpeed,
	redressInterval,
	incidentPlan,
	extraCheck,
	givenUp
];

const byId = new Map(CALCULATIONS.map((c) => [c.id, c]));

/** The calculation with this id. @throws InputFault `unknown-choice` on `id` */
export function calculation(id: unknown): Calculation {
	if (id === undefined || id === null)
		throw new InputFault('id', 'missing', 'The id of the calculation is missing.');
	const found = typeof id === 'string' ? byId.get(id) : undefined;
	if (!found)
		throw new InputFault(
			'id',
			'unknown-choice',
			`${shown(id)} is not a calculation. List them to see the ids.`
		);
	return found;
}
