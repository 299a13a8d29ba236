/**
 * Photographs: what a region of one shows, and where the regions are. All of it works on plain pixels; a picture is
 * opened, and its heavy work done, in a worker. `photo-file`, which looks at files before they are opened, is loaded apart: it
 * brings a parser of its own.
 */
export { bodyScale, type BodyScale } from './body-marks';
export { expectedSpot } from './expected-spot';
export {
	frameStands,
	placedIn,
	poseAdvice,
	stoodAround,
	stoodOn,
	type PoseAdvice,
	type Stood
} from './side-by-side';
export { levelsAt, maskOfNodes, nodesInBox, nodesInMiddle, type Levels, type ReadyPhoto } from './click';
export { colourOf, type MeasuredColour } from './colour-of';
export {
	corrected,
	correctedPixels,
	correctionFor,
	knownTones,
	lightAround,
	probableLight,
	uncorrected,
	type Correction,
	type KnownTone
} from './illuminant';
export {
	afterClick,
	clickModes,
	nothingMarked,
	regionInBox,
	type Click,
	type ClickMode,
	type Clicked,
	type Marked
} from './marked';
export { measuredShape, placeOnBody, sleeveInWords, type Beside, type MeasuredFacet } from './measured-shape';
export { onBody, type OnBody } from './on-body';
export { paletteOfPlaces, type MeasuredPalette, type MeasuredSwatch } from './palette-of';
export { encodedLight, lightAt, luminance, type Light, type Pixels, type Spot } from './pixels';
export { marksOfPose, type PosePoint } from './pose-marks';
export { printHints, printOf, type MeasuredPrint, type PrintHint } from './print-of';
export { readPhoto, type PhotoReading, type PhotoReadingOptions } from './read-photo';
export { readyPhoto } from './ready';
export { areaOf, eachPixel, maskOf, overlap, regionOf, scaledTo, type Box, type Region } from './region';
export { coveringPath, joinedRegions, outlineOf, strokeRegion, withoutRegion } from './edit-region';
export type { PhotoFileFacts, PhotoProblem } from './photo-file';
export { regionOn, storedRegion } from './stored-region';
export {
	colourDispute,
	measuredPalette,
	shapeDisputes,
	withMeasured,
	withMeasuredShape
} from './measured-garment';
