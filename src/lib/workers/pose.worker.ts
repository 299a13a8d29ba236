/// <reference lib="webworker" />
import { expose } from 'comlink';
import type { BodyMarks } from '../core/model';
import { marksOfPose, type Pixels } from '../core/photo';

const worker = {
	/** The marks of the body in a picture; undefined where nobody is found, or where the model cannot be loaded. */
	async marks(picture: Pixels): Promise<BodyMarks | undefined> {
		try {
			const { findPose, poseModel } = await import('./pose/load-model');
			const points = await findPose(await poseModel(), picture);
			return points && marksOfPose(points, picture);
		} catch (error) {
			// Marks can be set by hand; whoever looks into it is told.
			console.warn(error);
			return undefined;
		}
	}
};
export type PoseWorker = typeof worker;
expose(worker);
