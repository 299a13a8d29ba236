/** Writes the demo studio as a backup file that the app serves: static/demo/studio.zip. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { packStudio, readDocument } from '../src/lib/core/index';
import { composeDemo } from './compose';

const document = composeDemo();
const checked = readDocument(JSON.stringify(document));
if (!checked.ok) {
	console.error([checked.message, ...checked.problems].join('\n'));
	process.exit(1);
}
const folder = join(import.meta.dirname, '../static/demo');
const parts: Uint8Array[] = [];
packStudio(document, (bytes) => parts.push(bytes));
mkdirSync(folder, { recursive: true });
writeFileSync(join(folder, 'studio.zip'), Buffer.concat(parts));
