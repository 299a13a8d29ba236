/** Writes the demo studio that the app opens at /demo: its document as static/demo/studio.json, its photographs beside it. */
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readDocument } from '../src/lib/core/index';
import { composeDemo } from './compose';
import { withPhotographs } from './photographs';

const { document, files } = await withPhotographs(composeDemo());
const text = JSON.stringify(document);
// It is opened as it is, so it is read here as a backup is read when it comes in.
const checked = readDocument(text);
if (!checked.ok) {
	console.error([checked.message, ...checked.problems].join('\n'));
	process.exit(1);
}
const folder = join(import.meta.dirname, '../static/demo');
rmSync(folder, { recursive: true, force: true });
mkdirSync(join(folder, 'photos'), { recursive: true });
writeFileSync(join(folder, 'studio.json'), text);
for (const [hash, bytes] of files) writeFileSync(join(folder, 'photos', `${hash}.webp`), bytes);
