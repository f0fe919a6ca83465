import { createHash } from 'node:crypto';
import { sveltekit } from '@sveltejs/kit/vite';
import { type Plugin, defineConfig } from 'vite';
import { printOfCore } from './src/lib/server/setups/core-print.js';

/** What Vite notes of a chunk for the manifest. */
interface Noted {
	viteMetadata?: { importedCss: Set<string> };
}

/**
 * All style sheets of the application as one file that every page shares: a browser asks once and keeps it, instead of forty small ones a
 * page. What every page rests on stands first.
 */
const oneSheet = (): Plugin => ({
	name: 'one-sheet',
	apply: 'build',
	applyToEnvironment: (environment) => environment.name === 'client',
	generateBundle: {
		order: 'pre',
		handler(_options, bundle) {
			const sheets = Object.values(bundle).filter((f) => f.type === 'asset' && f.fileName.endsWith('.css'));
			if (sheets.length < 2) return;
			const first = (name: string) => Number(!/\/base\./.test(name));
			sheets.sort((a, b) => first(a.fileName) - first(b.fileName) || (a.fileName < b.fileName ? -1 : 1));
			const text = sheets.map((s) => (s.type === 'asset' ? s.source.toString() : '')).join('\n');
			const hash = createHash('sha256').update(text).digest('hex').slice(0, 8);
			const folder = sheets[0]!.fileName.replace(/[^/]*$/, '');
			const fileName = `${folder}all.${hash}.css`;
			for (const s of sheets) delete bundle[s.fileName];
			this.emitFile({ type: 'asset', fileName, source: text });
			for (const chunk of Object.values(bundle)) {
				const css = (chunk as Noted).viteMetadata?.importedCss;
				if (!css?.size) continue;
				css.clear();
				css.add(fileName);
			}
		}
	}
});

/** What most pages need comes as one file: small ones compress worse, and each is asked for by itself. */
const FRAME = {
	name: 'frame',
	test: /src\/(lib\/(ui|desk)|core\/(calculation|quantity))|node_modules\/@lucide/,
	minShareCount: 6
};

export default defineConfig({
	plugins: [sveltekit(), oneSheet()],
	build: { rolldownOptions: { output: { codeSplitting: { groups: [FRAME] } } } },
	define: { __CORE_PRINT__: JSON.stringify(printOfCore('src/core')) },
	server: { host: '127.0.0.1' }
});
