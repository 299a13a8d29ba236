/** The market in a thread of its own, so that no question to it holds up the server. */
import { expose } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import { parentPort, workerData } from 'node:worker_threads';
import { marketOf } from './market';

if (!parentPort) throw new Error('The market’s thread is started by the server, never by itself');
expose(marketOf(workerData as number), nodeEndpoint(parentPort));
