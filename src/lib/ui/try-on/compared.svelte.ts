/** What of the reference stands beside a picture of a try-on: all of it at one scale, or, beside a detail, the same thing near by. */
import {
	drawPlate,
	framingOf,
	garmentType,
	referenceLook,
	stoodAround,
	stoodOn,
	type BodyMarks,
	type Client,
	type Photo,
	type Reference,
	type Stood,
	type TryOn
} from '$lib/core';

interface Compared {
	tryOn: TryOn | undefined;
	picture: Photo | undefined;
	reference: Reference;
	/** The reference's photograph, and the marks of the body on it. */
	original: Photo | undefined;
	originalMarks: BodyMarks | undefined;
	client: Client;
	/** Is the plate preferred to the photograph? */
	asPlate: boolean;
}

const whole = { x: 0, y: 0, width: 1, height: 1 };

/** Call it while a component is being set up. */
export function comparedWith(of: () => Compared) {
	const look = $derived(referenceLook(of().reference));
	const plate = $derived(drawPlate(look, of().client));
	const detail = $derived(of().tryOn?.details?.find(({ photoId }) => photoId === of().picture?.id));
	const element = $derived(of().reference.elements.find(({ id }) => id === detail?.elementId));
	const region = $derived(element?.regions?.find(({ photo }) => photo === of().original?.id));
	/** A photograph that does not say where the thing is cannot show it near by. */
	const hasChoice = $derived(of().original !== undefined && (!element || region !== undefined));
	const showsPhoto = $derived(hasChoice && !of().asPlate);

	function onPlate(): Stood {
		if (!element)
			return {
				width: plate.width,
				height: plate.height,
				crown: { x: plate.width / 2, y: plate.landmarks.crown },
				floor: { x: plate.width / 2, y: plate.landmarks.floor }
			};
		const [left, top, width, height] = framingOf(garmentType(element.garment.type).slot, plate, element.id);
		const part = {
			x: (left + plate.width / 2) / plate.width,
			y: top / plate.height,
			width: width / plate.width,
			height: height / plate.height
		};
		return stoodAround(part, plate);
	}
	const referenceStood = $derived.by((): Stood => {
		const { original, originalMarks } = of();
		if (!showsPhoto || !original) return onPlate();
		return region ? stoodAround(region, original) : stoodOn(originalMarks, original);
	});

	return {
		get look() {
			return look;
		},
		/** The picture is a detail; of which element, where that was said. */
		get detail() {
			return detail;
		},
		/** Can photograph or plate be chosen? */
		get hasChoice() {
			return hasChoice;
		},
		get showsPhoto() {
			return showsPhoto;
		},
		get referenceStood() {
			return referenceStood;
		},
		/** How a picture of the try-on stands in its frame: a detail fills it. */
		triedStood: (photo: Photo, marks: BodyMarks | undefined): Stood =>
			detail ? stoodAround(whole, photo) : stoodOn(marks, photo),
		/** Which of some pictures show a thing near by. */
		detailsOf: (pictures: readonly Photo[], elementId: string) =>
			pictures.filter(({ id }) =>
				of().tryOn?.details?.some((one) => one.photoId === id && one.elementId === elementId)
			)
	};
}
