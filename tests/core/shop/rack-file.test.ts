import { expect } from 'chai';
import fc from 'fast-check';
import { InputFault } from '../../../src/core/calculation/fault.js';
import {
	RACK_COLUMNS,
	cellIn,
	cellOut,
	matchColumns,
	rackLine,
	readRackLine
} from '../../../src/core/shop/rack-file.js';
import { bareColumns, headed, namedUnits, unsaid } from '../../../src/core/shop/rack-units.js';
import { encodingOf } from '../../../src/core/shop/text-encoding.js';

const headings = RACK_COLUMNS.map((c) => c.heading);
const own = matchColumns(headings);
const line = (change: Record<string, string> = {}) =>
	RACK_COLUMNS.map(
		(c) =>
			(
				({
					number: '0901',
					marking: 'WA 60 K 7 V',
					newDiameterMm: '300',
					diameterMm: '290',
					widthMm: '32',
					boreMm: '76.2',
					minDiameterMm: '180',
					massKg: '4.6',
					ratedMps: '40',
					place: 'bay 1',
					...change
				}) as Record<string, string>
			)[c.field] ?? ''
	);
const fault = (change: Record<string, string>) => {
	try {
		readRackLine(line(change), own);
	} catch (e) {
		if (e instanceof InputFault) return `${e.field} ${e.code}`;
		throw e;
	}
	return 'taken';
};

