import { InputError, type GardenView, type Mixed, type MixResponse, type RemedyOrder } from '@trowel/core/contract';
import { answerOrder } from '@trowel/core/headless';
import { asksWater, isAlive, isDrawnFrom, jobOrder } from '@trowel/core/jobs';
import { batchState, costOf, type Batch } from '@trowel/core/mix';
import { usualWater, waterFacts, type RemedyRow } from '@trowel/core/tables';
import { brewThinnedWords, costLine, dayAndMonth, sentence } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { Jug, Sprayer } from '@/drawing/Amounts';
import { space } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { Choices } from '@/ui/Choices';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { NotPrinted, PaperOnly, PrintButton, PrintedAlone, PrintedInColumns } from '@/ui/Printing';
import { QuantityField } from '@/ui/QuantityField';
import { ReadFirst } from '@/ui/ReadFirst';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { nothingTyped, SpoonCheck, typedOrder, type SpoonTyped } from './SpoonCheck';
import { StepByStep } from './StepByStep';
import type { MixSetting } from './useMixSetting';
import { VesselChoice } from './VesselChoice';
import { Part } from './WorkedView';

interface MixCardProps {
  readonly remedy: RemedyRow;
  readonly garden: GardenView;
  /** How it is to be mixed: shared with whatever is begun or changed with it. */
  readonly mix: MixSetting;
  readonly plants?: readonly string[];
  readonly nearby?: readonly string[];
  /** The job it is mixed for, where one is under way. */
  readonly jobId?: string;
  /** What stands below the choice of strengths. */
  readonly children?: ReactNode;
}

/** How much of what: spoons and fill line, what hard water takes, cautions, and the working a tap away. */
export function MixCard({ remedy, garden, mix, plants = [], nearby = [], jobId, children }: MixCardProps) {
  const { measures } = garden;
  const { setting, change, volume } = mix;
  const [typed, setTyped] = useState(nothingTyped);
  const vessel = garden.vessels.find(({ id }) => id === setting.vesselId);
  const brews = garden.brews.filter(({ batch }) => isDrawnFrom(remedy, batch) && !isGone(batch, garden.today));
  const brew = brews.find(({ id }) => id === setting.batchId);
  const noteMix = useNoteMix(remedy, garden);
  const isTapTreated = waterFacts('tap', garden.tapTreatment).length > 0;
  const usesWater = asksWater(remedy) || (isAlive(remedy) && isTapTreated);
  const spoon = typedOrder(typed);
  const order =
    volume.base === undefined
      ? undefined
      : jobOrder(knowledge, remedy, setting, {
          measures,
          tapHardness: garden.tapHardness,
          buttHardness: garden.buttHardness,
          tapTreatment: garden.tapTreatment,
          plants,
          today: garden.today,
          batch: brew?.batch,
          vesselHeld: vessel?.classes,
        });
  const answer =
    order &&
    answerFor({
      ...order,
      nearby: [...new Set(nearby)],
      ...(spoon === undefined ? {} : { typed: spoon }),
    });
  const strengths = remedy.recipe?.strengths ?? [];
  const sprayers = garden.vessels.filter(({ kind }) => kind === 'sprayer' || kind === 'can');
  return (
    <View style={{ gap: space.m }}>
      {strengths.length > 1 && (
        <View role="group" aria-label="How strong">
          <Row wrap>
            {strengths.map(({ id, label, value, why }) => (
              <Toggle
                key={id}
                pressed={value === (typeof order?.strength === 'number' ? order.strength : setting.strength)}
                label={`${label}: ${why}`}
                onPress={() => change({ strength: value })}
              >
                {label}
              </Toggle>
            ))}
          </Row>
        </View>
      )}
      {children}
      {brews.length > 0 && (
        <View role="group" aria-label="Drawn from">
          <Row wrap>
            {brews.map(({ id, name, batch }) => (
              <Toggle
                key={id}
                pressed={id === brew?.id}
                // By its age it is thinned; a strength that was chosen for something else does not hold for it.
                onPress={() => change({ batchId: id === brew?.id ? null : id, strength: null })}
              >
                {`${name} (${brewThinnedWords(batch, garden.today)})`}
              </Toggle>
            ))}
          </Row>
        </View>
      )}
      <Row wrap style={{ alignItems: 'flex-end' }}>
        <QuantityField label="Ready mix wanted" {...volume.field} />
        {usesWater && (
          <Choices
            of={[
              { id: 'tap', name: 'Tap water' },
              { id: 'butt', name: 'Water butt' },
            ]}
            chosen={setting.water ?? usualWater}
            choose={(water) => change({ water })}
          />
        )}
      </Row>
      <VesselChoice
        vessels={sprayers}
        chosen={setting.vesselId ?? undefined}
        choose={(id) => change({ vesselId: id ?? null })}
      />
      {answer === undefined ? null : typeof answer === 'string' ? (
        <Sheet tone="warn">
          <Body>{answer}</Body>
        </Sheet>
      ) : answer.kind === 'mix' ? (
        <Answer
          name={remedy.name}
          answer={answer}
          typed={typed}
          setTyped={setTyped}
          garden={garden}
          {...(vessel ? { vesselMl: vessel.volumeMl } : {})}
        >
          <Heading rank={3}>Read, then mix</Heading>
          <ReadFirst
            key={remedy.id}
            cautions={answer.cautions}
            label={vessel ? `Mixed, in ${vessel.name}` : 'Mixed it'}
            done={(acknowledged) =>
              noteMix.note({
                remedy: remedy.id,
                volumeMl: answer.totalMl,
                plants: [...plants],
                acknowledged,
                ...(typeof order?.strength === 'number' ? { strength: order.strength } : {}),
                ...(setting.vesselId === null ? {} : { vesselId: setting.vesselId }),
                ...(setting.water === null ? {} : { water: setting.water }),
                ...(brew === undefined ? {} : { batchId: brew.id }),
                ...(jobId === undefined ? {} : { jobId }),
              })
            }
          />
          {noteMix.error && <Trouble error={noteMix.error} />}
        </Answer>
      ) : (
        <Sheet tone="stop">
          <Heading rank={3}>Not like this</Heading>
          <Body>{'says' in answer ? answer.says : ''}</Body>
        </Sheet>
      )}
    </View>
  );
}

