import type { Findable, FoundKind } from '@trowel/core/find';
import type { Look } from '@/theme/look';

export const kindNames: Readonly<Record<FoundKind, string>> = {
  remedy: 'Remedy',
  tool: 'Sum',
  plate: 'Plate',
  case: 'Case',
  bed: 'Place',
  brew: 'Brew',
  vessel: 'Sprayer or jar',
  page: 'Page',
};

/** Pages by their address, with what people look for there. */
export const pages: readonly Findable[] = [
  { kind: 'page', id: '/', name: 'Today', words: 'what to do now round visit' },
  { kind: 'page', id: '/calendar', name: 'The weeks to come', words: 'calendar plan schedule move a step' },
  { kind: 'page', id: '/cases', name: 'Cases', words: 'open problems list' },
  { kind: 'page', id: '/cases/new', name: 'New case', words: 'something looks odd sick plant begin' },
  { kind: 'page', id: '/jobs/new', name: 'Plan something', words: 'reminder routine again and again' },
  { kind: 'page', id: '/bench?part=ask', name: 'May I …?', words: 'safe allowed mix together harm' },
  { kind: 'page', id: '/bench?part=brews', name: 'Brews', words: 'jars ferment begin a brew' },
  {
    kind: 'page',
    id: '/bench?part=cupboard',
    name: 'Cupboard',
    words: 'shopping list what to buy prices house rules sprayers',
  },
  { kind: 'page', id: '/bench?part=recipes', name: 'My recipes', words: 'own recipe' },
  { kind: 'page', id: '/labels', name: 'Labels', words: 'print jar label' },
  {
    kind: 'page',
    id: '/garden',
    name: 'Garden',
    words: 'beds places plants measures town hardness away holiday settings units layout export import file backup',
  },
  { kind: 'page', id: '/plates', name: 'Plates', words: 'pictures signs drawings' },
  { kind: 'page', id: '/words', name: 'Words', words: 'meaning glossary what does it mean' },
  { kind: 'page', id: '/practice', name: 'Practice', words: 'quiz learn train' },
  { kind: 'page', id: '/notebook', name: 'Notebook', words: 'log diary history what worked' },
  { kind: 'page', id: '/notebook/review', name: 'Look back on the year', words: 'review season summary' },
];

/** What may be said there. */
export const needExamples = [
  '12 egg shells and {500 mL} vinegar',
  'soap for aphids',
  'how much mulch on {3 m} by {2 m}',
];

/** Keys that work on every page, outside fields. */
export const shortcuts: readonly { readonly key: string; readonly does: string }[] = [
  { key: '/', does: 'Find anything, or say what you need' },
  { key: 'n', does: 'New case' },
  { key: '1 … 5', does: 'Today, Cases, Bench, Garden, Notebook' },
  { key: 's', does: 'For bright sun, and back' },
  { key: '?', does: 'These keys' },
  { key: 'Esc', does: 'Close what lies on top' },
];

export const lookNames: Readonly<Record<Look, string>> = {
  device: 'As this device',
  sun: 'Bright sun',
  day: 'Day',
  night: 'Night',
};
