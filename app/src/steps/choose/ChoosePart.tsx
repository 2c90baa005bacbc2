import type { Choice, RankedRemedy } from '@trowel/core/choose';
import type { CaseView, GardenView } from '@trowel/core/contract';
import { strengthWords } from '@trowel/core/mix';
import type { RemedyFacts, SceneFact } from '@trowel/core/tables';
import { rungs } from '@trowel/core/tables';
import {
  chanceWords,
  costWords,
  keepsWords,
  leftOutWords,
  lowerFirst,
  sparesWords,
  standingWords,
} from '@trowel/core/wording';
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

/** What the gardener can say of the place before choosing. */
const placeFacts: readonly { readonly fact: SceneFact; readonly says: string }[] = [
  { fact: 'on-open-bloom', says: 'In flower now' },
  { fact: 'near-pond', says: 'Pond within 5 m' },
  { fact: 'near-children-or-pets', says: 'Children or pets about' },
  { fact: 'very-hot', says: 'Above 32 °C' },
  { fact: 'thirsty', says: 'Dry or wilted' },
];

const shownAtFirst = 4;

interface ChoosePartProps {
  readonly view: CaseView;
  readonly choice: Choice;
  readonly garden: GardenView;
  readonly facts: readonly SceneFact[];
  readonly setFacts: (facts: readonly SceneFact[]) => void;
}

/** Choosing: what answers the whole reading first, mildest before stronger, and why others were left out. */
export function ChoosePart({ view, choice, garden, facts, setFacts }: ChoosePartProps) {
  const [allOut, setAllOut] = useState(false);
  const [allOthers, setAllOthers] = useState(false);
  const [placeOpen, setPlaceOpen] = useState(false);
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
      <Row>
        <Toggle expanded={placeOpen} onPress={() => setPlaceOpen(!placeOpen)}>
          {facts.length === 0 ? 'In flower? Pond? Heat?' : `So here: ${facts.length}`}
        </Toggle>
      </Row>
      {placeOpen && (
        <View role="group" aria-label="What is so here">
          <Row wrap>
            {placeFacts.map(({ fact, says }) => {
              const isOn = facts.includes(fact);
              return (
                <Toggle
                  key={fact}
                  pressed={isOn}
                  onPress={() => setFacts(isOn ? facts.filter((other) => other !== fact) : [...facts, fact])}
                >
                  {says}
                </Toggle>
              );
            })}
          </Row>
        </View>
      )}
      {choice.together.map(({ id, remedies, why }) => (
        <Sheet key={id} tone="good">
          <Heading rank={3}>
            {remedies.length > 1
              ? `Together: ${remedies.map((remedy) => remedyName(remedy)).join(', then ')}`
              : `First: ${remedies.map((remedy) => remedyName(remedy)).join()}`}
          </Heading>
          <Body>{why}</Body>
        </Sheet>
      ))}
      <Heading>{suggested.length > 1 ? 'Suggested, together' : 'Suggested'}</Heading>
      {suggested.map((remedy) => (
        <RemedyCard key={remedy.id} remedy={remedy} view={view} garden={garden} />
      ))}
      {others.length > 0 && <Heading>Also possible</Heading>}
      {(allOthers ? others : others.slice(0, shownAtFirst)).map((remedy) => (
        <RemedyCard key={remedy.id} remedy={remedy} view={view} garden={garden} />
      ))}
      {others.length > shownAtFirst && !allOthers && (
        <Button contentStyle={{ minHeight: 48 }} onPress={() => setAllOthers(true)}>
          {`Show ${others.length - shownAtFirst} more`}
        </Button>
      )}
      {choice.leave.courses.length > 0 && (
        <Sheet>
          <Heading rank={3}>Or do nothing</Heading>
          {choice.leave.courses.map(({ of, chance, says }) => (
            <Body key={of}>{`If it is ${nameOf(of)} (${chanceWords(chance)}): ${lowerFirst(says)}`}</Body>
          ))}
          {choice.leave.asGood && <Small strong>That is as good as anything one can do.</Small>}
        </Sheet>
      )}
      {choice.notWorth.length > 0 && (
        <Sheet tone="deep">
          <Heading rank={3}>Often asked for, not worth making</Heading>
          {choice.notWorth.map(({ id, row }) => (
            <Body key={id}>{`${row.name}. ${row.honest}`}</Body>
          ))}
        </Sheet>
      )}
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
  const [strength, setStrength] = useState(remedy.strength);
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
      {remedy.suggested && <Body>{row.honest}</Body>}
      {remedy.standing.map((why) => (
        <Small key={why.kind}>{standingWords(knowledge, why)}</Small>
      ))}
      {remedy.missing && <Small strong>{`Not in your cupboard: ${lowerFirst(ingredientName(remedy.missing))}.`}</Small>}
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
          {!remedy.suggested && <Body strong>{row.honest}</Body>}
          <Small>{`How much: ${row.rate}`}</Small>
          <RemedyFactLines facts={row.facts} />
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

/** What is told of every remedy: reach, place, keeping, wear, what it spares, and how it is got ready. */
function RemedyFactLines({ facts }: { facts: RemedyFacts }) {
  return (
    <>
      <Small>{`Reaches ${facts.reaches}.`}</Small>
      <Small>{`Goes on: ${facts.where}.`}</Small>
      <Small>{`${[...keepsWords(facts.keeps), costWords[facts.cost]].join('; ')}.`}</Small>
      {facts.wear.length > 0 && <Small strong>{`Wear ${facts.wear.join(', ')}.`}</Small>}
      <Small>{sparesWords(facts.spares)}</Small>
      {facts.prepare.map(({ does, minutes }, index) => (
        <Small key={does}>{`Before, ${index + 1}: ${lowerFirst(does)} (${minutes} min).`}</Small>
      ))}
    </>
  );
}

const remedyName = (id: string) => lowerFirst(knowledge.remedies.find((row) => row.id === id)?.name ?? id);
const ingredientName = (id: string) => knowledge.ingredients.find((row) => row.id === id)?.name ?? id;
const nameOf = (id: string) =>
  lowerFirst([...knowledge.causes, ...knowledge.conditions].find((row) => row.id === id)?.name ?? id);
