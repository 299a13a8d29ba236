import { add, dinero, toSnapshot, type DineroCurrency } from 'dinero.js';
import type { Money } from '../model/basics';

/** Currencies with two decimal places, as the app offers them; Intl knows how each is written. */
export const currencies = ['GBP', 'EUR', 'USD', 'INR', 'CAD', 'AUD'] as const;

const toDinero = ({ amountMinor, currency }: Money) =>
	dinero({
		amount: amountMinor,
		currency: { code: currency, base: 10, exponent: 2 } as DineroCurrency<number>
	});

/** The sum of amounts of one currency; throws when currencies differ. Undefined for no amounts. */
export function sumOf(amounts: readonly Money[]): Money | undefined {
	const [first, ...rest] = amounts;
	if (!first) return undefined;
	const total = toSnapshot(rest.map(toDinero).reduce((sum, next) => add(sum, next), toDinero(first)));
	return { amountMinor: total.amount, currency: first.currency };
}

const formats = new Map<string, Intl.NumberFormat>();

/** "£24.50" */
export function moneyInWords({ amountMinor, currency }: Money): string {
	let format = formats.get(currency);
	if (!format) {
		format = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
		formats.set(currency, format);
	}
	return format.format(amountMinor / 100);
}

/** Reads what a stylist types for a price: "24", "24.5", "£24.50", "1,250". Undefined when it is no price. */
export function readMoney(text: string, currency: string): Money | undefined {
	const plain = text
		.trim()
		.replace(/^[£$€₹]\s*/, '')
		.replace(/,(?=\d{3}(\D|$))/g, '');
	const [, whole, part = ''] = /^(\d{1,7})(?:[.,](\d{1,2}))?$/.exec(plain) ?? [];
	if (whole === undefined) return undefined;
	return { amountMinor: Number(whole) * 100 + Number(part.padEnd(2, '0')), currency };
}
