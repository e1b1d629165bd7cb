import { en, type SayIn } from '@kotabi/core/words';
import i18next, { type i18n } from 'i18next';
import { paperEn } from './en';

/** Everything that is said on paper. */
export type SayPaper = SayIn<typeof en & typeof paperEn>;

/** All words of hand-outs that are not those of moves or of breaks: its own and what a break says of itself, ready for other languages beside it. */
export const languages: i18n = i18next.createInstance();
void languages.init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: { ...en, ...paperEn } } },
  // Paper escapes nothing.
  interpolation: { escapeValue: false },
  initAsync: false,
  showSupportNotice: false,
} as Parameters<typeof languages.init>[0]);

/** What is said on paper in a language (as IETF BCP 47 names it); in English where it has no table. */
export const sayIn = (language: string): SayPaper => {
  const t = languages.getFixedT(language);
  return (key, values = {}) => t(key, values);
};

/** What dates and times are written in. */
export const localeOf = (language: string): string => (language.startsWith('en') ? 'en-GB' : language);
