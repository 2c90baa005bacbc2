import type { Choice, RankedRemedy } from '@trowel/core/choose';
import type { CaseView, GardenView } from '@trowel/core/contract';
import { strengthWords } from '@trowel/core/mix';
import { rungs } from '@trowel/core/tables';
import { chanceWords, leftOutWords, lowerFirst } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { MixCard } from '@/steps/mix/MixCard';
import { space, useRoles } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

export const gradeWords: Record<string, string> = {
  trial: 'published trials agree',
  guideline: 'extension practice',
  practice: 'many growers report it',
  folk: 'plausible, unproven',
  doubtful: 'trials speak against it',
};

const rungWords: Record<(typeof rungs)[number], string> = {
  leave: 'leave it',
  care: 'change the care',
  hand: 'by hand',
  helpers: 'living helpers',
  'home-made': 'home-made',
  bought: 'bought',
  professional: 'professional',
};

/** Choosing: what answers the whole reading first, mildest before stronger, and why others were left out. */
export function ChoosePart({ view, choice, garden }: { view: CaseView; choice: Choice; garden: GardenView }) {
  const [allOut, setAllOut] = useState(false);
  if (choice.ranked.length === 0 && choice.leftOut.length === 0)
    return (
      <Sheet tone="deep">
        <Body>Nothing to choose yet: note signs until the blade has gone in a little.</Body>
      </Sheet>
    );
  const suggested = choice.ranked.filter((remedy) => remedy.suggested);
  const others = choice.ranked.filter((remedy) => !remedy.suggested);
  return (
    <View style={{ gap: space.m }}>
      <Heading>{suggested.length > 1 ? 'Suggested, together' : 'Suggested'}</Heading>
      {suggested.map((remedy) => (
        <RemedyCard key={remedy.id} remedy={remedy} view={view} garden={garden} />
      ))}
      {others.length > 0 && <Heading>Also possible</Heading>}
      {others.map((remedy) => (
        <RemedyCard key={remedy.id} remedy={remedy} view={view} garden={garden} />
      ))}
      {choice.leftOut.length > 0 && (
        <Sheet tone="deep">
          <Heading rank={3}>Left out, and why</Heading>
          {(allOut ? choice.leftOut : choice.leftOut.slice(0, 3)).map(({ id, row, reason }) => (
            <Body key={id}>{`${row.name}. ${leftOutWords(knowledge, reason)}`}</Body>
          ))}
          {choice.leftOut.length > 3 && !allOut && <Button onPress={() => setAllOut(true)}>Show all</Button>}
        </Sheet>
      )}
    </View>
  );
}

function RemedyCard({ remedy, view, garden }: { remedy: RankedRemedy; view: CaseView; garden: GardenView }) {
  const { row } = remedy;
  const roles = useRoles();
  const [open, setOpen] = useState<'mix' | 'more'>();
  const command = useCommand();
  const tell = useNotice();
  const recipe = row.recipe;
  const [strength, setStrength] = useState(recipe?.strengths.find(({ byDefault }) => byDefault)?.value);
  const running = view.treatments.find((treatment) => treatment.remedy === row.id && treatment.endedOn === null);
  const start = () =>
    command.mutate(
      {
        path: `/cases/${view.summary.id}/remedies`,
        body: { remedy: row.id, ...(strength === undefined ? {} : { strength }) },
      },
      { onSuccess: () => tell({ says: `${row.name}: its steps are on the plan.` }) },
    );
  return (
    <Sheet style={remedy.suggested ? { borderWidth: 2.5, borderColor: roles.act } : undefined}>
      <Heading rank={3}>{row.name}</Heading>
      <Small>{`${rungWords[row.rung]} · ${gradeWords[row.grade]}`}</Small>
      {remedy.helps.slice(0, 2).map(({ of, why, chance }) => (
        <Body key={of}>{`For ${nameOf(of)} (${chanceWords(chance)}): ${why}.`}</Body>
      ))}
      {remedy.testLeaf && <Small strong>{`First two or three leaves, 48 hours: ${remedy.testLeaf}.`}</Small>}
      {row.cautions
        .filter(({ at }) => at === 'choose')
        .map(({ says }) => (
          <Small key={says}>{says}</Small>
        ))}
      {recipe && recipe.strengths.length > 1 && (
        <Row wrap>
          {recipe.strengths.map(({ id, label, value, why }) => (
            <Toggle key={id} pressed={value === strength} label={`${label}: ${why}`} onPress={() => setStrength(value)}>
              {label}
            </Toggle>
          ))}
        </Row>
      )}
      <Row wrap>
        {running ? (
          <Small strong>Under way; see Do.</Small>
        ) : (
          <Button
            mode="contained"
            contentStyle={{ minHeight: 48 }}
            disabled={command.isPending || view.summary.status === 'closed'}
            onPress={start}
            accessibilityLabel={`Choose ${row.name}`}
          >
            Choose this
          </Button>
        )}
        {recipe && (
          <Toggle expanded={open === 'mix'} onPress={() => setOpen(open === 'mix' ? undefined : 'mix')}>
            How much of what
          </Toggle>
        )}
        <Toggle expanded={open === 'more'} onPress={() => setOpen(open === 'more' ? undefined : 'more')}>
          More
        </Toggle>
      </Row>
      {command.isError && <Trouble error={command.error} />}
      {open === 'mix' && (
        <MixCard
          remedy={row}
          garden={garden}
          {...(strength === undefined ? {} : { strength })}
          plants={view.summary.plant === null ? [] : [view.summary.plant]}
          nearby={view.nearby}
        />
      )}
      {open === 'more' && (
        <View style={{ gap: 4 }}>
          <Body>{row.plain}</Body>
          <Body strong>{row.honest}</Body>
          <Small>{`How much: ${row.rate}`}</Small>
          {row.limits.map((limit) => (
            <Small key={limit}>{`· ${limit}`}</Small>
          ))}
          {recipe && strength !== undefined && (
            <Small>{`Chosen: ${strengthWords(recipe, strength)}; never beyond ${strengthWords(recipe, recipe.cap)}.`}</Small>
          )}
          {row.preHarvestDays > 0 && (
            <Small>{`Wait ${row.preHarvestDays} ${row.preHarvestDays === 1 ? 'day' : 'days'} before picking, then wash.`}</Small>
          )}
        </View>
      )}
    </Sheet>
  );
}

const nameOf = (id: string) =>
  lowerFirst([...knowledge.causes, ...knowledge.conditions].find((row) => row.id === id)?.name ?? id);
