import { en as spokenEn } from '@kotabi/core/words';
import i18next, { type i18n } from 'i18next';
import { type SayScreen, screenEn } from '../../lead/screen-words';
import { en } from './en';

/** The name of a word or sentence of the page. */
export type WordKey = Exclude<keyof typeof en, `${string}_${string}`> | 'about';

/** All words of the page for people at the desks: one table, ready for another language beside it. */
export const words: i18n = i18next.createInstance();
void words.init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: en } },
  // What is put in is shown by React, which escapes it.
  interpolation: { escapeValue: false },
  initAsync: false,
  showSupportNotice: false,
} as Parameters<typeof words.init>[0]);

/** What is said while a break is followed, for whoever leads as well: a table of its own. */
const FOLLOWED = 'followed';
const followedEn = { ...spokenEn, ...screenEn };
words.addResourceBundle('en', FOLLOWED, followedEn);

/** Every word in brackets: what is not in brackets on the page is not in a table. */
const pseudo = (table: Record<string, string>): Record<string, string> =>
  Object.fromEntries(Object.entries(table).map(([key, text]) => [key, `⟦${text}⟧`]));
words.addResourceBundle('en-XA', 'translation', pseudo(en));
words.addResourceBundle('en-XA', FOLLOWED, pseudo(followedEn));
if (typeof location !== 'undefined' && new URLSearchParams(location.search).get('words') === 'pseudo')
  void words.changeLanguage('en-XA');

/** A word or sentence by its name, with what belongs into it. */
export const say = (key: WordKey, values: Record<string, string | number> = {}): string =>
  words.t(key, values);

/** The language of the page, as moves name their translations. */
export const languageOf = (): string => words.language;

/** What is said while a break is followed. */
export const sayFollowed: SayScreen = (key, values = {}) => words.t(key, { ...values, ns: FOLLOWED });

/** What dates and times are written in. */
const localeOf = (): string => (words.language.startsWith('en') ? 'en-GB' : words.language);

/** A time of day, as the language of the page writes it. */
export const timeText = (iso: string, timeZone?: string): string =>
  new Intl.DateTimeFormat(localeOf(), {
    hour: '2-digit',
    minute: '2-digit',
    ...(timeZone && { timeZone }),
  }).format(new Date(iso));

/** A day of the week with its date. */
export const dayText = (date: string): string =>
  new Intl.DateTimeFormat(localeOf(), {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${date}T12:00:00Z`));
