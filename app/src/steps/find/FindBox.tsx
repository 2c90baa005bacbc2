import { fillText, find, type Findable, type Found } from '@trowel/core/find';
import { proseIn } from '@trowel/core/quantities';
import { rowById } from '@trowel/core/tables';
import { Link, useRouter, type Href } from 'expo-router';
import { useDeferredValue, useMemo } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useMeasures } from '@/api/measures';
import { useBench, useCases, useGarden, usePastCases } from '@/api/queries';
import { Plate } from '@/drawing/Plate';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Icon, type IconName } from '@/ui/Icon';
import { Row } from '@/ui/layout';
import { Body, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { kindNames, needExamples, pages } from '@/wording/find';
import { filledWords } from '@/wording/filled';

/** Letters from which closed cases are looked through as well. */
const longEnough = 3;

/** What there is to find in this garden by some words. */
function useFindables(asked: string): readonly Findable[] {
  const beds = useGarden().data?.beds;
  const open = useCases().data?.open;
  const words = asked.trim().slice(0, 80);
  const past = usePastCases(words, words.length >= longEnough).data?.pages[0]?.cases;
  const bench = useBench().data;
  return useMemo(
    () => [
      ...pages,
      ...(beds ?? []).map(({ id, name, note, size }): Findable => {
        const area = size?.area;
        return { kind: 'bed', id, name, words: note, ...(area === undefined ? {} : { area }) };
      }),
      ...[...(open ?? []), ...(past ?? [])].map(({ id, name, leading }): Findable => ({
        kind: 'case',
        id,
        name,
        words: leading[0]?.name ?? '',
      })),
      ...(bench?.batches ?? []).map(({ id, name }): Findable => ({ kind: 'brew', id, name })),
      ...(bench?.vessels ?? []).map(({ id, name }): Findable => ({ kind: 'vessel', id, name })),
    ],
    [beds, open, past, bench],
  );
}

/** Where a thing that was found is, filled in with what was said. */
function placeOf({ kind, id, fill }: Found, isMixed: boolean): Href {
  const filled = Object.keys(fill).length > 0 ? `&fill=${encodeURIComponent(fillText(fill))}` : '';
  switch (kind) {
    case 'remedy':
      return (
        isMixed
          ? `/bench?part=mix&remedy=${id}${filled}`
          : `/jobs/new?remedy=${id}${fill.bedId ? `&bed=${fill.bedId}` : ''}`
      ) as Href;
    case 'tool':
      return `/bench?part=work&tool=${id}${filled}` as Href;
    case 'plate':
      return `/plates?plate=${id}` as Href;
    case 'case':
      return `/cases/${id}` as Href;
    case 'bed':
      return `/garden/${id}` as Href;
    case 'brew':
      return '/bench?part=brews' as Href;
    case 'vessel':
      return '/bench?part=cupboard' as Href;
    case 'page':
      return id as Href;
    default:
      return kind satisfies never;
  }
}

const icons: Readonly<Record<Exclude<Found['kind'], 'plate'>, IconName>> = {
  remedy: 'bench',
  tool: 'bench',
  case: 'cases',
  bed: 'garden',
  brew: 'bench',
  vessel: 'bench',
  page: 'open',
};

/** Says in one line what is needed, and opens it filled in; at most seven to choose from. */
export function FindBox({ opened, onTop = false }: { opened?: () => void; onTop?: boolean }) {
  const [line, setLine] = useDraft(onTop ? 'search:anything' : 'search:bench');
  const roles = useRoles();
  const router = useRouter();
  const measures = useMeasures();
  const knowledge = useKnowledge();
  // Typing goes before finding.
  const asked = useDeferredValue(line);
  const here = useFindables(asked);
  const found = useMemo(() => find(knowledge, here, asked, measures), [knowledge, here, asked, measures]);
  const isMixed = (id: string) => knowledge.remedies.some((row) => row.id === id && row.recipe !== undefined);
  const examples = needExamples.map((words) => proseIn(words, measures));
  const go = (one: Found) => {
    opened?.();
    setLine('');
    router.push(placeOf(one, isMixed(one.id)));
  };
  return (
    <View style={{ gap: space.s, width: '100%', maxWidth: 760 }}>
      <TextInput
        mode="outlined"
        label="What do you need?"
        aria-label="What do you need?"
        value={line}
        onChangeText={setLine}
        autoFocus={onTop}
        onSubmitEditing={() => found[0] && go(found[0])}
      />
      {line.trim() === '' &&
        (onTop ? (
          <Row wrap>
            {examples.map((example) => (
              <Toggle key={example} pressed={false} onPress={() => setLine(example)}>
                {example}
              </Toggle>
            ))}
          </Row>
        ) : (
          <Small>{`As you would say it: ${examples.map((example) => `“${example}”`).join(', ')}.`}</Small>
        ))}
      {asked.trim() !== '' && found.length === 0 && <Body>{`Nothing here is called “${asked.trim()}”.`}</Body>}
      <View role="list" aria-label="Found">
        {found.map((one, at) => {
          const filled = filledWords(one, here, measures);
          return (
            <View role="listitem" key={`${one.kind}${one.id}`}>
              <Link href={placeOf(one, isMixed(one.id))} asChild onPress={() => (opened?.(), setLine(''))}>
                <Pressable
                  style={{
                    flexDirection: 'row',
                    alignItems: 'center',
                    gap: space.m,
                    minHeight: space.target + 8,
                    paddingVertical: space.xs,
                    paddingHorizontal: space.s,
                    borderBottomWidth: 1,
                    borderColor: roles.line,
                    backgroundColor: at === 0 ? roles.goodGround : 'transparent',
                  }}
                >
                  <View style={{ width: 44, alignItems: 'center' }}>
                    {one.kind === 'plate' ? (
                      <Plate spec={rowById(knowledge.signs, one.id, 'signs').plate} size={40} />
                    ) : (
                      <Icon name={icons[one.kind]} color={roles.softText} />
                    )}
                  </View>
                  <View style={{ flex: 1, minWidth: 0 }}>
                    <Body strong>{one.name}</Body>
                    <Small>{filled === '' ? kindNames[one.kind] : `${kindNames[one.kind]} · ${filled}`}</Small>
                  </View>
                </Pressable>
              </Link>
            </View>
          );
        })}
      </View>
    </View>
  );
}
