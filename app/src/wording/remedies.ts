import type { Grade, Rung, SceneFact } from '@trowel/core/tables';

export const gradeWords: Readonly<Record<Grade, string>> = {
  trial: 'published trials agree',
  guideline: 'extension practice',
  practice: 'many growers report it',
  folk: 'plausible, unproven',
  doubtful: 'trials speak against it',
};

/** A grade as it comes over the line. */
export const gradeSays = (grade: string): string => (grade in gradeWords ? gradeWords[grade as Grade] : grade);

export const rungWords: Readonly<Record<Rung, string>> = {
  leave: 'leave it',
  care: 'change the care',
  hand: 'by hand',
  helpers: 'living helpers',
  'home-made': 'home-made',
  bought: 'bought',
  professional: 'professional',
};

/** What the gardener can say of the place before choosing; amounts are drawn in the reader's measures. */
export const placeFacts: readonly { readonly fact: SceneFact; readonly says: string }[] = [
  { fact: 'on-open-bloom', says: 'In flower now' },
  { fact: 'near-pond', says: 'Pond within {5 m}' },
  { fact: 'near-children-or-pets', says: 'Children or pets about' },
  { fact: 'very-hot', says: 'Above {32 °C}' },
  { fact: 'thirsty', says: 'Dry or wilted' },
];
