import { type Field, type Unit, rangeOf } from '../calculation/fields.js';
import type { System } from './parse.js';
import { ASKED_BACK_UNDER, CORE_UNITS, WRITTEN } from './units.js';

/** Significant figures kept when a value is larger or smaller than its unit's usual decimals can show. */
const FIGURES = 3;
/** The same for a length read in inches, where a micrometre is already the fifth decimal and more would only be read as noise. */
const FIGURES_READ_IN_INCHES = 2;

/** A number with sensible decimals and no trailing zeros; nothing is rounded in storage. */
export function formatNumber(value: number, decimals: number, figures = FIGURES): string {
	if (!Number.isFinite(value)) return '-';
	const size = Math.abs(value);
	const places =
		size !== 0 && size < 10 ** (1 - decimals)
			? Math.min(12, Math.max(decimals, figures - 1 - Math.floor(Math.log10(size))))
			: decimals;
	const text = value.toFixed(places);
	return text.includes('.') ? text.replace(/\.?0+$/, '').replace(/^-0$/, '0') : text.replace(/^-0$/, '0');
}

/** The unit's sign in a system. */
export function symbolOf(unit: Unit | undefined, system: System = 'mm'): string {
	if (!unit) return '';
	const core = CORE_UNITS[unit];
	return system === 'inch' && core.inch ? core.inch.symbol : core.symbol;
}

/** A core value converted to the system shown, as a number. @example inSystem(25.4, 'mm', 'inch') // 1 */
export function inSystem(value: number, unit: Unit | undefined, system: System): number {
	const core = unit ? CORE_UNITS[unit] : undefined;
	if (system !== 'inch' || !core?.inch) return value;
	const to = WRITTEN[core.inch.written]!;
	return (value * core.base) / to.toBase + (to.zero ?? 0);
}

/** The bare figure, as a field holds it. */
export function figure(
	value: number | null | undefined,
	unit: Unit | undefined,
	system: System = 'mm'
): string {
	if (value === null || value === undefined) return '';
	const core = unit ? CORE_UNITS[unit] : undefined;
	return formatNumber(
		inSystem(value, unit, system),
		system === 'inch' && core?.inch ? core.inch.decimals : (core?.decimals ?? 3)
	);
}

/** Further decimals of a figure that fills a field: what an instrument tells is kept, and what is put into inches comes back. */
const KEPT = { length: 1, other: 2, fine: 4 } as const;
const PLAIN_KEPT = 4;

/** The figure of a known value as somebody would type it: finer than it is shown. */
export function typedFigure(
	value: number,
	unit: Unit | undefined,
	system: System = 'mm',
	fine = false
): string {
	const core = unit ? CORE_UNITS[unit] : undefined;
	// Where there is one unit only nothing is put into another: an angle of 28.5 stays that.
	if (!core?.inch) return formatNumber(value, Math.max(PLAIN_KEPT, (core?.decimals ?? 0) + KEPT.other));
	const shown = system === 'inch' ? core.inch.decimals : core.decimals;
	const text = formatNumber(
		inSystem(value, unit, system),
		shown + (fine ? KEPT.fine : KEPT[core.kind === 'length' ? 'length' : 'other'])
	);
	// So small a bare number would be asked back.
	const asked = core.dial && Number(text) !== 0 && Math.abs(Number(text)) < ASKED_BACK_UNDER[system];
	return asked ? withSymbol(text, unit, system) : text;
}

/** A figure with the sign of its unit behind it; a degree stands close. */
function withSymbol(text: string, unit: Unit | undefined, system: System): string {
	const symbol = symbolOf(unit, system);
	return text + (symbol === '°' || symbol === '' ? symbol : ` ${symbol}`);
}

/** Figure and unit: "37.1 m/s", "197°". */
export function quantity(
	value: number | null | undefined,
	unit: Unit | undefined,
	system: System = 'mm'
): string {
	if (value === null || value === undefined) return '-';
	const core = unit ? CORE_UNITS[unit] : undefined;
	const shown =
		system === 'inch' && core?.inch && core.kind === 'length'
			? formatNumber(inSystem(value, unit, system), core.inch.decimals, FIGURES_READ_IN_INCHES)
			: figure(value, unit, system);
	return withSymbol(shown, unit, system);
}

/** Decimals beyond the usual ones where a tenth of a micrometre counts. */
const FINE = 2;

/** Figure and unit as finely as blocks and forms are made. @example fineQuantity(1.0005, 'mm') // "1.0005 mm" */
export function fineQuantity(
	value: number | null | undefined,
	unit: Unit | undefined,
	system: System = 'mm'
): string {
	if (value === null || value === undefined) return '-';
	const core = unit ? CORE_UNITS[unit] : undefined;
	const shown = (system === 'inch' && core?.inch ? core.inch.decimals : core?.decimals) ?? 0;
	return withSymbol(formatNumber(inSystem(value, unit, system), shown + FINE), unit, system);
}

/** The same value in the other system, or an empty text where there is only one. */
export function otherSystem(
	value: number | null | undefined,
	unit: Unit | undefined,
	system: System
): string {
	if (value === null || value === undefined || !unit || !CORE_UNITS[unit].inch) return '';
	return quantity(value, unit, system === 'mm' ? 'inch' : 'mm');
}

/** The accepted range of a field in the system shown. */
export function rangeText(field: Field, system: System): string {
	if (field.kind !== 'number' && field.kind !== 'integer') return rangeOf(field);
	const show = (v: number | undefined) =>
		v === undefined ? undefined : Number(figure(v, field.unit, system));
	// A limit that nobody reaches says nothing.
	const max = field.max !== undefined && field.max >= NEVER_REACHED ? undefined : show(field.max);
	return rangeOf({ ...field, min: show(field.min), max });
}
const NEVER_REACHED = 1e6;

/** A face angle as a clock position, the witness mark at 12. */
export function clockPosition(deg: number): string {
	const minutes = Math.round((((deg % 360) + 360) % 360) * 2) % 720;
	const hour = Math.floor(minutes / 60) || 12;
	return `${hour}:${String(minutes % 60).padStart(2, '0')}`;
}

/** Seconds as people say them: "4 min 20 s". */
export function duration(seconds: number): string {
	const total = Math.round(seconds);
	const [h, m, s] = [Math.floor(total / 3600), Math.floor((total % 3600) / 60), total % 60];
	return [h ? `${h} h` : '', m ? `${m} min` : '', s || (!h && !m) ? `${s} s` : ''].filter(Boolean).join(' ');
}
