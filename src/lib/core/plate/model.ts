import type { MoveId } from '../lexicon/moves';
import type { Side } from '../lexicon/sides';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import type { Point } from './path';

/** What is to be drawn: garments, each under the id of the element or piece that it stands for. */
export interface PlateLook {
	worn: { id: string; garment: Garment; moves: readonly MoveId[]; side?: Side | undefined }[];
}

/**
 * Whom it is drawn on; without measures a neutral figure stands in. A figure of "form" is a dress form of the same
 * measures, for showing a single piece.
 */
export interface PlateBody {
	measurements?: Client['measurements'];
	figure?: Client['figure'] | 'form';
}

/** A flat colour, one of the plate's patterns, or one of its lights, by id. */
export type Paint =
	{ kind: 'colour'; hex: string } | { kind: 'pattern'; id: string } | { kind: 'light'; id: string };

export interface PlateShape {
	/** SVG path data in plate units. */
	d: string;
	fill?: Paint;
	stroke?: string;
	strokeWidth?: number;
	/** 0..1, default 1 */
	opacity?: number;
}

/** A repeating tile; its shapes are drawn over the background. */
export interface PlatePattern {
	id: string;
	width: number;
	height: number;
	/** Clockwise, in degrees. */
	rotation: number;
	/** None where what is under it shows. */
	background?: string;
	shapes: PlateShape[];
}

/** Light and shadow from the left to the right end of whatever shape it is laid over. */
export interface PlateLight {
	id: string;
	/** Each at a share of the breadth, from left to right. */
	stops: { at: number; hex: string; opacity: number }[];
}

/** All shapes of one garment, or of the figure itself. Painted in order. */
export interface PlateLayer {
	/** Id of the element or piece; "figure", "hair" or "head" for the body's own. */
	id: string;
	shapes: PlateShape[];
	/** What is held keeps its form whatever the body does; what is worn leg by leg goes with each; all else is one cloth. */
	goes?: 'held' | 'by-leg';
	/** Seen on this side of whoever wears it alone: their left is the right half of the plate, from its middle on. */
	side?: Side;
}

/** The half of a plate on which a layer of one side is seen, from the left, in plate units: its middle is at 0. */
export const halfOf = (side: Side, { width, height }: Pick<Plate, 'width' | 'height'>) => ({
	x: side === 'left' ? 0 : -width / 2,
	y: 0,
	width: width / 2,
	height
});

/** Heights of the body's landmarks in plate units, downwards. */
export interface Landmarks {
	crown: number;
	chin: number;
	shoulder: number;
	bust: number;
	elbow: number;
	waist: number;
	wrist: number;
	hip: number;
	crotch: number;
	knee: number;
	ankle: number;
	sole: number;
	floor: number;
}

/** Plain geometry: a renderer needs no knowledge of clothes. */
export interface Plate {
	width: number;
	height: number;
	layers: PlateLayer[];
	patterns: PlatePattern[];
	lights: PlateLight[];
	landmarks: Landmarks;
	/** The right edge of the trunk, from the neck down to the crotch. */
	trunk: readonly Point[];
	/** A narrow skirt to the knee or below lets no more than short steps. */
	shortSteps?: true;
	/** Seen from behind: left and right change places when it is shown. */
	mirrored?: boolean;
}

/** From where a look is seen. */
export type PlateSide = 'front' | 'behind';

/** How the wearer is seen. Standing, everything hangs; the others tell what rides up, spreads, opens. */
export const postures = ['standing', 'sitting', 'walking'] as const;
export type Posture = (typeof postures)[number];
