import { inWords, mL, systems, type MeasureSystem } from '../../quantities';

const ratios: Readonly<Record<number, string>> = { 3: 'three', 4: 'four' };

/** How large the gardener's spoons are: in millilitres to those who read them, else against each other. */
export function spoonNote(system: MeasureSystem): string {
  const { tsp, tbsp, cup } = systems[system];
  if (system === 'us')
    return `Your tablespoon is ${ratios[Math.round(tbsp / tsp)]} teaspoons, your cup ${Math.round(cup / tbsp)} tablespoons.`;
  const tell = (ml: number) => inWords(mL(ml), 'metric');
  return `Your teaspoon is ${tell(tsp)}, your tablespoon ${tell(tbsp)}.`;
}
