/** The pose model of the app, loaded without a browser. */
import { setWasmPaths } from '@tensorflow/tfjs-backend-wasm';
import { loadGraphModel } from '@tensorflow/tfjs-converter';
import { ready, setBackend } from '@tensorflow/tfjs-core';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

export const modelFiles = ['blazepose-lite.json', 'blazepose-lite.bin'].map((name) =>
	join('static/models', name)
);

export async function poseModel() {
	setWasmPaths(`${join(process.cwd(), 'node_modules/@tensorflow/tfjs-backend-wasm/dist')}/`);
	await setBackend('wasm');
	await ready();
	const [json = '', bin = ''] = modelFiles;
	const { modelTopology, weightsManifest, signature } = JSON.parse(readFileSync(json, 'utf8'));
	const weightData = Uint8Array.from(readFileSync(bin)).buffer;
	const weightSpecs = weightsManifest.flatMap(({ weights }: { weights: unknown[] }) => weights);
	return loadGraphModel({ load: async () => ({ modelTopology, weightSpecs, weightData, signature }) });
}
