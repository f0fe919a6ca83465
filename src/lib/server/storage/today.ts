import { dayIn } from '../../../core/numeric/zone.js';
import { type Runner, row, serverNowMs } from './pool.js';
import { cached } from './cache.js';

const readZone = async (on?: Runner): Promise<string> =>
	(await row<{ time_zone: string }>('SELECT time_zone FROM shop', [], on))?.time_zone ?? 'UTC';

/** The time zone of the shop. */
export const shopZone = (on?: Runner): Promise<string> => cached('shop', 'zone', readZone, on);

/** The day in the shop, by the server's clock. */
export const today = async (on?: Runner): Promise<string> => dayIn(await shopZone(on), serverNowMs());
