import type { CaseView } from '@trowel/core/contract';
import { platesFor, tapParts, type TapPart } from '@trowel/core/read';
import type { SignRow, Tables } from '@trowel/core/tables';
import { capital, lowerFirst } from '@trowel/core/wording';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useAct, useNoteSign } from '@/api/queries';
import { DrawnPlant } from '@/drawing/DrawnPlant';
import { Plate } from '@/drawing/Plate';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Icon } from '@/ui/Icon';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { CountPanel } from './CountPanel';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { stateWords } from '@/wording/cases';

type State = 'seen' | 'absent' | 'not-looked';

const next: Record<State, State> = { 'not-looked': 'seen', seen: 'absent', absent: 'not-looked' };

/** Reading: tap a part of the drawn plant, recognise the plates; or say it in one line. */
export function ReadPart({ view }: { view: CaseView }) {
  const knowledge = useKnowledge();
  const { id } = view.summary;
  const plant = knowledge.plants.find((row) => row.id === view.summary.plant);
  const [part, setPart] = useState<TapPart>(plant ? 'tips' : 'around');
  const note = useNoteSign(id);
  const tell = useNotice();
  const states = new Map<string, State>(view.situation.evidence.map(({ sign, state }) => [sign, state]));
  const [whole, setWhole] = useState(false);
  const plates = platesFor(knowledge, plant, part);
  const shown = plates.filter(({ id: sign }, index) => whole || index < shownAtFirst || states.has(sign));
  const tap = (sign: SignRow) =>
    note.mutate(
      { sign: sign.id, state: next[states.get(sign.id) ?? 'not-looked'] },
      { onError: (error) => tell({ says: error.message }) },
    );
  return (
    <View style={{ gap: space.m }}>
      <SayLine caseId={id} disabled={view.summary.status === 'closed'} />
      <Noted view={view} onTap={tap} states={states} />
      <DrawnPlant
        plant={plant}
        chosen={part}
        noted={notedByPart(knowledge, view, states)}
        onTap={(next) => (setPart(next), setWhole(false))}
      />
      <Heading rank={3}>{tapParts.find((row) => row.id === part)?.label ?? ''}</Heading>
      <Small>Tap once: seen. Tap again: looked, and it is not there. A third tap takes it back.</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.s }}>
        {shown.map((sign) => (
          <PlateButton
            key={sign.id}
            sign={sign}
            state={states.get(sign.id) ?? 'not-looked'}
            disabled={view.summary.status === 'closed'}
            onTap={() => tap(sign)}
          />
        ))}
      </View>
      {plates.length > shown.length && (
        <Button kind="other" onPress={() => setWhole(true)}>
          {`Show ${plates.length - shown.length} rarer plates`}
        </Button>
      )}
      <CountPanel view={view} />
    </View>
  );
}

/** Plates shown at first: those likeliest on this plant, and whatever is noted already. */
const shownAtFirst = 18;

/** What a soil test of the bed found not to be so goes without saying. */
function goesWithoutSaying(view: CaseView, sign: string, states: ReadonlyMap<string, State>): boolean {
  return view.situation.measured.includes(sign) && states.get(sign) === 'absent';
}

function notedByPart(
  { signs }: Tables,
  view: CaseView,
  states: ReadonlyMap<string, State>,
): Partial<Record<TapPart, number>> {
  const noted = signs.filter(({ id }) => states.has(id) && !goesWithoutSaying(view, id, states));
  return Object.fromEntries(
    tapParts.map(({ id, wheres }) => [
      id,
      noted.filter(({ where }) => (wheres as readonly string[]).includes(where)).length,
    ]),
  );
}

