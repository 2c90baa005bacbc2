/**
 * What to take along or send to a plant clinic, by what may be at work. Sources: extension services' guides to
 * submitting samples, which agree on all of this.
 */
import type { SpecimenRow } from '@trowel/core/tables';

const guideline = { source: 'extension', grade: 'guideline' } as const;

export const specimens: readonly SpecimenRow[] = [
  {
    id: 'animals',
    kinds: ['pest', 'helper'],
    says: 'Ten of the animals of all sizes in a small jar of rubbing alcohol: soft ones shrivel in water. Moths and butterflies dry in a box. And a shoot with the damage, dry, in a bag.',
    ...guideline,
  },
  {
    id: 'sick-shoots',
    kinds: ['disease'],
    says: 'Several fresh shoots from where sick meets sound, wrapped in dry paper, then in a bag, kept cool and sent early in the week. Not pressed, not wet, not what is dead all over. If the whole plant wilts: roots with their soil, the bag tied at the stem.',
    ...guideline,
  },
  {
    id: 'leaves-and-soil',
    kinds: ['shortage', 'excess', 'care'],
    says: 'New and old leaves apart in paper bags, two cupfuls of soil taken at root depth from ten places of the bed and mixed, and a list of what was given, when and how much.',
    ...guideline,
  },
  {
    id: 'shoot-and-dates',
    kinds: ['weather', 'normal'],
    says: 'A shoot with sound and damaged leaves, dry in paper, and the days of the last frost, heat, hail and of any spraying nearby.',
    ...guideline,
  },
];
