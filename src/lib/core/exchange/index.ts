/** What goes out and comes in: documents, backups, the market’s questions and answers. */
export { openArchive, openBackup, type ArchiveWriter, type OpenedArchive } from './archive';
export { movedToToday } from './dates';
export { documentOf, readDocument, type Read } from './document';
export {
	listingsAnswerSchema,
	listingsQuerySchema,
	marketAnswerSchema,
	marketQuerySchema,
	marketSearchAnswerSchema,
	marketSearchSchema,
	marketShopsSchema,
	parcelsAnswerSchema,
	parcelsQuerySchema,
	parcelStates,
	problemSchema,
	type ListingsAnswer,
	type ListingsQuery,
	type MarketAnswer,
	type MarketQuery,
	type MarketSearch,
	type MarketSearchAnswer,
	type MarketShops,
	type ParcelsAnswer,
	type ParcelsQuery,
	type Problem
} from './market';
export { briefly, problemsInWords } from './problems';
export { textOf } from './text-of';
export { weatherAnswerSchema, weatherQuerySchema, type WeatherAnswer, type WeatherQuery } from './weather';

export { mergeRows, partOf, type MergeRow, type RecordKey } from './share';
