import { findSigns, signsByPart, type TapPart } from '@trowel/core/read';
import { rowById } from '@trowel/core/tables';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { Plate } from '@/drawing/Plate';
import { useKnowledge } from '@/knowledge';
import { useReader } from '@/reader';
import { space, useRoles } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { Page, Row } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Toggle } from '@/ui/Toggle';
import { Body, Heading, Small } from '@/ui/text';

/** Every drawn plate, by the part of the plant or place it belongs to. */
export function PlatesPage() {
  const roles = useRoles();
  const knowledge = useKnowledge();
  const shelves = useMemo(() => signsByPart(knowledge), [knowledge]);
  // A plate that was asked for stands first, with those like it.
  const { plate } = useLocalSearchParams<{ plate?: string }>();
  const [sought, setSought] = useDraft('search:plates');
  const [asked, setAsked] = useState(() => knowledge.signs.find(({ id }) => id === plate)?.name);
  const wanted = asked ?? sought;
  const setWanted = (words: string) => {
    setAsked(undefined);
    setSought(words);
  };
  const [part, setPart] = useState<TapPart>('tips');
  const reader = useReader();
  const words = wanted.trim();
  // A search goes through all shelves, by what people say as well; otherwise one shelf at a time is enough to look at.
  const shown = useMemo(() => {
    if (words === '') return shelves.filter(({ id }) => id === part);
    const signs = findSigns(reader, words).map((id) => rowById(reader.signs, id, 'signs'));
    return signs.length === 0 ? [] : [{ id: 'found', label: 'Nearest first', signs }];
  }, [reader, words, shelves, part]);
  const shelfRow = (
    <Row wrap>
      {shelves.map(({ id, label, signs }) => (
        <Toggle key={id} pressed={words === '' && id === part} onPress={() => (setWanted(''), setPart(id))}>
          {`${label} · ${signs.length}`}
        </Toggle>
      ))}
    </Row>
  );
  return (
    <Page wide>
      <Heading rank={1}>Plates</Heading>
      <Body soft>{`${knowledge.signs.length} signs, drawn. What you recognise, you can note in a case.`}</Body>
      <TextInput
        mode="outlined"
        label="Find a plate"
        aria-label="Find a plate"
        value={wanted}
        onChangeText={setWanted}
      />
      {words === '' && shelfRow}
      {shown.length === 0 && <Body>{`No plate speaks of “${wanted}”.`}</Body>}
      {shown.map(({ id, label, signs }) => (
        <View key={id} style={{ gap: space.s }}>
          <Heading>{label}</Heading>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.s }}>
            {signs.map((sign) => (
              <View
                key={sign.id}
                role="group"
                aria-label={`${sign.name}. ${sign.plain}`}
                style={{
                  width: 164,
                  padding: space.s,
                  gap: 4,
                  borderRadius: 6,
                  borderWidth: 1,
                  borderColor: roles.line,
                  backgroundColor: roles.raised,
                }}
              >
                <View style={{ alignItems: 'center' }}>
                  <Plate spec={sign.plate} size={120} />
                </View>
                <Small strong style={{ color: roles.text }}>
                  {sign.name}
                </Small>
                <Longer small>{sign.plain}</Longer>
                <LinkButton
                  href={{ pathname: '/cases/new', params: { sign: sign.id, name: sign.name } }}
                  label={`I see this: ${sign.name}`}
                >
                  I see this
                </LinkButton>
                <LinkButton
                  href={{ pathname: '/jobs/new', params: { wish: `Look for: ${sign.name.toLowerCase()}` } }}
                  label={`Plan a look: ${sign.name}`}
                >
                  Plan a look
                </LinkButton>
              </View>
            ))}
          </View>
        </View>
      ))}
      {words !== '' && shelfRow}
    </Page>
  );
}
