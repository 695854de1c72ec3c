import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import './colourSet';
import { setLocale } from './figures';
import en from './texts/en.json';

/** BCP 47 tags, and what each language calls itself. */
export const LANGUAGES = [
  { tag: 'en', name: 'English' },
  { tag: 'es', name: 'Español' },
] as const;

/** The language of the catalogue's own texts. */
export const WRITTEN_IN = 'en';

export type Language = (typeof LANGUAGES)[number]['tag'];

const KEY = 'jade.language.1';
/** What dates look like in each. */
const LOCALES: Record<Language, string> = { en: 'en-GB', es: 'es-ES' };
const OTHERS: Record<Exclude<Language, 'en'>, () => Promise<{ default: object }>> = {
  es: () => import('./texts/es.json'),
};

void i18next.use(initReactI18next).init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
});

/** Speaks another language from now on; the tablet keeps it for whoever signs in next. */
export async function speak(language: Language): Promise<void> {
  if (language !== 'en' && !i18next.hasResourceBundle(language, 'translation')) {
    i18next.addResourceBundle(language, 'translation', (await OTHERS[language]()).default);
  }
  localStorage.setItem(KEY, language);
  document.documentElement.lang = language;
  setLocale(LOCALES[language]);
  await i18next.changeLanguage(language);
}

/** The language that this tablet spoke last, or the browser's own. */
export function lastSpoken(): Language {
  const asked = [localStorage.getItem(KEY) ?? '', ...navigator.languages].map((tag) => tag.slice(0, 2));

  return (
    asked.map((tag) => LANGUAGES.find((language) => language.tag === tag)?.tag).find((tag) => tag !== undefined) ?? 'en'
  );
}

export default i18next;
