import type { Step } from '../../define-step.js';
import { keepStep } from './booking.js';
import { keepCompareStep } from '../prove/compare.js';
import { keepJetStep } from '../prove/jet.js';
import { forecastStep } from './forecast.js';
import { giveUpStep } from './give-up.js';
import { intervalStep } from './interval.js';
import { manufacturerApprovalStep } from './manufacturer-approval.js';
import { gRatioStep, strategiesStep } from './strategies.js';
import { keepTroubleStep } from './trouble.js';

/** Everything that can be recorded at Keep. */
export const keepSteps: readonly Step[] = [
	keepStep,
	intervalStep,
	forecastStep,
	strategiesStep,
	gRatioStep,
	manufacturerApprovalStep,
	keepTroubleStep,
	keepCompareStep,
	keepJetStep,
	giveUpStep
];
