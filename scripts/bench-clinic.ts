/** How good the readings are, on vignettes in gardeners' words; half of them are kept aside from tuning. */
import { grade, phrasesUnderstood, score } from '../knowledge/test/clinic';
import { phrases } from '../knowledge/test/phrases';
import { keptAside, vignettes } from '../knowledge/test/vignettes';

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

export function clinicRows(): { what: string; value: string; aim: string }[] {
  const graded = vignettes.map(grade);
  const aside = score(graded.filter(({ index }) => keptAside(index)));
  const tuned = score(graded.filter(({ index }) => !keptAside(index)));
  return [
    { what: `vignettes kept aside (${aside.count}): leading cause right`, value: percent(aside.top1), aim: '≥ 85 %' },
    {
      what: 'vignettes kept aside: all that was there among the first three',
      value: percent(aside.top3),
      aim: '≥ 97 %',
    },
    { what: 'vignettes kept aside: harmful advice', value: String(aside.harmful), aim: '0' },
    { what: 'vignettes kept aside: Brier score', value: aside.brier.toFixed(3), aim: '' },
    ...aside.bins.map(({ from, said, was, count }) => ({
      what: `  said from ${Math.round(100 * from)} %: said ${percent(said)} on average, was so`,
      value: count === 0 ? '–' : `${percent(was)} of ${count}`,
      aim: '',
    })),
    {
      what: `the other half (${tuned.count}): leading / among three / harmful`,
      value: `${percent(tuned.top1)} / ${percent(tuned.top3)} / ${tuned.harmful}`,
      aim: '',
    },
    {
      what: `phrases understood (${phrases.length})`,
      value: percent(phrasesUnderstood() / phrases.length),
      aim: '≥ 90 %',
    },
  ];
}

/** For working on the tables: what went wrong in the half that may be looked at. */
export function mistakes(): string[] {
  return vignettes
    .map(grade)
    .filter(({ index, first, among, harmful }) => !keptAside(index) && (!first || !among || harmful.length > 0))
    .map(
      ({ vignette, found, harmful, notUnderstood }) =>
        `${vignette.plant ?? vignette.setting}: ${vignette.tells}\n   was ${vignette.truth.join(', ')}; read ${found
          .slice(0, 4)
          .map(({ id, probability }) => `${id} ${probability.toFixed(2)}`)
          .join(
            ', ',
          )}${harmful.length ? `; HARM ${harmful.join(', ')}` : ''}${notUnderstood.length ? `; not understood ${notUnderstood.join(', ')}` : ''}`,
    );
}
