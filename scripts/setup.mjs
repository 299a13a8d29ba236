// Makes a fresh clone ready: packages, then Kit's generated files. Needs nothing but Node.js and npm.
// Explicit, because `ignore-scripts=true` in .npmrc also silences npm's pre- and prepare-scripts.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** Runs a command in the project's folder with its output shown; ends this process when it fails. */
export function run(command, args, env = {}) {
	const result = spawnSync(command, args, {
		cwd: root,
		stdio: 'inherit',
		env: { ...process.env, ...env }
	});
	if (result.error || result.status !== 0) {
		console.error(`\nStopped: "${command} ${args.join(' ')}" failed.`);
		process.exit(result.status ?? 1);
	}
}

/** Runs a command in the project's folder; what it says is shown whole when it has ended. */
const runApart = ([command, ...args]) =>
	new Promise((resolve) => {
		const child = spawn(command, args, { cwd: root, env: process.env });
		const said = [];
		const hear = (chunk) => said.push(chunk);
		child.stdout.on('data', hear);
		child.stderr.on('data', hear);
		const end = (status) => {
			process.stdout.write(Buffer.concat(said));
			resolve({ line: [command, ...args].join(' '), status });
		};
		child.once('error', (error) => {
			said.push(Buffer.from(`${error.message}\n`));
			end(1);
		});
		child.once('close', (status) => end(status ?? 1));
	});

/**
 * Runs rows of commands at the same time, those of a row one after another until one fails. Ends this process when one has failed,
 * after all rows have ended.
 */
export async function runTogether(rows) {
	const failed = await Promise.all(
		rows.map(async (row) => {
			for (const command of row) {
				const ended = await runApart(command);
				if (ended.status !== 0) return ended;
			}
			return undefined;
		})
	);
	const stopped = failed.filter((one) => one !== undefined);
	if (stopped.length === 0) return;
	for (const { line } of stopped) console.error(`\nStopped: "${line}" failed.`);
	process.exit(stopped[0].status);
}

/** A hash over the names and contents of files and folders, to tell whether anything changed. */
export function fingerprint(places) {
	const hash = createHash('sha256');
	const visit = (place) => {
		const path = join(root, place);
		if (!existsSync(path)) return;
		if (statSync(path).isDirectory()) {
			for (const name of readdirSync(path).sort()) visit(join(place, name));
		} else hash.update(place).update('\0').update(readFileSync(path)).update('\0');
	};
	places.forEach(visit);
	return hash.digest('hex');
}

/** Does the work unless the stamp says that it was done for this very state. */
export function unlessDone(stampPlace, state, work) {
	const stamp = join(root, stampPlace);
	if (existsSync(stamp) && readFileSync(stamp, 'utf8') === state) return;
	work();
	mkdirSync(dirname(stamp), { recursive: true });
	writeFileSync(stamp, state);
}

export function setUp() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 19)) {
		console.error(`Prime Echo needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
		process.exit(1);
	}
	unlessDone('node_modules/.prime-echo-packages', fingerprint(['package.json', 'package-lock.json']), () => {
		console.log('Installing packages…');
		run('npm', ['ci', '--no-audit', '--no-fund']);
	});
	if (!existsSync(join(root, '.svelte-kit/tsconfig.json')))
		run('npx', ['--no-install', 'svelte-kit', 'sync']);
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) setUp();
