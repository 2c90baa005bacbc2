import { monthToMark, type Choice, type NextTime, type RankedRemedy } from '@trowel/core/choose';
import type { CaseView, GardenView } from '@trowel/core/contract';
import { firstDayOf, proseIn } from '@trowel/core/quantities';
import type { RemedyFacts, RemedyRow, SceneFact } from '@trowel/core/tables';
import {
  chanceWords,
  costWords,
  counted,
  glanceOf,
  keepsWords,
  leftOutWords,
  lowerFirst,
  monthName,
  nextTimeWords,
  rivalsSentence,
  rowNamed,
  sentence,
  sparesWords,
  standingWords,
  strengthWords,
} from '@trowel/core/wording';
import type { JobSetting } from '@trowel/core/jobs';
import { useState } from 'react';
import { View } from 'react-native';
import { Longer } from '@/ui/Longer';
import { Button } from '@/ui/Button';
import { useAct, useBench } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { MixCard } from '@/steps/mix/MixCard';
import { sizeOfPlace, useMixSetting, usualSettingOf } from '@/steps/mix/useMixSetting';
import { space, useRoles } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Terms } from '@/ui/Terms';
import { Toggle } from '@/ui/Toggle';
import { gradeWords, placeFacts, rungWords } from '@/wording/remedies';

const shownAtFirst = 4;
const leftOutAtFirst = 3;

interface ChoosePartProps {
  readonly view: CaseView;
  readonly choice: Choice;
  readonly garden: GardenView;
  readonly facts: readonly SceneFact[];
  readonly setFacts: (facts: readonly SceneFact[]) => void;
}

/** Choosing: what answers the whole reading first, mildest before stronger, and why others were left out. */
export function ChoosePart({ view, choice, garden, facts, setFacts }: ChoosePartProps) {
  const tables = useKnowledge();
  const nameOf = (id: string) => lowerFirst(rowNamed(tables, id));
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
  const next = suggested.find(({ row }) => !view.jobs.some((job) => job.remedy === row.id && job.endedOn === null));
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
                  {proseIn(says, garden.measures)}
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
              ? `Together: ${remedies.map(nameOf).join(', then ')}`
              : `First: ${remedies.map(nameOf).join()}`}
          </Heading>
          <Longer>{why}</Longer>
        </Sheet>
      ))}
      {choice.rivals && (
        <Sheet tone="deep">
          <Body>{rivalsSentence(tables, choice.rivals)}</Body>
        </Sheet>
      )}
      <Heading>{suggested.length > 1 ? 'Suggested today, together' : 'Suggested today'}</Heading>
      {suggested.length === 0 && (
        <Body>
          {choice.nextTime.length > 0
            ? 'Nothing helps against it now; what keeps it away another time stands below.'
            : 'Nothing is sure enough yet to suggest. A check, or a look in some days, tells more.'}
        </Body>
      )}
      {suggested.map((remedy) => (
        <RemedyCard key={remedy.id} remedy={remedy} view={view} garden={garden} isNext={remedy === next} />
      ))}
      {others.length > 0 && <Heading>Also possible</Heading>}
      {(allOthers ? others : others.slice(0, shownAtFirst)).map((remedy) => (
        <RemedyCard key={remedy.id} remedy={remedy} view={view} garden={garden} />
      ))}
      {others.length > shownAtFirst && !allOthers && (
        <Button onPress={() => setAllOthers(true)}>{`Show ${others.length - shownAtFirst} more`}</Button>
      )}
      {choice.nextTime.length > 0 && (
        <Sheet>
          <Heading rank={3}>Next time</Heading>
          <Small>What keeps it away, or helps in another month.</Small>
          {choice.nextTime.map((next) => (
            <NextTimeLine key={next.id} next={next} view={view} today={garden.today} />
          ))}
        </Sheet>
      )}
      <OwnRecipes view={view} />
      {choice.leave.courses.length > 0 && (
        <Sheet>
          <Heading rank={3}>Or do nothing</Heading>
          {choice.leave.courses.map(({ of, chance, says }) => (
            <Longer key={of}>{`If it is ${nameOf(of)} (${chanceWords(chance)}): ${lowerFirst(says)}`}</Longer>
          ))}
          {choice.leave.asGood && <Small strong>That is as good as anything one can do.</Small>}
        </Sheet>
      )}
      {choice.notWorth.length > 0 && (
        <Sheet tone="deep">
          <Heading rank={3}>Often asked for, not worth making</Heading>
          {choice.notWorth.map(({ id, row }) => (
            <AskedFor key={id} row={row} view={view} />
          ))}
        </Sheet>
      )}
      {choice.leftOut.length > 0 && (
        <Sheet tone="deep">
          <Heading rank={3}>Left out, and why</Heading>
          {(allOut ? choice.leftOut : choice.leftOut.slice(0, leftOutAtFirst)).map(({ id, row, reason }) => (
            <Longer key={id}>{`${row.name}. ${leftOutWords(tables, reason, garden.measures)}`}</Longer>
          ))}
          {choice.leftOut.length > leftOutAtFirst && !allOut && (
            <Button onPress={() => setAllOut(true)}>Show all</Button>
          )}
        </Sheet>
      )}
    </View>
  );
}

