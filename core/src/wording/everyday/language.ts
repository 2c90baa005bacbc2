import type { AreaClass } from '../../tables/counting';

/** The one place for plurals, capitals, lists and money, through Intl. */
const locale = 'en';
const plurals = new Intl.PluralRules(locale);
const lists = new Intl.ListFormat('en-GB', { type: 'conjunction' });
const either = new Intl.ListFormat('en-GB', { type: 'disjunction' });
const money = new Intl.NumberFormat(locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });

/** "1 day", "3 days"; the figure may be shown otherwise than it is counted. */
export const counted = (count: number, one: string, many: string, shown: string = String(count)): string =>
  `${shown} ${plurals.select(count) === 'one' ? one : many}`;

/** "soap", "soap and oil", "soap, oil and milk". */
export const listWords = (items: readonly string[]): string => lists.format(items);
/** "soap or oil". */
export const orWords = (items: readonly string[]): string => either.format(items);

export const capital = (text: string): string => text.charAt(0).toLocaleUpperCase(locale) + text.slice(1);
/** "Soap spray" → "soap spray"; what begins with two capitals or a single letter word keeps them. */
export const lowerFirst = (text: string): string =>
  /^\p{Lu}(?:\p{Lu}|\b)/u.test(text) ? text : text.charAt(0).toLocaleLowerCase(locale) + text.slice(1);

export const moneyWords = (amount: number): string => money.format(amount);

/** One sentence after another, empty ones left out. */
export const sentences = (...parts: readonly (string | undefined)[]): string =>
  parts.filter((part) => part !== undefined && part !== '').join(' ');

/** With a full stop, and no second one. */
export const sentence = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`);

/** A class of sick leaf area: "none", "up to 5 %", "6–10 %", "over half". */
export const areaClassWords = ({ from, to }: AreaClass): string =>
  to === 0 ? 'none' : to === 100 ? 'over half' : from <= 1 ? `up to ${to} %` : `${from}–${to} %`;
