import { between, choice, mm } from '../calculation/field/index.js';

/** A position of a slide. */
export const position = <const N extends string>(name: N, label: string, about: string) =>
	mm(name, about, { ...between(-10000, 10000), label });
/** A position that has to be told. */
export const touched = <const N extends string>(name: N, label: string, about: string) =>
	({ ...position(name, label, about), required: true }) as const;

/** What a dial across the wheel shows: a diameter moves twice as far as the radius. */
export const dialReads = <const N extends string>(name: N) =>
	choice(name, 'The dial across shows', ['radius', 'diameter'], { default: 'radius', label: 'Dial shows' });
/** Dial travel for a length on the radius. */
export const dialFactor = (reads: 'radius' | 'diameter'): number => (reads === 'diameter' ? 2 : 1);

export const SIDES = ['x-plus', 'x-minus'] as const;
export type Side = (typeof SIDES)[number];
/** The side across from it. */
export const opposite = (side: Side): Side => (side === 'x-plus' ? 'x-minus' : 'x-plus');
/** Which way the slide goes after a rim that has drawn back. */
export const senseOf = (side: Side): 1 | -1 => (side === 'x-plus' ? 1 : -1);
