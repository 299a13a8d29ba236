import type { Calibrated, Rated } from '../core/calibration';
import type { CalibrationWorker } from './calibration.worker';
import { sessionWorker } from './session';

const inCalibration = sessionWorker<CalibrationWorker>(
	() => new Worker(new URL('./calibration.worker.ts', import.meta.url), { type: 'module' })
);

/** Weights that fit a stylist's judgements, off the main thread. */
export const calibrateInWorker = (
	rated: readonly Rated[],
	signal?: AbortSignal
): Promise<Calibrated | undefined> => inCalibration((worker) => worker.calibrate(rated), signal);
