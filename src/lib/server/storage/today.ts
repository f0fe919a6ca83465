import { dayIn } from '../../../core/numeric/zone.js';
import { type Runner, row, serverNowMs } from './pool.js';

/** The time zone of the shop. */
export const shopZone = async (on?: Runner): Promise<string> =>
	(await row<{ time_zone: string }>('SELECT time_zone FROM shop', [], on))?.time_zone ?? 'UTC';

/** The day in the shop, by the server's clock. */
export const today = async (on?: Runner): Promise<string> => dayIn(await shopZone(on), serverNowMs());
