import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import './colourSet';
import { setLocale } from './figures';
import en from './texts/en.first.json';

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
type Words = () => Promise<{ default: object }>;
/** What the page of somebody who is not signed in says, and what all others say, which comes after it. */
const WORDS: Record<Language, { first: Words; rest: Words }> = {
  en: { first: () => Promise.resolve({ default: en }), rest: () => import('./texts/en.json') },
  es: { first: () => import('./texts/es.first.json'), rest: () => import('./texts/es.json') },
};

let isWhole = false;

void i18next.use(initReactI18next).init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
});

async function learn(language: Language): Promise<void> {
  const { first, rest } = WORDS[language];
  const parts = await Promise.all(isWhole ? [first(), rest()] : [first()]);
  parts.forEach((part) => i18next.addResourceBundle(language, 'translation', part.default, true));
}

/** Speaks another language from now on; the tablet keeps it for whoever signs in next. */
export async function speak(language: Language): Promise<void> {
  await learn(language);
  localStorage.setItem(KEY, language);
  document.documentElement.lang = language;
  setLocale(LOCALES[language]);
  await i18next.changeLanguage(language);
}

/** Fetches the words of all pages, and from now on with each language. */
export async function speakOfEverything(): Promise<void> {
  isWhole = true;
  await learn(LANGUAGES.find(({ tag }) => tag === i18next.language)?.tag ?? 'en');
}

/** The language that this tablet spoke last, or the browser's own. */
export function lastSpoken(): Language {
  const asked = [localStorage.getItem(KEY) ?? '', ...navigator.languages].map((tag) => tag.slice(0, 2));

  return (
    asked.map((tag) => LANGUAGES.find((language) => language.tag === tag)?.tag).find((tag) => tag !== undefined) ?? 'en'
  );
}

export default i18next;
