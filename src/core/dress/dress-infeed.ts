import type { Findings } from '../calculation/verdict.js';

/**
 * How deep one bite of any dressing tool may be (guidelines), in um. A little above the round metric figures, so that one, two and four
 * thousandths of an inch, and two tenths of a thousandth, stay on the harmless side.
 */
export const BITE_STOP_UM = 102;
export const BITE_HEAVY_UM = 51;
/** Four tenths of a thousandth of an inch: diamond and boron nitride are trued in small bites. */
export const SUPERABRASIVE_HEAVY_UM = 10.2;
/** Feed of a diamond roll per turn of the wheel. */
const FEED_STOP_UM = 5.1;
const FEED_HEAVY_UM = 2;
const FEED_LIGHT_UM = 0.1;

/** Whether the grain is diamond or boron nitride. */
export const isSuperabrasive = (abrasive: string): boolean => abrasive === 'cbn' || abrasive === 'diamond';

/** One rule for the bite of every tool that touches the wheel. */
export function judgeBite(findings: Findings, biteUm: number, abrasive: string): Findings {
	const hard = isSuperabrasive(abrasive);
	const inside = biteUm <= BITE_STOP_UM;
	return findings
		.stop(
			'depth-too-great',
			!inside,
			`A bite of ${biteUm} µm can break wheel or diamond. Stay at 102 µm or less.`
		)
		.caution(
			'depth-heavy-superabrasive',
			inside && hard && biteUm > SUPERABRASIVE_HEAVY_UM,
			'Too much at once for diamond or boron nitride. Stay at 10 µm or less.'
		)
		.caution(
			'depth-heavy',
			inside && !hard && biteUm > BITE_HEAVY_UM,
			'More than a full bite. 25 to 50 µm is a full bite.'
		);
}

/** Feed of a roll, per turn of the wheel. */
export function judgeFeed(findings: Findings, feedUmPerRev: number): Findings {
	return findings
		.stop(
			'feed-too-great',
			feedUmPerRev > FEED_STOP_UM,
			`${feedUmPerRev} µm a turn is too much for a diamond roll. Stay at 5 µm or less.`
		)
		.caution(
			'feed-heavy',
			feedUmPerRev > FEED_HEAVY_UM && feedUmPerRev <= FEED_STOP_UM,
			'A heavy feed; 0.2 to 1 µm a turn is usual.'
		)
		.caution(
			'feed-light',
			feedUmPerRev < FEED_LIGHT_UM,
			'Hardly any feed: the roll rubs and the wheel glazes.'
		);
}
