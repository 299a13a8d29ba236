/** A rail as a table. Loaded apart from the rest of the core: it brings a parser of its own. */
export {
	columnsToRemember,
	guessedColumns,
	pieceReader,
	readRows,
	readTable,
	tableFieldIds,
	tableFields,
	tableOf,
	type RawTable,
	type ReadRow,
	type RowProblem,
	type TableField
} from './pieces-table';
export { csvOf } from './csv';
