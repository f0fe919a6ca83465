import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import sharp from 'sharp';

interface Manifest {
	icons: { src: string; sizes: string; type: string }[];
}
const STATIC = join(process.cwd(), 'static');

describe('what a tablet installs', () => {
	it('has icons of the sizes it says, in files that are there', async () => {
		const { icons } = JSON.parse(readFileSync(join(STATIC, 'app.webmanifest'), 'utf8')) as Manifest;
		const drawn = icons.filter((i) => i.type === 'image/png');
		expect(drawn.map((i) => i.sizes).sort()).to.deep.equal(['192x192', '512x512']);
		for (const { src, sizes } of drawn) {
			const { width, height } = await sharp(join(STATIC, src)).metadata();
			expect(`${width}x${height}`).to.equal(sizes);
		}
		expect(icons.every((i) => existsSync(join(STATIC, i.src)))).to.equal(true);
	});
});
