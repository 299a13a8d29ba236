/** The pose model, ready to be asked. Loaded apart, and only when a picture of a body is opened: it is large. */
import { setWasmPaths } from '@tensorflow/tfjs-backend-wasm';
import simd from '@tensorflow/tfjs-backend-wasm/dist/tfjs-backend-wasm-simd.wasm?url';
import threaded from '@tensorflow/tfjs-backend-wasm/dist/tfjs-backend-wasm-threaded-simd.wasm?url';
import plain from '@tensorflow/tfjs-backend-wasm/dist/tfjs-backend-wasm.wasm?url';
import { loadGraphModel, type GraphModel } from '@tensorflow/tfjs-converter';
import { ready, setBackend } from '@tensorflow/tfjs-core';

export { findPose } from './find-pose';

let loaded: Promise<GraphModel> | undefined;

async function load(): Promise<GraphModel> {
	setWasmPaths({
		'tfjs-backend-wasm.wasm': plain,
		'tfjs-backend-wasm-simd.wasm': simd,
		'tfjs-backend-wasm-threaded-simd.wasm': threaded
	});
	await setBackend('wasm');
	await ready();
	return loadGraphModel('/models/blazepose-lite.json');
}

/** Loads the model once; after a failure it is tried anew. */
export function poseModel(): Promise<GraphModel> {
	loaded ??= load().catch((error: unknown) => {
		loaded = undefined;
		throw error;
	});
	return loaded;
}