function SayLine({ caseId, disabled }: { caseId: string; disabled: boolean }) {
  const [text, setText] = useDraft(`say-${caseId}`);
  const addEvidence = useAct('addEvidence');
  const [missed, setMissed] = useState<readonly string[]>([]);
  const send = () => {
    if (text.trim() === '') return;
    addEvidence.mutate(
      { id: caseId, body: { said: text } },
      {
        onSuccess: ({ notUnderstood }) => {
          setMissed(notUnderstood);
          setText('');
        },
      },
    );
  };
  return (
    <View style={{ gap: space.s }}>
      <Row>
        <TextInput
          mode="outlined"
          style={{ flex: 1 }}
          label="Say what you see"
          aria-label="Say what you see"
          placeholder="sticky leaves, ants on the stems, no webbing"
          value={text}
          onChangeText={setText}
          onSubmitEditing={send}
          disabled={disabled}
        />
        <Button
          kind="main"
          // The field's floating label reaches 6 px above its outline.
          style={{ marginTop: 6 }}
          tall
          disabled={disabled || addEvidence.isPending}
          onPress={send}
        >
          Note
        </Button>
      </Row>
      {addEvidence.error && <Trouble error={addEvidence.error} again={send} />}
      {missed.length > 0 && (
        <Sheet tone="warn">
          <Body>{`Not understood, and not guessed at: ${missed.map((word) => `“${word}”`).join(', ')}.`}</Body>
        </Sheet>
      )}
    </View>
  );
}

function Noted({
  view,
  states,
  onTap,
}: {
  view: CaseView;
  states: ReadonlyMap<string, State>;
  onTap: (sign: SignRow) => void;
}) {
  const roles = useRoles();
  const knowledge = useKnowledge();
  const noted = view.situation.evidence
    .filter(({ sign }) => !goesWithoutSaying(view, sign, states))
    .flatMap(({ sign, amount }) => {
      const row = knowledge.signs.find((candidate) => candidate.id === sign);
      return row ? [{ row, amount }] : [];
    });
  if (noted.length === 0 && view.noLongerKnown.length === 0)
    return <Body soft>Nothing noted yet. Say it in a line, or tap the part where you see it.</Body>;
  return (
    <Row wrap>
      {noted.map(({ row, amount }) => {
        const absent = states.get(row.id) === 'absent';
        return (
          <Pressable
            key={row.id}
            role="button"
            aria-label={`${row.name}: ${stateWords[states.get(row.id) ?? 'seen']}. Tap to change.`}
            onPress={() => onTap(row)}
            style={{
              minHeight: 44,
              flexDirection: 'row',
              alignItems: 'center',
              gap: 6,
              paddingHorizontal: 12,
              borderRadius: 6,
              borderWidth: 1.5,
              borderColor: roles.text,
              borderStyle: absent ? 'dashed' : 'solid',
              backgroundColor: absent ? roles.deep : roles.goodGround,
            }}
          >
            <Icon name={absent ? 'close' : 'check'} size={18} color={roles.text} />
            <Small strong style={{ color: roles.text }}>
              {`${absent ? `no ${lowerFirst(row.name)}` : row.name}${amount === undefined ? '' : ` · ${amount}`}`}
            </Small>
          </Pressable>
        );
      })}
      {view.noLongerKnown.map((name) => (
        <Small key={name}>{capital(name)}</Small>
      ))}
    </Row>
  );
}

function PlateButton({
  sign,
  state,
  disabled,
  onTap,
}: {
  sign: SignRow;
  state: State;
  disabled: boolean;
  onTap: () => void;
}) {
  const roles = useRoles();
  const on = state !== 'not-looked';
  return (
    <Pressable
      role="button"
      aria-label={`${sign.name}. ${sign.plain} ${stateWords[state]}.`}
      aria-pressed={on}
      disabled={disabled}
      onPress={onTap}
      style={{
        width: 112,
        padding: 6,
        gap: 4,
        alignItems: 'center',
        borderRadius: 6,
        borderWidth: on ? 3 : 1,
        borderColor: on ? roles.text : roles.line,
        borderStyle: state === 'absent' ? 'dashed' : 'solid',
        backgroundColor: state === 'seen' ? roles.goodGround : state === 'absent' ? roles.deep : roles.raised,
      }}
    >
      <Plate spec={sign.plate} size={94} />
      <Small strong style={{ color: roles.text, textAlign: 'center' }}>
        {sign.name}
      </Small>
      {on && (
        <Row gap={4}>
          <Icon name={state === 'seen' ? 'check' : 'close'} size={16} color={roles.text} />
          <Small style={{ textAlign: 'center' }}>{state === 'seen' ? 'Seen' : 'Not there'}</Small>
        </Row>
      )}
    </Pressable>
  );
}
