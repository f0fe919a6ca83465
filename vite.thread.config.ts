import { defineConfig } from 'vite';
import { printOfCore } from './src/lib/server/setups/core-print.js';

/** The thread that does what is heavy: the same sources, built once more for a thread without pages. */
export default defineConfig({
	publicDir: false,
	define: { __CORE_PRINT__: JSON.stringify(printOfCore('src/core')) },
	build: {
		ssr: 'src/lib/server/jobs/thread.ts',
		outDir: 'build/thread',
		emptyOutDir: true,
		target: 'node20',
		rollupOptions: { output: { entryFileNames: 'thread.js' } }
	}
});
