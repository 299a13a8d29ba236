/** Orders: placed from a plan, on their way, tried, kept or sent back, and what they cost in the end. */
export { isOrdered, ordersFrom } from './placing';
export {
	arrived,
	canSendBack,
	nextStates,
	pieceOf,
	returnBy,
	triedOn,
	wearsAsPiece,
	wearsNoMore,
	withLine
} from './lines';
export { orderMoney, refundFor, type OrderMoney } from './money';
export { seenAnew, watchedIn, watchNews, withBackup, type Watched, type WatchNews } from './watch';
export { waitingIn, type Waiting } from './waiting';
