import { expect } from 'chai';
import { proxyConfig } from '../../tools/cluster/proxy.js';

describe('the proxy before two applications', () => {
	it('asks each for its health, under the name people type, and sends to whichever answers', () => {
		const lines = proxyConfig(4173, [4617, 4618])
			.split('\n')
			.map((l) => l.trim());
		expect(lines).to.include.members([
			'bind 127.0.0.1:4173',
			'option httpchk GET /health',
			'http-check send hdr Host 127.0.0.1:4173',
			'option redispatch 1'
		]);
		expect(lines.filter((l) => l.startsWith('server '))).to.have.length(2);
		expect(lines.find((l) => l.includes(':4618'))).to.match(/ check inter 1s fall 2 rise 1$/);
		expect(lines.some((l) => l.startsWith('cookie'))).to.equal(false);
	});
});
