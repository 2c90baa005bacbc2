import type { CaseView } from '@trowel/core/contract';
import type { Choice } from '@trowel/core/choose';
import { readNumber } from '@trowel/core/quantities';
import { tellingMarks } from '@trowel/core/read';
import { rowById, type CheckRow } from '@trowel/core/tables';
import {
  lookAlikes,
  mindChangers,
  worthShowing,
  type Contribution,
  type WeighedCause,
  type Weighing,
} from '@trowel/core/weigh';
import {
  actionSentence,
  actionWords,
  avoidNotes,
  chanceLine,
  counted,
  failedWords,
  lowerFirst,
  contributionWords,
  mindChangerWords,
} from '@trowel/core/wording';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { z } from 'zod';
import { useOpenDraft } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { Blade } from '@/drawing/Blade';
import { Plate } from '@/drawing/Plate';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Icon } from '@/ui/Icon';
import { Row, Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Terms } from '@/ui/Terms';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { gradeWords } from '@/wording/remedies';

/** Weighing: what is likely and why, what lies beneath, the one question worth asking, what class of action. */
export function WeighPart({ view, weighing, choice }: { view: CaseView; weighing: Weighing; choice: Choice }) {
  const knowledge = useKnowledge();
  const { shown, beneath, hasUnknown } = worthShowing(weighing);
  if (view.situation.evidence.length === 0)
    return (
      <Sheet tone="deep">
        <Row gap={space.m}>
          <Blade depth={0} />
          <Body style={{ flexShrink: 1 }}>Nothing has been weighed yet. Every sign you note moves the blade.</Body>
        </Row>
      </Sheet>
    );
  const question = weighing.nextChecks[0];
  return (
    <View style={{ gap: space.m }}>
      <Sheet>
        <Row gap={space.m} style={{ alignItems: 'flex-start' }}>
          <Blade depth={weighing.depth} height={112} />
          <View style={{ flex: 1, gap: 4 }}>
            <Heading>{actionWords[weighing.action.class].title}</Heading>
            <Body>{actionSentence(knowledge, weighing)}</Body>
          </View>
        </Row>
      </Sheet>
      {question && view.summary.status === 'open' && (
        <Question caseId={view.summary.id} check={rowById(knowledge.checks, question.id, 'checks')} />
      )}
      {shown.length > 0 && <Heading>What is likely</Heading>}
      {shown.map((cause) => (
        <CauseCard key={cause.id} cause={cause} own={view.situation.thresholds[cause.id]} />
      ))}
      {hasUnknown && <Bar name="Something not known here" chance={weighing.noneOfThese} />}
      {beneath.length > 0 && <Heading>What may lie beneath</Heading>}
      {beneath.map(({ id, row, probability, because }) => (
        <Openable key={id} name={row.name} chance={probability}>
          <Body>{row.plain}</Body>
          <Reasons title="Speaks for it" list={because} />
        </Openable>
      ))}
      <Confused view={view} weighing={weighing} />
      <Avoid weighing={weighing} choice={choice} />
    </View>
  );
}

function CauseCard({ cause, own }: { cause: WeighedCause; own: number | undefined }) {
  const knowledge = useKnowledge();
  const signNames = cause.because.map(({ sign }) => rowById(knowledge.signs, sign, 'signs').name);
  return (
    <Openable name={cause.row.name} chance={cause.probability}>
      <Body>{cause.row.plain}</Body>
      <Reasons title="Speaks for it" list={cause.because} />
      <Reasons title="Speaks against it" list={cause.against} />
      {cause.failed.map((id) => (
        <Body key={id}>{failedWords(rowById(knowledge.remedies, id, 'remedies'))}</Body>
      ))}
      {cause.row.threshold && <OwnThreshold cause={cause} own={own} />}
      <Small>{`How well this is known: ${gradeWords[cause.row.grade]}.`}</Small>
      <Terms of={[cause.row.plain, cause.row.threshold ? 'threshold' : '', ...signNames]} />
    </Openable>
  );
}

