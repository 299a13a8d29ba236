// `npm test`: everything that must hold, quickest first.
import { build } from './build.mjs';
import { chromiumPath } from './chromium.mjs';
import { run, setUp } from './setup.mjs';

const steps = [
	['Format', () => run('npm', ['run', '--silent', 'format:check'])],
	['Lint', () => run('npm', ['run', '--silent', 'lint'])],
	['Types', () => run('npm', ['run', '--silent', 'types'])],
	['Unit tests', () => run('npm', ['run', '--silent', 'test:unit'])],
	['Build', build],
	[
		'Browser tests',
		() => run('npx', ['--no-install', 'playwright', 'test'], { CHROMIUM_PATH: chromiumPath() })
	]
];

setUp();
for (const [name, step] of steps) {
	const started = Date.now();
	console.log(`\n— ${name} —`);
	step();
	console.log(`— ${name}: done in ${((Date.now() - started) / 1000).toFixed(1)} s —`);
}
