/** A rail as a table. Loaded apart from the rest of the core: it brings a parser of its own. */
export {
	phraseOf,
	pieceReader,
	readRows,
	tableFields,
	tableOf,
	type ReadRow,
	type TableField
} from './pieces-table';
export {
	columnsToRemember,
	guessedColumns,
	readTable,
	type ColumnFields,
	type Columns,
	type RawTable,
	type RowProblem
} from './raw-table';
export {
	chartOfListings,
	idOfShop,
	listingFields,
	readListings,
	readShopTable,
	type ListingField,
	type ReadListing
} from './listings-table';
export { csvOf } from './csv';
