import { expect } from 'chai';
import fc from 'fast-check';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { offsetPath } from '../../../src/core/form/profile/offset-path.js';
import { distanceTo } from '../../../src/core/form/profile/unreached.js';
import { type Point, pointAt } from '../../../src/core/form/profile/segment.js';
import { close, refuses } from '../examples.js';
import { codes, run } from '../judged.js';
import { chains } from './on-form.js';

interface Program {
	text: string;
	safeX: number;
	counts: { g1: number; g2: number; g3: number };
	bounds: { xMin: number; xMax: number; zMin: number; zMax: number };
}

/** What a control does with the words: places of the middle of the tool in mm, and whether it was at rapid. Written from the standard, not from the program that made them. */
function played(
	text: string,
	o: { diameter: number | null; nose: number; rho: number }
): { at: Point; rapid: boolean }[] {
	const inch = text.includes('G20');
	const k = inch ? 25.4 : 1;
	const toX = (word: number) => (o.diameter === null ? -word * k : (o.diameter - word * k) / 2) - o.nose;
	let [z, x, code] = [NaN, NaN, ''];
	const out: { at: Point; rapid: boolean }[] = [];
	for (const line of text.split('\n')) {
		if (line.startsWith('(') || !line || line === 'M30') continue;
		const words = Object.fromEntries(
			[...line.matchAll(/([A-Z])(-?\d+(?:\.\d+)?)/g)].map((m) => [m[1]!, Number(m[2])])
		);
		if (/G40|G9|G18/.test(line)) continue;
		code = /G[0-3]/.exec(line)?.[0] ?? code;
		const [toZ, to] = [words.Z === undefined ? z : words.Z * k, words.X === undefined ? x : toX(words.X)];
		if (code === 'G2' || code === 'G3') {
			// Drawn with Z right and X up: up is away from the wheel, so G2 (clockwise) turns with growing angle in depth.
			const sense = code === 'G2' ? 1 : -1;
			let [cz, cx] = [z + (words.K ?? 0) * k, x - (words.I ?? 0) * k];
			if (words.R !== undefined) {
				const [dz, dx] = [toZ - z, to - x];
				const c = Math.hypot(dz, dx);
				const beside = (sense * Math.sqrt(Math.max(0, (words.R * k) ** 2 - (c * c) / 4))) / c;
				[cz, cx] = [(z + toZ) / 2 - dx * beside, (x + to) / 2 + dz * beside];
			}
			const from = Math.atan2(x - cx, z - cz);
			let turn = sense * (Math.atan2(to - cx, toZ - cz) - from);
			while (turn < 0) turn += 2 * Math.PI;
			const r = Math.hypot(z - cz, x - cx);
			for (let i = 1; i <= 12; i++) {
				const a = from + (sense * turn * i) / 12;
				out.push({ at: { zMm: cz + r * Math.cos(a), xMm: cx + r * Math.sin(a) }, rapid: false });
			}
		} else out.push({ at: { zMm: toZ, xMm: to }, rapid: code === 'G0' });
		[z, x] = [toZ, to];
	}
	return out;
}

const WAYS = fc.record({
	xMode: fc.constantFrom('radius', 'diameter'),
	xZero: fc.constantFrom('centre', 'nose'),
	units: fc.constantFrom('mm', 'inch'),
	direction: fc.constantFrom('plus-z', 'minus-z'),
	arcFormat: fc.constantFrom('IK', 'R')
});

