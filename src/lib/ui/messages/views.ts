/**
 * Every text of the interface, en-GB: short, warm, in the trade's words; a file a view. Views that are seldom the first (eye, ledger, try-on, lists of shops)
 * bring theirs with them. A page loads the texts of what it shows and of nothing else.
 */
import { frame } from './frame';

export { clients } from './clients';
export { welcome, desk } from './desk';
export { events } from './events';
export { fit } from './fit';
export { fitting } from './fitting';
export { garment, say } from './garment';
export { keySheet } from './keys';
export { help } from './help';
export { hunting } from './hunting';
export { lookbook } from './lookbook';
export { orders } from './orders';
export { photos } from './photos';
export { pieces } from './pieces';
export { plan } from './plan';
export { reach } from './reach';
export { recipes } from './recipes';
export { references } from './references';
export { schools } from './schools';
export { studio } from './studio';
export { table } from './table';
export { wardrobe } from './wardrobe';
export const {
	app,
	places,
	skip,
	skipTo,
	undo,
	undoWhat,
	redoWhat,
	nothingToUndo,
	nothingToRedo,
	undoing,
	redoing,
	undone,
	redone,
	did,
	newVersion,
	newVersionText,
	keys,
	save,
	cancel,
	edit,
	remove,
	loading,
	viewFailed,
	viewFailedText,
	tryAgain,
	store,
	notNoted,
	failed,
	notSaved,
	notUndone,
	alreadyUndone,
	close,
	unforeseen,
	storeClosed,
	demoPhotos,
	diskFull,
	storeBroken,
	notFound,
	cm,
	form,
	counts
} = frame;
