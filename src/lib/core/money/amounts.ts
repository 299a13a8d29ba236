import { add, dinero, toSnapshot } from 'dinero.js';
import type { Money } from '../model/basics';

/** Currencies with two decimal places, as the app offers them; Intl knows how each is written. */
export const currencies = ['GBP', 'EUR', 'USD', 'INR', 'CAD', 'AUD'] as const;

const toDinero = ({ amountMinor, currency }: Money) =>
	dinero({
		amount: amountMinor,
		currency: { code: currency, base: 10, exponent: 2 }
	});

/** The sum of amounts of one currency; throws when currencies differ. Undefined for no amounts. */
export function sumOf(amounts: readonly Money[]): Money | undefined {
	const [first, ...rest] = amounts;
	if (!first) return undefined;
	const total = toSnapshot(rest.map(toDinero).reduce((sum, next) => add(sum, next), toDinero(first)));
	return { amountMinor: total.amount, currency: first.currency };
}

const formats = new Map<string, Intl.NumberFormat>();

/** "£24.50"; nothing is never less than nothing: "£0.00". */
export function moneyInWords({ amountMinor, currency }: Money): string {
	let format = formats.get(currency);
	if (!format) {
		format = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
		formats.set(currency, format);
	}
	return format.format((amountMinor || 0) / 100);
}

/** The signs under which currencies are typed; where several share one, the studio's own if it is among them. */
const signs: Readonly<Record<string, readonly string[]>> = {
	'£': ['GBP'],
	'€': ['EUR'],
	'₹': ['INR'],
	$: ['USD', 'CAD', 'AUD'],
	US$: ['USD'],
	CA$: ['CAD'],
	A$: ['AUD']
};

/**
 * Reads what a stylist types for a price: "24", "24.5", "£24.50", "1,250", "€30", "EUR 30". Undefined when it is no price, or of a
 * currency that is not known.
 *
 * @param currency the studio's, for a price without a sign
 */
export function readMoney(text: string, currency: string): Money | undefined {
	const [, sign, plain = ''] = /^([A-Z]{0,2}\$|[£€₹]|[A-Z]{3}(?=[\s\d]))?\s*(.*)$/.exec(text.trim()) ?? [];
	const [, whole, part = ''] =
		/^(\d{1,7})(?:[.,](\d{1,2}))?$/.exec(plain.trim().replace(/,(?=\d{3}(\D|$))/g, '')) ?? [];
	if (whole === undefined) return undefined;
	const meant = sign ? (signs[sign] ?? currencies.filter((code) => code === sign)) : [currency];
	if (meant.length === 0) return undefined;
	return {
		amountMinor: Number(whole) * 100 + Number(part.padEnd(2, '0')),
		currency: meant.includes(currency) ? currency : (meant[0] ?? currency)
	};
}

/** An amount as it is typed: "24.50", with its sign or code where it is not in the studio's currency. */
export function amountInWords(money: Money, currency: string): string {
	return money.currency === currency
		? ((money.amountMinor || 0) / 100).toFixed(2)
		: moneyInWords(money).replace(/,/g, '');
}
