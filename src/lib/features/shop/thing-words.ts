import { dresserWords, isTurned, methodOf } from '$core/shop/dresser';

const dresses = (t: Record<string, unknown>): string =>
	`${String(t.dressesSinceTurn)} ${t.dressesSinceTurn === 1 ? 'dress' : 'dresses'}`;

/** A thing of the shop in one line. */
export function thingInWords(kind: string, t: Record<string, unknown>): string {
	const say = (name: string) => String(t[name] ?? '').replace(/-/g, ' ');
	switch (kind) {
		case 'machines':
			return `${say('name')}, ${say('spindleRpm')} rpm, seat ${say('seatMm')} mm, up to ⌀ ${say('maxDiameterMm')} mm, turns ${t.rotation === 'cw' ? 'clockwise' : 'anticlockwise'} facing the nut`;
		case 'mounts':
			return `${say('kind')} for ${say('seatMm')} mm, flange ⌀ ${say('flangeMm')} mm, ${t.retention === 'single-nut' ? `one ${say('threadHand')}-hand nut` : `${say('screwCount')} screws at ${say('torqueNm')} Nm`}${t.weightCount ? `, ${say('weightCount')} weights` : ''}`;
		case 'dressers':
			return [
				dresserWords(String(t.kind)),
				t.tipRadiusUm ? `tip ${say('tipRadiusUm')} µm` : '',
				t.bodyDiameterMm ? `⌀ ${say('bodyDiameterMm')} mm` : '',
				isTurned(String(t.kind))
					? `${dresses(t)} since it was turned`
					: methodOf(String(t.kind))
						? dresses(t)
						: '',
				t.wear === 'worn-out' ? 'worn out' : say('place')
			]
				.filter(Boolean)
				.join(', ');
		case 'blocks':
			return `grade ${say('grade')}, ${(t.blocksMm as unknown[]).length} blocks`;
		case 'instruments':
			return `${say('kind')}, ${t.host ? `${say('host')} port ${say('port')}` : `stand-in${t.failure !== 'none' ? `, set to go wrong: ${say('failure')}` : ''}`}`;
		default:
			return `${say('role')}${t.active === false ? ', left' : ''}`;
	}
}