describe('rack files', () => {
	it('finds its own columns, and columns called otherwise, each once', () => {
		expect(Object.keys(own)).to.have.length(RACK_COLUMNS.length);
		expect(
			matchColumns([
				'Wheel',
				'Spec',
				'Diameter',
				'Thickness (mm)',
				'Bore (mm)',
				'Min diameter',
				'Weight',
				'Max RPM',
				'Shelf'
			])
		).to.deep.equal({
			number: 0,
			marking: 1,
			newDiameterMm: 2,
			widthMm: 3,
			boreMm: 4,
			minDiameterMm: 5,
			massKg: 6,
			ratedRpm: 7,
			place: 8
		});
		expect(matchColumns(['x', 'y'])).to.deep.equal({});
	});
	it('keeps the rim of a cup, which no diameter tells', () => {
		const cup = line({ marking: 'D126 R 75 B', shape: '11', rimDepthMm: '3.2', rimWidthMm: '10' });
		const taken = readRackLine(cup, own);
		expect(taken).to.include({ rimDepthMm: 3.2, rimWidthMm: 10 });
		const written = rackLine({ ...taken.wheel, rimDepthMm: 3.2, rimWidthMm: 10, shape: '11' });
		expect(readRackLine(written, own)).to.include({ rimDepthMm: 3.2, rimWidthMm: 10 });
	});
	it('a list in inches is taken in inches: by the unit in a heading, or as the whole list was said to be', () => {
		const heads = [
			'Wheel',
			'Spec',
			'Diameter (in)',
			'Width [inch]',
			'Bore_in',
			'Scrap diameter"',
			'Weight lb',
			'Max speed sfpm',
			'Bay'
		];
		const match = matchColumns(heads);
		expect(match).to.deep.equal({
			number: 0,
			marking: 1,
			newDiameterMm: 2,
			widthMm: 3,
			boreMm: 4,
			minDiameterMm: 5,
			massKg: 6,
			ratedMps: 7,
			place: 8
		});
		const cells = ['0902', 'WA 60 K 7 V', '12', '1-1/4', '3', '7 1/2', '10', '6500', 'bay 1'];
		const booked = {
			newDiameterMm: 304.8,
			diameterMm: 304.8,
			widthMm: 31.75,
			boreMm: 76.2,
			minDiameterMm: 190.5,
			massKg: 4.5359237,
			ratedMps: 33.02
		};
		expect(unsaid(match, heads, bareColumns([cells], heads.length))).to.deep.equal([]);
		expect(readRackLine(cells, match, { bare: 'mm', named: namedUnits(match, heads) }).wheel).to.include(
			booked
		);
		const silent = ['Wheel', 'Spec', 'Diameter', 'Width', 'Bore', 'Scrap diameter', 'Weight', 'Max speed'];
		expect(unsaid(match, silent, bareColumns([cells], silent.length))).to.have.length(6);
		expect(readRackLine(cells, match, { bare: 'inch', named: {} }).wheel).to.include(booked);
		// What says its unit in the cell is taken by it, whatever the heading says.
		expect(
			readRackLine(
				['0902', 'WA 60 K 7 V', '300 mm', '1-1/4', '76.2 mm', '7 1/2', '4 kg', '33 m/s', 'bay 1'],
				match,
				{
					bare: 'inch',
					named: namedUnits(match, heads)
				}
			).wheel
		).to.include({ newDiameterMm: 300, boreMm: 76.2, massKg: 4, ratedMps: 33, widthMm: 31.75 });
	});
	it('a unit behind a heading is seen, a word that only looks like one is not', () => {
		for (const [h, unit, name] of [
			['Diameter (mm)', 'mm', 'Diameter'],
			['bore_in', 'in', 'bore'],
			['Max RPM', 'rpm', 'Max'],
			['rpm', 'rpm', 'rpm'],
			['m/s', 'm/s', 'm/s'],
			['D "', 'in', 'D'],
			['Bin', null, 'Bin'],
			['Diameter in use', null, 'Diameter in use']
		] as const)
			expect(headed(h), h).to.deep.equal({ name, unit });
	});
	it('reads quantities as people write them', () => {
		const w = readRackLine(
			line({
				newDiameterMm: '12 in',
				diameterMm: '11-3/4"',
				widthMm: '32,5',
				boreMm: '3 in',
				massKg: '10 lb',
				ratedMps: '6500 sfm'
			}),
			own
		).wheel;
		expect(w.newDiameterMm).to.be.closeTo(304.8, 1e-9);
		expect(w.diameterMm).to.be.closeTo(298.45, 1e-9);
		expect(w.widthMm).to.equal(32.5);
		expect(w.massKg).to.be.closeTo(4.536, 1e-3);
		expect(w.ratedMps).to.be.closeTo(33.02, 1e-2);
	});
	it('names the field that is wrong', () => {
		expect(fault({ boreMm: 'three' })).to.equal('boreMm not-a-number');
		expect(fault({ number: '' })).to.equal('number missing');
		expect(fault({ number: 'a b' })).to.equal('number not-allowed');
		expect(fault({ marking: 'hello' })).to.equal('marking inconsistent');
		expect(fault({ diameterMm: '310' })).to.equal('diameterMm inconsistent');
		expect(fault({ expiresOn: '2030-02-30' })).to.equal('expiresOn not-a-date');
		expect(fault({ state: 'lost' })).to.equal('state unknown-choice');
		expect(fault({ place: 'x'.repeat(50) })).to.equal('place above-maximum');
		expect(fault({})).to.equal('taken');
	});
	it('takes a quarantined wheel as quarantined, and never a doubtful one as free', () => {
		expect(readRackLine(line({ state: 'quarantined', reason: 'dull ring' }), own)).to.include({
			state: 'quarantined',
			reason: 'dull ring'
		});
		expect(readRackLine(line({ state: 'available', ratedMps: '' }), own)).to.include({
			state: 'quarantined',
			reason: 'no readable speed'
		});
		expect(readRackLine(line({ diameterMm: '' }), own).wheel.diameterMm).to.equal(300);
	});
	it('gives every cell back as it was, formulas made harmless', () =>
		fc.assert(
			fc.property(fc.string({ maxLength: 30 }), (text) => {
				const out = cellOut(text);
				expect(cellIn(out)).to.equal(text);
				expect(out).not.to.match(/^[=+\-@\t\r]/);
			}),
			{ numRuns: 1000 }
		));
	it('writes a wheel and reads the same wheel', () => {
		const taken = readRackLine(line({ state: 'quarantined', reason: '=1+1 or so' }), own);
		const again = readRackLine(
			rackLine({
				...taken.wheel,
				shape: taken.shape,
				ratedMps: taken.ratedMps,
				state: taken.state,
				reason: taken.reason
			}),
			own
		);
		expect(again).to.deep.equal(taken);
	});
	it('tells encodings apart', () => {
		const utf16 = (text: string, big: boolean) =>
			Uint8Array.from([...text].flatMap((c) => (big ? [0, c.charCodeAt(0)] : [c.charCodeAt(0), 0])));
		expect(encodingOf(new TextEncoder().encode('Größe;Maß'))).to.equal('utf-8');
		expect(encodingOf(Uint8Array.from([0xef, 0xbb, 0xbf, 65]))).to.equal('utf-8');
		expect(encodingOf(Uint8Array.from([71, 114, 0xf6, 0xdf, 101]))).to.equal('windows-1252');
		expect(encodingOf(Uint8Array.from([0xff, 0xfe, 65, 0]))).to.equal('utf-16le');
		expect(encodingOf(utf16('number;marking', false))).to.equal('utf-16le');
		expect(encodingOf(utf16('number;marking', true))).to.equal('utf-16be');
	});
});