describe('program of a dresser', () => {
	it('played by another interpreter runs along the path, whatever its words', () =>
		fc.assert(
			fc.property(chains(6), fc.integer({ min: 5, max: 60 }), WAYS, (segments, hundredths, ways) => {
				const rho = hundredths / 100;
				const input = {
					segments,
					tool: { kind: 'disc', tipRadiusMm: rho },
					feedMmPerMin: 80,
					wheelDiameterMm: 200,
					remainingUm: [0],
					...ways
				};
				let program: Program;
				try {
					program = run('form.gcode', input);
				} catch (e) {
					if (e instanceof InputFault && e.code === 'no-path') return;
					throw e;
				}
				const path = offsetPath(segments, rho).segments;
				const places = played(program.text, {
					diameter: ways.xMode === 'diameter' ? 200 : null,
					nose: ways.xZero === 'nose' ? rho : 0,
					rho
				});
				const [begin, end] = [path[0]!, path.at(-1)!];
				const along = places.filter(
					(p) => !p.rapid && p.at.zMm > begin.z0Mm - 1e-3 && p.at.zMm < end.z1Mm + 1e-3
				);
				for (const p of along) expect(Math.min(...path.map((s) => distanceTo(s, p.at)))).to.be.below(6e-4);
				// And everywhere along it.
				for (const s of path)
					expect(
						Math.min(...along.map((p) => Math.hypot(p.at.zMm - s.z1Mm, p.at.xMm - s.x1Mm))),
						'each corner is met'
					).to.be.below(6e-4);
				// At rapid the nose is clear of the rim and of everything the path reaches.
				const clear = Math.min(-rho, ...path.map((s) => Math.min(s.x0Mm, s.x1Mm)));
				places
					.filter((p) => p.rapid && Number.isFinite(p.at.zMm))
					.forEach((p) => expect(p.at.xMm).to.be.below(clear - 4.9));
			}),
			{ numRuns: 200 }
		));
	const CORNER = {
		segments: [
			{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
			{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
		],
		tool: { kind: 'single-point', tipRadiusMm: 0.2 },
		feedMmPerMin: 50
	};
	const of = (more: object) => run<Program>('form.gcode', { ...CORNER, ...more });
	it('passes come from the outside in, each clear of the largest that remains', () => {
		const out = of({ remainingUm: [1000, 500, 0] });
		expect(out.safeX).to.be.closeTo(0.2 + 5 + 1, 1e-9);
		expect(out.counts).to.deep.equal({ g1: 3, g2: 3, g3: 0 });
		expect(out.text.match(/^G2 X[\d.]+/gm)).to.deep.equal(['G2 X1.2000', 'G2 X0.7000', 'G2 X0.2000']);
		close(out.bounds, { xMin: -1.5, xMax: 1.2, zMin: -0.2, zMax: 12 }, 'bounds', 1e-12);
	});
	it('a nose at zero touches the rim; a diameter counts twice; inches have five decimals', () => {
		expect(of({ xZero: 'nose' }).text)
			.to.contain('G1 X0.0000 Z12.0000')
			.and.to.contain('(X IS THE TOOL NOSE)');
		expect(of({ xMode: 'diameter', wheelDiameterMm: 160 }).text).to.contain('G1 X160.4000 Z12.0000');
		const inch = of({ units: 'inch', xMode: 'diameter', wheelDiameterMm: 160 });
		expect(inch.text).to.contain('G20 G40').and.to.contain('Z0.47244').and.to.contain('F1.96850');
	});
	it('radius words cut an arc over a quarter turn in two', () => {
		const half = [{ kind: 'arc', z0Mm: 0, x0Mm: 2, z1Mm: 4, x1Mm: 2, radiusMm: 2, side: 'convex' }];
		expect(of({ segments: half, arcFormat: 'R' }).counts.g2).to.equal(2);
		expect(of({ segments: half, arcFormat: 'IK' }).counts.g2).to.equal(1);
	});
	it('brackets in a title cannot end the comment early; the compensation is said', () => {
		const { text } = of({ title: 'gland (left) G0 X-9)\nM30', dressRadialUm: 40 });
		expect(text.split('\n')[0]).to.equal('(GLAND LEFT G0 X-9 M30)');
		expect(text).to.contain('(DRESS COMPENSATION 0.0400 MM ON RADIUS, 0.0800 MM ON DIAMETER)');
	});
	it('never comes in through the wheel', () => {
		const deep = {
			segments: [
				{ kind: 'line', z0Mm: 0, x0Mm: 1, z1Mm: 5, x1Mm: 1 },
				{ kind: 'line', z0Mm: 5, x0Mm: 1, z1Mm: 10, x1Mm: 0 }
			],
			faceLeftMm: -20,
			faceRightMm: 30
		};
		expect(codes(run('form.gcode', { ...CORNER, ...deep }))).to.deep.equal(['approach-inside-wheel']);
		expect(codes(run('form.gcode', { ...CORNER, ...deep, faceLeftMm: 0, faceRightMm: 10 }))).to.deep.equal(
			[]
		);
	});
	it('says what is missing', () => {
		refuses('form.gcode', { ...CORNER, xMode: 'diameter' }, 'wheelDiameterMm', 'missing');
		refuses('form.gcode', { ...CORNER, remainingUm: [-1] }, 'remainingUm.0', 'below-minimum');
		refuses('form.gcode', { ...CORNER, feedMmPerMin: '50' }, 'feedMmPerMin', 'not-a-number');
	});
	it('its bounds hold every place of the path', () => {
		const out = of({});
		const path = offsetPath(
			[{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' }],
			0.2
		).segments;
		for (const s of path)
			for (let k = 0; k <= 10; k++)
				expect(-pointAt(s, k / 10).xMm).to.be.within(out.bounds.xMin - 1e-9, out.bounds.xMax + 1e-9);
	});
});
