/**
 * Every text of the interface, en-GB: short, warm, in the trade's words; a file a view. Views that are seldom the first (eye, ledger, try-on, lists of shops)
 * bring theirs with them.
 */
import { clients } from './clients';
import { welcome, desk } from './desk';
import { events } from './events';
import { fit } from './fit';
import { fitting } from './fitting';
import { garment, say } from './garment';
import { keySheet } from './keys';
import { help } from './help';
import { hunting } from './hunting';
import { lookbook } from './lookbook';
import { orders } from './orders';
import { photos } from './photos';
import { pieces } from './pieces';
import { plan } from './plan';
import { reach } from './reach';
import { recipes } from './recipes';
import { references } from './references';
import { schools } from './schools';
import { studio } from './studio';
import { table } from './table';
import { wardrobe } from './wardrobe';
import { frame } from './frame';

export const m = {
	...frame,
	welcome,
	desk,
	clients,
	events,
	fit,
	wardrobe,
	orders,
	photos,
	pieces,
	plan,
	reach,
	table,
	garment,
	say,
	references,
	recipes,
	schools,
	fitting,
	help,
	hunting,
	lookbook,
	studio,
	keySheet
};
