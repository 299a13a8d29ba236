/** What is handed over to the client, and what comes back. */
export { lookbookOf, type BookLook, type BookPiece, type BookSource, type Lookbook } from './lookbook';
export {
	answerFileSchema,
	lastSaid,
	newInAnswer,
	readAnswer,
	type Answered,
	type AnswerFile
} from './answer';
