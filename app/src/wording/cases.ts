export const outcomeWords: Readonly<Record<string, string>> = {
  solved: 'Solved',
  'no-change': 'No change',
  worse: 'Got worse',
  'plant-harmed': 'Plant was hurt',
  mistaken: 'Read wrongly',
  left: 'Left as it was',
  'given-up': 'Given up',
};

/** What a mark on the line of time stands for. */
export const markWords = {
  opened: '',
  done: 'done:',
  'put-on': 'put on:',
  counted: 'counted:',
  'to-do': 'to do:',
  'to-look': 'to look:',
} as const;

/** The five parts of a case, in order. */
export const caseParts = [
  { id: 'read', label: 'Read' },
  { id: 'weigh', label: 'Weigh' },
  { id: 'choose', label: 'Choose' },
  { id: 'do', label: 'Do' },
  { id: 'look', label: 'Look' },
] as const;

export const stateWords = { seen: 'Seen', absent: 'Looked, not there', 'not-looked': 'Not looked' } as const;
