import { DEG, fold360, wrap180 } from '../numeric/angles.js';

export const G0 = 9.80665;

/** Everything that decides how a wheel rolls on its stand. SI units; the angle is that of the heavy spot from straight down, clockwise. */
export interface StandModel {
	massKg: number;
	inertiaKgM2: number;
	unbalanceKgM: number;
	rhoM: number;
	rollingArmM: number;
	viscousNmS: number;
	slope: number;
	/** On discs the arbor does not travel: their inertia, as felt at the arbor; null on straight edges. */
	discInertiaKgM2: number | null;
}

export interface Turning {
	timeS: number;
	phi: number;
}

/** A wheel let go on its stand, advanced step by step: rolling friction holds it, or it swings until it does. */
export class Roll {
	t = 0;
	settled = false;
	readonly turnings: Turning[] = [];
	/** Largest way from the start, in radians. */
	excursion = 0;
	private readonly start: number;
	private readonly J0: number;
	private readonly coupling: number;
	private readonly weightMoment: number;
	private readonly slopeMoment: number;
	private readonly friction: number;

	constructor(
		private readonly m: StandModel,
		public phi: number,
		public speed: number
	) {
		this.start = phi;
		this.J0 =
			m.discInertiaKgM2 === null ? m.inertiaKgM2 + m.massKg * m.rhoM ** 2 : m.inertiaKgM2 + m.discInertiaKgM2;
		this.coupling = m.discInertiaKgM2 === null ? m.unbalanceKgM * m.rhoM : 0;
		this.weightMoment = m.unbalanceKgM * G0;
		this.slopeMoment = m.discInertiaKgM2 === null ? m.massKg * G0 * m.rhoM * m.slope : 0;
		this.friction = m.massKg * G0 * m.rollingArmM;
		if (speed === 0 && this.holds()) this.settled = true;
	}
	/** False when the wheel would be lighter than its own unbalance: no such body exists. */
	static possible(m: StandModel): boolean {
		return m.discInertiaKgM2 !== null || m.inertiaKgM2 + m.massKg * m.rhoM ** 2 > 2 * m.unbalanceKgM * m.rhoM;
	}

	private drive(phi: number): number {
		return -this.weightMoment * Math.sin(phi) - this.slopeMoment;
	}
	private holds(): boolean {
		return Math.abs(this.drive(this.phi)) <= this.friction;
	}
	private acceleration(phi: number, w: number, s: number): number {
		const sin = Math.sin(phi);
		return (
			(-this.weightMoment * sin -
				this.slopeMoment -
				s * this.friction -
				this.m.viscousNmS * w -
				this.coupling * sin * w * w) /
			(this.J0 - 2 * this.coupling * Math.cos(phi))
		);
	}

	/** One Runge-Kutta step with the sense of friction held; ends at the turning point when it turns round in it. */
	step(h: number): void {
		if (this.settled) return;
		const s = Math.sign(this.speed !== 0 ? this.speed : this.drive(this.phi));
		const { phi, speed: w } = this;
		const a1 = this.acceleration(phi, w, s);
		const w2 = w + (h / 2) * a1;
		const a2 = this.acceleration(phi + (h / 2) * w, w2, s);
		const w3 = w + (h / 2) * a2;
		const a3 = this.acceleration(phi + (h / 2) * w2, w3, s);
		const w4 = w + h * a3;
		const a4 = this.acceleration(phi + h * w3, w4, s);
		const next = w + (h / 6) * (a1 + 2 * a2 + 2 * a3 + a4);
		if (next * s <= 0) {
			const f = w / (w - next);
			this.phi += (w * f * h) / 2;
			this.t += f > 0 ? f * h : h;
			this.speed = 0;
			this.turnings.push({ timeS: this.t, phi: this.phi });
			if (this.holds()) this.settled = true;
		} else {
			this.phi += (h / 6) * (w + 2 * w2 + 2 * w3 + w4);
			this.speed = next;
			this.t += h;
		}
		this.excursion = Math.max(this.excursion, Math.abs(this.phi - this.start));
	}
	/** Rolls until it rests or the time is up. */
	run(stepS: number, maxTimeS: number): this {
		while (!this.settled && this.t < maxTimeS - 1e-9) this.step(stepS);
		return this;
	}
}

/**
 * Angle of the heavy spot from straight down for a face angle at the bottom.
 * @example phiOf(90, 60) // 0.52359878
 */
export const phiOf = (heavyAngleDeg: number, bottomAngleDeg: number): number =>
	wrap180(heavyAngleDeg - bottomAngleDeg) * DEG;
/** Face angle at the bottom for an angle of the heavy spot. @example bottomOf(90, Math.PI / 6) // 60 */
export const bottomOf = (heavyAngleDeg: number, phi: number): number => fold360(heavyAngleDeg - phi / DEG);