/** Choosing one remedy for a case: the act, whether it is under way already, and what to say when it is done. */
function useChoosing(row: RemedyRow, view: CaseView) {
  const chooseRemedy = useAct('chooseRemedy');
  const tell = useNotice();
  const onPlan = `${row.name}: its steps are on the plan.`;
  const isRunning = view.jobs.some(({ remedy, endedOn }) => remedy === row.id && endedOn === null);
  return {
    choose: (more: Partial<JobSetting> & { readonly from?: string } = {}, says = onPlan) =>
      chooseRemedy.mutate(
        { id: view.summary.id, body: { remedy: row.id, ...more } },
        { onSuccess: () => tell({ says }) },
      ),
    isRunning,
    isOff: chooseRemedy.isPending || view.summary.status === 'closed',
    // Chosen all the same, and only the answer lost: nothing is wrong any more.
    error: isRunning ? null : chooseRemedy.error,
  };
}

/** Recipes of one's own: for any case, under the same limits. */
function OwnRecipes({ view }: { view: CaseView }) {
  const chooseRemedy = useAct('chooseRemedy');
  const tell = useNotice();
  const recipes = useBench().data?.recipes ?? [];
  if (recipes.length === 0 || view.summary.status === 'closed') return null;
  return (
    <Sheet tone="deep">
      <Heading rank={3}>Your own recipes</Heading>
      {recipes.map(({ id, document }) => (
        <Row key={id} wrap>
          <Body>{document.name}</Body>
          {view.jobs.some(({ remedyName, endedOn }) => remedyName === document.name && endedOn === null) ? (
            <Small strong>Under way; see Do.</Small>
          ) : (
            <Button
              disabled={chooseRemedy.isPending}
              accessibilityLabel={`Choose ${document.name}`}
              onPress={() =>
                chooseRemedy.mutate(
                  { id: view.summary.id, body: { recipeId: id } },
                  { onSuccess: () => tell({ says: `${document.name}: its steps are on the plan.` }) },
                )
              }
            >
              Choose
            </Button>
          )}
        </Row>
      ))}
      {chooseRemedy.error && <Trouble error={chooseRemedy.error} />}
    </Sheet>
  );
}

/** Doubtful, and still the gardener's to choose. */
function AskedFor({ row, view }: { row: RemedyRow; view: CaseView }) {
  const { choose, isRunning, isOff, error } = useChoosing(row, view);
  return (
    <View style={{ gap: space.s, paddingVertical: space.s }}>
      <Longer>{`${row.name}. ${row.honest}`}</Longer>
      <Row wrap>
        {isRunning ? (
          <Small strong>Under way; see Do.</Small>
        ) : (
          <Button disabled={isOff} accessibilityLabel={`Choose it all the same: ${row.name}`} onPress={() => choose()}>
            Choose it all the same
          </Button>
        )}
      </Row>
      {error && <Trouble error={error} />}
    </View>
  );
}

function NextTimeLine({ next, view, today }: { next: NextTime; view: CaseView; today: string }) {
  const tables = useKnowledge();
  const { row } = next;
  const { choose, isRunning, isOff, error } = useChoosing(row, view);
  const from = monthToMark(next, today);
  const label = next.from === undefined ? 'Do it this season' : `Mark it for ${monthName(next.from)}`;
  const mark = (month: number) =>
    choose({ from: firstDayOf(month, today) }, `${row.name}: marked for ${monthName(month)}.`);
  return (
    <View style={{ gap: 2, paddingVertical: space.s }}>
      <Body strong>{row.name}</Body>
      <Body>{sentence(`${nextTimeWords(next)}, for ${lowerFirst(rowNamed(tables, next.of))}: ${next.why}`)}</Body>
      {isRunning ? (
        <Small strong>Marked; see Do.</Small>
      ) : (
        from !== undefined && (
          <Row wrap>
            <Button disabled={isOff} accessibilityLabel={`${label}: ${row.name}`} onPress={() => mark(from)}>
              {label}
            </Button>
          </Row>
        )
      )}
      {error && <Trouble error={error} />}
    </View>
  );
}

