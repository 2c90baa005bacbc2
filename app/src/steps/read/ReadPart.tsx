import type { CaseView } from '@trowel/core/contract';
import { isPerhaps, platesFor, tapParts, type TapPart } from '@trowel/core/read';
import type { SignRow, Tables } from '@trowel/core/tables';
import { capital, lowerFirst } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useAct, useNoteSign } from '@/api/queries';
import { DrawnPlant } from '@/drawing/DrawnPlant';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Icon } from '@/ui/Icon';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Chip } from './Chip';
import { CountPanel } from './CountPanel';
import { PerhapsMeant, type Perhaps } from './PerhapsMeant';
import { PlateButton, type State } from './PlateButton';
import { TriedBefore } from './TriedBefore';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { stateWords } from '@/wording/cases';

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
  const doubtful = new Set(view.situation.evidence.filter(isPerhaps).map(({ sign }) => sign));
  const tap = (sign: SignRow) => {
    const state = states.get(sign.id) ?? 'not-looked';
    // The first tap on what was only perhaps meant makes it sure.
    note.mutate(
      { sign: sign.id, state: doubtful.has(sign.id) ? state : next[state], says: sign.name },
      { onError: (error) => tell({ says: error.message }) },
    );
  };
  return (
    <View style={{ gap: space.m }}>
      <SayLine caseId={id} disabled={view.summary.status === 'closed'} />
      <Noted view={view} onTap={tap} states={states} doubtful={doubtful} />
      <TriedBefore view={view} />
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

/** Says in one line what is seen. */
export function SayLine({ caseId, disabled }: { caseId: string; disabled: boolean }) {
  const [text, setText] = useDraft(`say-${caseId}`);
  const addEvidence = useAct('addEvidence');
  const [missed, setMissed] = useState<readonly string[]>([]);
  const [perhaps, setPerhaps] = useState<readonly Perhaps[]>([]);
  const send = () => {
    if (text.trim() === '') return;
    addEvidence.mutate(
      { id: caseId, body: { said: text }, says: `“${text}”` },
      {
        onSuccess: ({ notUnderstood, perhaps: found }) => {
          setMissed(notUnderstood.filter((words) => !found.some(({ say }) => say === words)));
          setPerhaps(found);
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
      <PerhapsMeant
        caseId={caseId}
        meant={perhaps}
        settle={(item) => setPerhaps((all) => all.filter((other) => other !== item))}
      />
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
  doubtful,
  onTap,
}: {
  view: CaseView;
  states: ReadonlyMap<string, State>;
  doubtful: ReadonlySet<string>;
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
        const isDoubtful = doubtful.has(row.id);
        const told = stateWords[states.get(row.id) ?? 'seen'];
        return (
          <Chip
            key={row.id}
            label={
              isDoubtful
                ? `${row.name}: perhaps meant, counts for less. Tap if it is so.`
                : `${row.name}: ${told}. Tap to change.`
            }
            says={`${isDoubtful ? 'perhaps: ' : ''}${absent ? `no ${lowerFirst(row.name)}` : row.name}${amount === undefined ? '' : ` · ${amount}`}`}
            mark={
              isDoubtful ? (
                <Small strong>?</Small>
              ) : (
                <Icon name={absent ? 'close' : 'check'} size={18} color={roles.text} />
              )
            }
            look={{
              borderColor: roles.text,
              borderStyle: isDoubtful ? 'dotted' : absent ? 'dashed' : 'solid',
              backgroundColor: isDoubtful ? roles.raised : absent ? roles.deep : roles.goodGround,
            }}
            onPress={() => onTap(row)}
          />
        );
      })}
      {view.noLongerKnown.map((name) => (
        <Small key={name}>{capital(name)}</Small>
      ))}
    </Row>
  );
}
