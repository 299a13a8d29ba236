// Serves the built app on this machine only, at one canonical address: the browser keeps a studio per
// host and port, so a silently changed address would look like a lost studio.
import { createServer } from 'node:http';
import { pathToFileURL } from 'node:url';

/**
 * Headers for every response. Pages overwrite the policy with one that carries their nonce; files,
 * workers among them, keep this one.
 */
const headers = {
	'content-security-policy':
		"default-src 'self'; script-src 'self'; worker-src 'self'; style-src 'self'; style-src-attr 'unsafe-inline'; img-src 'self' blob: data:; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()',
	'referrer-policy': 'no-referrer',
	'x-content-type-options': 'nosniff'
};

/** Starts the server and resolves with its address once it listens. */
export async function serve({ port, quiet = false }) {
	const host = '127.0.0.1';
	const origin = `http://${host}:${port}`;
	process.env.ORIGIN = origin;
	process.env.SHUTDOWN_TIMEOUT ??= '2';
	const { handler } = await import('../build/handler.js');

	const server = createServer((request, response) => {
		for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
		if (request.headers.host !== `${host}:${port}`) {
			response.writeHead(308, { location: origin + (request.url ?? '/') }).end();
			return;
		}
		handler(request, response);
	});
	await new Promise((resolve, reject) => {
		server.once('error', reject).listen(port, host, resolve);
	}).catch((error) => {
		const reason =
			error.code === 'EADDRINUSE'
				? `Port ${port} is taken by another program. Stop that one, or choose another with PORT=4574 npm start;\nanother port is another address to the browser, and has a studio of its own.`
				: `Could not listen on ${origin}: ${error.message}`;
		console.error(reason);
		process.exit(1);
	});
	if (!quiet) {
		console.log(`\n  Prime Echo   ${origin}/demo   the demo studio, ready to use`);
		console.log(`               ${origin}        your own studio\n`);
		console.log('  Everything stays in your browser. Ctrl+C stops the server.\n');
	}
	return { origin, close: () => new Promise((resolve) => server.close(resolve)) };
}

if (import.meta.url === pathToFileURL(process.argv[1]).href)
	await serve({ port: Number(process.env.PORT ?? 4573), quiet: true });