/** A chance as a bar, a word and a number: never by colour alone. */
function Bar({ name, chance }: { name: string; chance: number }) {
  const roles = useRoles();
  return (
    <View style={{ gap: 4, flex: 1 }}>
      <Row wrap gap={0} style={{ justifyContent: 'space-between', alignItems: 'flex-start' }}>
        <Body strong style={{ flexShrink: 1 }}>
          {`${name} `}
        </Body>
        <Small>{chanceLine(chance)}</Small>
      </Row>
      <View
        style={{
          height: 12,
          borderRadius: 2,
          borderWidth: 1,
          borderColor: roles.softText,
          backgroundColor: roles.ground,
        }}
      >
        <View style={{ width: `${Math.max(1, chance * 100)}%`, height: '100%', backgroundColor: roles.act }} />
      </View>
    </View>
  );
}

/** What something is read as, and how likely; opened, why. */
function Openable({ name, chance, children }: { name: string; chance: number; children: React.ReactNode }) {
  const [open, setOpen] = useState(false);
  const roles = useRoles();
  return (
    <Sheet>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${name} ${chanceLine(chance)}: ${open ? 'close' : 'open'} the reasons`}
        onPress={() => setOpen(!open)}
        style={{ flexDirection: 'row', alignItems: 'center', gap: space.s, minHeight: space.target }}
      >
        <Bar name={name} chance={chance} />
        <Icon name={open ? 'down' : 'open'} color={roles.text} />
      </Pressable>
      {open && <View style={{ gap: space.s }}>{children}</View>}
    </Sheet>
  );
}

function Reasons({ title, list }: { title: string; list: readonly Contribution[] }) {
  const knowledge = useKnowledge();
  if (list.length === 0) return null;
  return (
    <View>
      <Small strong>{title}</Small>
      {list.map((item) => (
        <Body key={item.sign}>{`· ${contributionWords(item, rowById(knowledge.signs, item.sign, 'signs'))}`}</Body>
      ))}
    </View>
  );
}

function Question({ caseId, check }: { caseId: string; check: CheckRow }) {
  const answerCheck = useAct('answerCheck');
  const [open, setOpen] = useState(false);
  const answer = (id: string) => answerCheck.mutate({ id: caseId, body: { check: check.id, answer: id } });
  return (
    <Sheet tone="cool">
      <Heading rank={3}>{check.ask}</Heading>
      <Small>{`${check.minutes} min${check.waitDays > 0 ? `, answer after ${counted(check.waitDays, 'day', 'days')}` : ''} · settles ${check.settles}`}</Small>
      <Row wrap>
        {check.answers.map(({ id, says }) => (
          <Button key={id} kind="soft" disabled={answerCheck.isPending} onPress={() => answer(id)}>
            {says}
          </Button>
        ))}
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          {open ? 'Close' : 'How to'}
        </Toggle>
      </Row>
      {open && (
        <View>
          {check.needs.length > 0 && <Small>{`You need: ${check.needs.join(', ')}.`}</Small>}
          {check.steps.map((line, index) => (
            <Body key={line}>{`${index + 1}. ${line}`}</Body>
          ))}
          <Small>{check.howSure}</Small>
        </View>
      )}
      {answerCheck.error && <Trouble error={answerCheck.error} />}
    </Sheet>
  );
}

function Avoid({ weighing, choice }: { weighing: Weighing; choice: Choice }) {
  const unique = avoidNotes(weighing);
  if (unique.length === 0) return null;
  return (
    <Sheet tone="stop">
      <Heading rank={3}>Better not</Heading>
      {unique.map(({ what, why }) => (
        <Body key={what}>{`${what}: ${why}.`}</Body>
      ))}
      {choice.leftOut.length > 0 && (
        <Small>{`${counted(choice.leftOut.length, 'remedy was', 'remedies were')} left out for this; see Choose.`}</Small>
      )}
    </Sheet>
  );
}

/** The gardener's own level to act on, in place of the usual one. */
function OwnThreshold({ cause, own }: { cause: WeighedCause; own: number | undefined }) {
  const usual = cause.row.threshold;
  const [text, setText, forget] = useOpenDraft(
    `threshold-${cause.id}`,
    z.string(),
    own === undefined ? '' : String(own),
  );
  const setThreshold = useAct('setThreshold');
  if (!usual) return null;
  const typed = readNumber(text);
  const save = (actAbove: number | null) =>
    setThreshold.mutate({ id: cause.id, body: { actAbove } }, { onSuccess: forget });
  return (
    <View style={{ gap: 4 }}>
      <Small>{`Worth acting on from: ${usual.says}.${own === undefined ? '' : ` Yours: above ${own}.`}`}</Small>
      <Row wrap>
        <TextInput
          dense
          mode="outlined"
          style={{ width: 150 }}
          label={`Act above (${usual.actAbove})`}
          aria-label={`Act on ${lowerFirst(cause.row.name)} above`}
          inputMode="decimal"
          value={text}
          onChangeText={setText}
        />
        <Button
          kind="other"
          disabled={setThreshold.isPending || typed === undefined || typed < 0}
          onPress={() => save(typed ?? 0)}
        >
          Use mine
        </Button>
        {own !== undefined && (
          <Button disabled={setThreshold.isPending} onPress={() => (setText(''), save(null))}>
            Back to usual
          </Button>
        )}
      </Row>
      {setThreshold.error && <Trouble error={setThreshold.error} />}
    </View>
  );
}

/** Two close look-alikes side by side with the signs that part them, and what would change the reading. */
function Confused({ view, weighing }: { view: CaseView; weighing: Weighing }) {
  const knowledge = useKnowledge();
  const alike = lookAlikes(knowledge, weighing, view.situation);
  const changers = useMemo(
    () => mindChangers(knowledge, view.situation, weighing),
    [knowledge, view.situation, weighing],
  );
  const signOf = (id: string) => rowById(knowledge.signs, id, 'signs');
  const platesOf = (of: 'a' | 'b') =>
    (alike?.parts ?? []).flatMap(({ sign, speaksFor }) => (speaksFor === of ? [signOf(sign).plate] : []));
  return (
    <>
      {alike && (
        <Sheet>
          <Heading rank={3}>Easily taken for each other</Heading>
          <Row gap={16} style={{ alignItems: 'flex-start' }}>
            {(['a', 'b'] as const).map((side) => (
              <View key={side} style={{ flex: 1, gap: 6 }}>
                <Body strong>{alike[side].name}</Body>
                {alike.parts
                  .filter(({ speaksFor }) => speaksFor === side)
                  .map(({ sign, looked, size }) => (
                    <View key={sign} style={{ gap: 2 }}>
                      <Plate
                        spec={signOf(sign).plate}
                        size={108}
                        ringed={tellingMarks(signOf(sign).plate, platesOf(side === 'a' ? 'b' : 'a'))}
                      />
                      <Small strong>{`${signOf(sign).name}${looked ? ' (looked)' : ''}`}</Small>
                      {size !== undefined && <Small>{size}</Small>}
                    </View>
                  ))}
                {alike.parts.every(({ speaksFor }) => speaksFor !== side) && (
                  <Small>Nothing that the other does not show as well.</Small>
                )}
              </View>
            ))}
          </Row>
        </Sheet>
      )}
      {changers.length > 0 && (
        <Sheet>
          <Heading
            rank={3}
          >{`What would change this reading of ${lowerFirst(weighing.causes[0]?.row.name ?? 'it')}`}</Heading>
          {changers.map((changer) => (
            <Body key={`${changer.sign}${changer.state}`}>{mindChangerWords(knowledge, changer)}</Body>
          ))}
        </Sheet>
      )}
    </>
  );
}
