import { defineConfig } from 'vite';

/** The thread that does what is heavy: the same sources, built once more for a thread without pages. */
export default defineConfig({
	publicDir: false,
	build: {
		ssr: 'src/lib/server/jobs/thread.ts',
		outDir: 'build/thread',
		emptyOutDir: true,
		target: 'node20',
		rollupOptions: { output: { entryFileNames: 'thread.js' } }
	}
});
