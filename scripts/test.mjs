// `npm test`: everything that must hold, quickest first.
import { build } from './build.mjs';
import { chromiumPath } from './chromium.mjs';
import { run, runTogether, setUp } from './setup.mjs';

const steps = [
	[
		'Format, lint and types',
		// Each of them keeps one core busy, so they are done side by side.
		() => runTogether(['format:check', 'lint', 'types'].map((script) => ['npm', 'run', '--silent', script]))
	],
	['Unit tests', () => run('npm', ['run', '--silent', 'test:unit'])],
	['Build', build],
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
