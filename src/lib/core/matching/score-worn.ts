/** The score of an echo, given what it is forgiven: all that a view needs that shows no more than the figure. */
import { scoreLook, type LookCloseness, type ScoreOptions } from '../closeness/look';
import type { Echo } from '../model/echo';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { wornIn } from './items';

/** Can what an echo mends of its reference be forgiven? Only the school of spirit does, and has the eye look for it. */
export const canForgive = ({ schools }: Pick<Echo, 'schools'>) => schools.closeness === 'spirit';

/** How close an echo comes to its reference, with what it is forgiven: nothing unless told. */
export const scoreWorn = (
	echo: Pick<Echo, 'matches' | 'schools'>,
	reference: Pick<Reference, 'elements'>,
	pieces: readonly Piece[],
	{ client, forgiven }: Pick<ScoreOptions, 'client' | 'forgiven'> = {}
): LookCloseness => scoreLook(reference, wornIn(echo, pieces), { schools: echo.schools, client, forgiven });
