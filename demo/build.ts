/** Writes the demo studio as the document that the app opens at /demo: static/demo/studio.json. */
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readDocument } from '../src/lib/core/index';
import { composeDemo } from './compose';

const text = JSON.stringify(composeDemo());
// It is opened as it is, so it is read here as a backup is read when it comes in.
const checked = readDocument(text);
if (!checked.ok) {
	console.error([checked.message, ...checked.problems].join('\n'));
	process.exit(1);
}
const folder = join(import.meta.dirname, '../static/demo');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
writeFileSync(join(folder, 'studio.json'), text);
