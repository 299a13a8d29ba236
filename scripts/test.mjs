// `npm test`: everything that must hold, quickest first.
import { chromiumPath } from './chromium.mjs';
import { run, runTogether, setUp } from './setup.mjs';

const script = (name) => ['npm', 'run', '--silent', name];

const steps = [
	[
		'Format, lint, types and build',
		// Each of them keeps one core busy, so they are done side by side; types and build write the same folder.
		() =>
			runTogether([
				[script('lint'), script('format:check')],
				[script('types'), ['node', 'scripts/build.mjs']],
				[['node', 'scripts/chromium.mjs']]
			])
	],
	['Unit tests', () => run('npm', ['run', '--silent', 'test:unit'])],
	[
		'Browser tests',
		() =>
			run('npx', ['--no-install', 'playwright', 'test'], { CHROMIUM_PATH: chromiumPath({ whole: false }) })
	]
];

setUp();
for (const [name, step] of steps) {
	const started = Date.now();
	console.log(`\n— ${name} —`);
	await step();
	console.log(`— ${name}: done in ${((Date.now() - started) / 1000).toFixed(1)} s —`);
}
