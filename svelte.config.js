import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	// Benches and forms are made anew for another setup or thing (keyed), so taking the first value is what is meant.
	compilerOptions: { warningFilter: (w) => w.code !== 'state_referenced_locally' },
	kit: {
		adapter: adapter({ precompress: true }),
		alias: { $core: 'src/core' },
		// Requests from elsewhere are refused in hooks.server.ts, for every kind of body and whatever name the shop reaches the server by.
		csrf: { trustedOrigins: ['*'] },
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'worker-src': ['self', 'blob:'],
				'img-src': ['self', 'blob:', 'data:'],
				'media-src': ['self', 'blob:'],
				'font-src': ['self'],
				// Sizes that are worked out (bars, drawings) stand in style attributes.
				'style-src': ['self', 'unsafe-inline'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		typescript: { config: (c) => ({ ...c, include: [...c.include, '../tests/**/*.ts', '../tools/**/*.ts'] }) }
	}
};
