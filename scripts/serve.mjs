// Serves the built app on this machine only, at one canonical address: the browser keeps a studio per
// host and port, so a silently changed address would look like a lost studio.
import { createServer } from 'node:http';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { isPart, policyOf } from './policy.mjs';

/** Headers for every response. */
const headers = {
	'cross-origin-resource-policy': 'same-origin',
	'x-content-type-options': 'nosniff'
};
/** Besides, for all that can stand by itself: pages, workers, data; their policy as well. */
const ownHeaders = {
	'cross-origin-opener-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()',
	'referrer-policy': 'no-referrer'
};

const defaultPort = 4573;

/** The port that was asked for, or the usual one; ends the process with one line where it is no port. */
export function portFrom(asked) {
	if (asked === undefined || asked.trim() === '') return defaultPort;
	const port = Number(asked);
	if (Number.isInteger(port) && port >= 1024 && port <= 65_535) return port;
	console.error(
		`PORT=${asked} is no port for this: give a whole number from 1024 to 65535, or leave it out for ${defaultPort}.`
	);
	return process.exit(1);
}

/** Starts the server and resolves with its address once it listens. */
export async function serve({ port, quiet = false }) {
	const host = '127.0.0.1';
	const origin = `http://${host}:${port}`;
	process.env.ORIGIN = origin;
	process.env.SHUTDOWN_TIMEOUT ??= '2';
	process.env.MARKET_THREAD ??= fileURLToPath(new URL('../build/threads/thread.js', import.meta.url));
	const { handler } = await import('../build/handler.js');
	// What was not compressed when it was built: the answers of the shops above all.
	const { default: compression } = await import('compression');
	const compressed = compression();

	const server = createServer((request, response) => {
		const path = request.url ?? '/';
		const all = isPart(path)
			? headers
			: { ...headers, ...ownHeaders, 'content-security-policy': policyOf(path) };
		for (const [name, value] of Object.entries(all)) response.setHeader(name, value);
		if (request.headers.host !== `${host}:${port}`) {
			response.writeHead(308, { location: origin + (request.url ?? '/') }).end();
			return;
		}
		compressed(request, response, () => handler(request, response));
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
	await serve({ port: portFrom(process.env.PORT), quiet: true });
