/** Trying on: pictures beside the reference, ratings piece by piece, what was measured. */
import type { AsTried, PoseAdvice } from '$lib/core';
import { count } from './count';

const pose: Record<PoseAdvice, string> = {
	'no-body': 'No body was found on it. Full length, facing the camera, it can be set to the same scale.',
	'shoes-in': 'Step back a little: the shoes belong in the picture.',
	'head-in': 'Lower the camera or step back: the head is cut off.',
	'come-closer': 'Come closer: the look fills little of the picture.',
	'stand-straight': 'Stand upright, or hold the camera level.',
	'turn-more': 'Turn a little away: the reference stands less square to the camera.',
	'turn-less': 'Turn a little towards the camera: the reference stands squarer to it.',
	'other-arm': 'Turn the other way: the reference shows its other side.',
	'arm-bent': 'Bend the arm, as on the reference.',
	'arm-straight': 'Let the arm hang straighter, as on the reference.'
};

export const tryOn = {
	title: 'Try-on',
	of: (title: string) => `Try-on: ${title}`,
	back: 'Back to the fitting table',
	begin: 'Begin a try-on',
	began: 'Began a try-on',
	none: 'Nothing was tried on yet. Photograph it full length with the shoes in the picture, in the pose of the reference, then the details close up.',
	which: 'Tried on',
	another: 'Another try-on',
	remove: 'Delete this try-on',
	removed: 'Deleted a try-on',
	version: 'What was tried on',
	wornNow: 'what is worn now',
	pictures: 'Pictures',
	noPicture: 'No picture yet. Take one or bring some in, and it stands here beside the reference.',
	choose: (n: number) => `Show picture ${n}`,
	removePicture: 'Delete this picture',
	reference: 'Reference',
	tried: 'Try-on',
	ways: {
		label: 'How the two are compared',
		beside: 'Side by side',
		divider: 'Divider',
		overlay: 'Overlay',
		blink: 'Blink'
	},
	divider: 'How far the divider is moved',
	overlay: 'How much of the try-on is seen',
	blinkStep: 'Show the other',
	shownAs: { photo: 'Photograph', plate: 'Plate' },
	asPicture: 'The reference as',
	pose: 'For the next picture',
	posed: 'It stands as the reference does. Both are at one scale.',
	looking: 'Looking for the body…',
	poses: pose,
	pieces: 'Piece by piece',
	likeness: 'Likeness, 0 to 100',
	likenessBad: 'A whole number from 0 to 100',
	does: 'Does its job',
	doesIt: { yes: 'yes', partly: 'partly', no: 'no', open: 'not said' } as Record<string, string>,
	change: 'What would change',
	beside: 'Beside the reference’s',
	besideOpen: 'not said',
	isBeside: { better: 'better', same: 'as good', worse: 'worse' } as Record<string, string>,
	rated: (what: string) => `Rated ${what}`,
	measure: (what: string) => `Measure on the picture: ${what}`,
	measuring: (what: string) => `Click on the picture where it shows: ${what}. Escape ends it.`,
	measureShort: 'Measure on the picture',
	measured: (what: string) => `Measured ${what}`,
	notFound: 'Nothing can be told from that spot.',
	asMeasured: (one: AsTried, length: (cm: number) => string): string => {
		if (one.kind === 'colour')
			return {
				same: 'colour as planned',
				near: 'colour near what was planned',
				other: 'colour otherwise than planned'
			}[one.says];
		if (one.kind === 'sleeve')
			return one.same ? 'sleeves as planned' : `sleeves ${one.measured} in place of ${one.planned}`;
		if (one.higherCm === 0) return 'ends where planned';
		return `ends ${length(Math.abs(one.higherCm))} ${one.higherCm > 0 ? 'higher' : 'lower'} than planned`;
	},
	judge: 'Judge it',
	withTryOn: (day: string, pictures: number, ratings: number) =>
		`With the try-on of ${day}: ${count(pictures, 'picture', 'pictures')}, ${count(ratings, 'piece', 'pieces')} rated.`,
	withoutTryOn: 'Nothing was tried on yet; it is judged by the plates.',
	toTryOn: 'Try it on',
	clientWould: 'Would the client wear it, in their own words',
	clientWord: 'What the client says',
	clientSaid: (answer: string, word: string) => `The client: ${answer}${word ? `, “${word}”` : ''}`,
	notAsked: 'not asked yet',
	judged: 'Judged',
	computed: 'computed',
	byYou: 'by you',
	byYourWeights: 'by your weights',
	found: 'The eye found',
	nothingFound: 'The eye found nothing.',
	asItWas: (day: string) => `As it was on ${day}`
};