function RemedyCard({
  remedy,
  view,
  garden,
  isNext = false,
}: {
  remedy: RankedRemedy;
  view: CaseView;
  garden: GardenView;
  /** Of all that is suggested, the one to choose now. */
  isNext?: boolean;
}) {
  const { row } = remedy;
  const tables = useKnowledge();
  const nameOf = (id: string) => lowerFirst(rowNamed(tables, id));
  const roles = useRoles();
  const [open, setOpen] = useState<'mix' | 'more'>();
  const { choose, isRunning, isOff, error } = useChoosing(row, view);
  const recipe = row.recipe;
  const running = view.jobs.find((job) => job.remedy === row.id && job.endedOn === null);
  // What is mixed here is what the job is begun with; of one under way, it is the job's own.
  const mix = useMixSetting(
    view.summary.id,
    row,
    garden,
    running?.setting ?? usualSettingOf(row, garden, remedy.strength ?? null),
    [sizeOfPlace(garden, view.summary.bedId, view.summary.plantingId)],
  );
  const { strength } = mix.setting;
  const start = () => choose(open === 'mix' ? mix.setting : strength === null ? {} : { strength });
  return (
    <Sheet style={remedy.suggested ? { borderWidth: 2.5, borderColor: roles.act } : undefined}>
      <Heading rank={3}>{row.name}</Heading>
      <Small>{rungWords[row.rung]}</Small>
      <AtAGlance row={row} />
      {remedy.helps.slice(0, 2).map(({ of, why, chance }) => (
        <Longer key={of}>{sentence(`For ${nameOf(of)} (${chanceWords(chance)}): ${why}`)}</Longer>
      ))}
      {remedy.suggested && <Longer>{row.honest}</Longer>}
      {remedy.standing.map((why) => (
        <Small key={why.kind}>{standingWords(tables, why)}</Small>
      ))}
      {remedy.missing && <Small strong>{`Not in your cupboard: ${nameOf(remedy.missing)}.`}</Small>}
      {remedy.testLeaf && <Small strong>{`First two or three leaves, 48 hours: ${remedy.testLeaf}.`}</Small>}
      {row.cautions
        .filter(({ at }) => at === 'choose')

        .map(({ id, says }) => (
          <Small key={id}>{says}</Small>
        ))}
      <Row wrap>
        {isRunning ? (
          <Small strong>Under way; see Do.</Small>
        ) : (
          <Button
            kind={isNext ? 'main' : 'other'}
            disabled={isOff}
            onPress={start}
            accessibilityLabel={`Choose ${row.name}`}
          >
            Choose
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
      {error && <Trouble error={error} />}
      {open === 'mix' && (
        <MixCard
          remedy={row}
          garden={garden}
          mix={mix}
          {...(running ? { jobId: running.id } : {})}
          plants={view.summary.plant === null ? [] : [view.summary.plant]}
          nearby={view.nearby}
        />
      )}
      {open === 'more' && (
        <View style={{ gap: 4 }}>
          <Body>{row.plain}</Body>
          <Small>{`How well this is known: ${gradeWords[row.grade]}.`}</Small>
          {!remedy.suggested && <Body strong>{row.honest}</Body>}
          <Small>{`How much: ${row.rate}`}</Small>
          <RemedyFactLines facts={row.facts} />
          {row.limits.map((limit) => (
            <Small key={limit}>{`· ${limit}`}</Small>
          ))}
          {recipe && strength !== null && (
            <Small>{`Chosen: ${strengthWords(recipe, strength, garden.measures)}; never beyond ${strengthWords(recipe, recipe.cap, garden.measures)}.`}</Small>
          )}
          {row.preHarvestDays > 0 && (
            <Small>{`Wait ${counted(row.preHarvestDays, 'day', 'days')} before picking, then wash.`}</Small>
          )}
          <Terms of={[row.name, row.plain, row.honest, row.rate, ...row.limits]} />
        </View>
      )}
    </Sheet>
  );
}

/** The same four things of each, in the same place, so that one card is compared with the next. */
function AtAGlance({ row }: { row: RemedyRow }) {
  const roles = useRoles();
  const { evidence, costs, takes, harms } = glanceOf(row);
  return (
    <View
      role="group"
      aria-label="At a glance"
      style={{
        flexDirection: 'row',
        borderTopWidth: 1,
        borderBottomWidth: 1,
        borderColor: roles.line,
        paddingVertical: 6,
      }}
    >
      {(
        [
          ['Evidence', evidence],
          ['Costs', costs],
          ['Takes', takes],
          ['Harms', harms],
        ] as const
      ).map(([label, says]) => (
        <View key={label} style={{ flex: 1, minWidth: 0, paddingRight: 6 }}>
          <Small>{`${label} `}</Small>
          <Small strong style={{ color: roles.text }}>
            {says}
          </Small>
        </View>
      ))}
    </View>
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