const isGone = (batch: Batch, today: string) => batchState(batch, today).stage === 'gone';

/** Notes that it was mixed, with a way to take that back. */
function useNoteMix({ name }: RemedyRow, { cupboard }: GardenView) {
  const note = useAct('noteMix');
  const takeBack = useAct('takeBackMix');
  const tell = useNotice();
  return {
    error: note.error ?? takeBack.error,
    note: (body: NonNullable<Parameters<typeof note.mutate>[0]['body']>) =>
      note.mutate(
        { body },
        {
          onSuccess: ({ id }) =>
            tell({
              says: `${name}: noted${cupboard.length > 0 ? ', and taken from the cupboard' : ''}.`,
              undo: () => takeBack.mutate({ id }, { onSuccess: () => tell({ says: `${name}: taken back.` }) }),
            }),
        },
      ),
  };
}

/** The card, or in words what does not fit. */
function answerFor(order: RemedyOrder): MixResponse | string {
  try {
    return answerOrder(knowledge, { way: 'remedy', ...order });
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.problems.map(({ message }) => sentence(`It ${message}`)).join(' ');
  }
}

/** A card for a recipe of one's own, or why it will not. */
export function MixAnswer({ answer }: { answer: MixResponse }) {
  if (answer.kind === 'mix')
    return (
      <>
        <Measures answer={answer} />
        {answer.cautions.map(({ rule, level, says }) => (
          <Sheet key={rule} tone={level === 'note' ? 'deep' : 'stop'}>
            <Body strong={level !== 'note'}>{says}</Body>
          </Sheet>
        ))}
        {answer.honest && <Longer small>{answer.honest}</Longer>}
      </>
    );
  return (
    <Sheet tone="stop">
      <Body strong>{'says' in answer ? answer.says : ''}</Body>
    </Sheet>
  );
}

