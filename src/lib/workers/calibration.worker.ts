/// <reference lib="webworker" />
import { expose } from 'comlink';
import { calibrate, type Calibrated, type Rated } from '../core/calibration';

const worker = { calibrate: (rated: readonly Rated[]): Calibrated | undefined => calibrate(rated) };

export type CalibrationWorker = typeof worker;
expose(worker);