/** Before, what to wear, putting it on, afterwards, limits: the card can be followed by itself. */
function CardLines({ card }: { card: NonNullable<Mixed['card']> }) {
  const blocks = [
    ['Before', card.before],
    ['Put it on', card.putOn],
    ['Afterwards', card.after],
    ['Limits', card.limits],
  ] as const;
  return (
    <PrintedInColumns style={{ gap: space.m }}>
      {card.wear.length > 0 && <Body strong>{`Wear ${card.wear.join(', ')}.`}</Body>}
      {blocks.map(([title, lines]) =>
        lines.length === 0 ? null : (
          <View key={title} style={{ gap: 2 }}>
            <Heading rank={3}>{title}</Heading>
            {lines.map((words) => (
              <Body key={words}>{`· ${sentence(words)}`}</Body>
            ))}
          </View>
        ),
      )}
      <Body strong>{card.expect}</Body>
    </PrintedInColumns>
  );
}

/** Jug or sprayer, spoons, and the order of work. */
function Measures({ answer, vesselMl }: { answer: Mixed; vesselMl?: number }) {
  return (
    <>
      <Row gap={space.l} wrap style={{ alignItems: 'flex-end' }}>
        {vesselMl === undefined ? (
          <Jug share={answer.water.ml / Math.max(answer.totalMl, 1)} says={answer.water.says} />
        ) : (
          <Sprayer waterShare={answer.water.ml / vesselMl} share={answer.totalMl / vesselMl} says={answer.water.says} />
        )}
        {answer.parts.map((part) => (
          <Part key={part.ingredient} part={part} />
        ))}
      </Row>
      <StepByStep steps={answer.order} />
    </>
  );
}

function Answer({
  name,
  answer,
  typed,
  setTyped,
  garden,
  vesselMl,
  children,
}: {
  /** Of what: it heads the card on paper. */
  name: string;
  answer: Mixed;
  /** What is read and noted once it is mixed; it stands above the long part of the card. */
  children: ReactNode;
  garden: GardenView;
  vesselMl?: number;
  typed: SpoonTyped;
  setTyped: (typed: SpoonTyped) => void;
}) {
  const [open, setOpen] = useState(false);
  const { measures } = garden;
  const price = costOf(answer.parts, garden.cupboard);
  return (
    <PrintedAlone style={{ gap: space.m }}>
      <PaperOnly style={{ gap: 2 }}>
        <Heading rank={1}>{name}</Heading>
        <Body>{`${sentence(answer.strength)} ${dayAndMonth(garden.today)}.`}</Body>
      </PaperOnly>
      <Measures answer={answer} {...(vesselMl === undefined ? {} : { vesselMl })} />
      {price !== undefined && <Small>{costLine(price, answer.totalMl, measures)}</Small>}
      {answer.hardWater && (
        <Sheet tone={answer.hardWater.extra || answer.hardWater.useRainWater ? 'warn' : 'good'}>
          <Body>{answer.hardWater.says}</Body>
          {answer.hardWater.extra && <Small>{answer.hardWater.extra.says}</Small>}
        </Sheet>
      )}
      {answer.cautions
        .filter(({ level }) => level === 'note')
        .map(({ rule, says }) => (
          <Sheet key={rule} tone="deep">
            <Body>{says}</Body>
          </Sheet>
        ))}
      <PaperOnly>
        {answer.cautions
          .filter(({ level }) => level !== 'note')
          .map(({ rule, says }) => (
            <Body key={rule} strong>
              {says}
            </Body>
          ))}
      </PaperOnly>
      <NotPrinted style={{ gap: space.m }}>{children}</NotPrinted>
      {answer.card && <CardLines card={answer.card} />}
      <NotPrinted style={{ gap: space.m }}>
        <SpoonCheck first={answer.parts[0]} slip={answer.slip} typed={typed} setTyped={setTyped} system={measures} />
        <Row wrap>
          <Toggle expanded={open} onPress={() => setOpen(!open)}>
            {open ? 'Close the working' : 'How it was worked out'}
          </Toggle>
          <PrintButton kind="other">Print the card</PrintButton>
        </Row>
      </NotPrinted>
      {open && (
        <View>
          <Small>{`Strength: ${answer.strength}.`}</Small>
          {answer.working.map(({ id, what, how, value }) => (
            <Body key={id + what}>{`${what}: ${how} = ${value}`}</Body>
          ))}
          {answer.honest && <Longer small>{answer.honest}</Longer>}
        </View>
      )}
    </PrintedAlone>
  );
}
