import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Button } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { fonts, space, useRoles } from '@/theme/theme';
import { Icon } from '@/ui/Icon';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { TickBox } from '@/ui/TickBox';
import { Body, Heading, Small } from '@/ui/text';

interface CounterProps {
  readonly caseId: string;
  readonly treatmentId: string;
  readonly kind: 'before' | 'after';
  readonly what: string;
  readonly unit: 'number' | 'yes-no';
}

const aimAt = 10;

/** Ten leaves in half a minute: count up with the thumb, next leaf, done. What was counted is kept until it is saved. */
export function Counter({ caseId, treatmentId, kind, what, unit }: CounterProps) {
  const draftKey = `count:${treatmentId}:${kind}`;
  const [counts, setCounts] = useState<readonly number[]>(() => readDraft(draftKey));
  const [now, setNow] = useState(0);
  const [harm, setHarm] = useState(false);
  const command = useCommand();
  const tell = useNotice();
  const roles = useRoles();
  const keep = (list: readonly number[]) => {
    setCounts(list);
    globalThis.sessionStorage?.setItem(draftKey, JSON.stringify(list));
  };
  const add = (value: number) => {
    keep([...counts, value]);
    setNow(0);
  };
  const save = () =>
    command.mutate(
      { path: `/cases/${caseId}/looks`, body: { treatmentId, kind, counts, harmSeen: harm } },
      {
        onSuccess: () => {
          globalThis.sessionStorage?.removeItem(draftKey);
          setCounts([]);
          setHarm(false);
          tell({ says: kind === 'before' ? 'Counted. Now the change can be told.' : 'Counted.' });
        },
      },
    );
  return (
    <Sheet>
      <Heading rank={3}>{kind === 'before' ? 'Count before you begin' : 'Count again, the same way'}</Heading>
      <Small>{`${what.charAt(0).toUpperCase()}${what.slice(1)}. Ten, chosen as you walk, not by how bad they look. ${counts.length} so far.`}</Small>
      {unit === 'number' ? (
        <Row gap={space.m} style={{ justifyContent: 'center' }}>
          <BigButton icon="minus" label="One fewer" onPress={() => setNow(Math.max(0, now - 1))} />
          <Text
            aria-live="polite"
            style={{ fontFamily: fonts.heading, fontSize: 44, minWidth: 84, textAlign: 'center', color: roles.text }}
          >
            {now}
          </Text>
          <BigButton icon="plus" label="One more" onPress={() => setNow(now + 1)} />
          <BigButton icon="plus" label="Five more" words="5" onPress={() => setNow(now + 5)} />
        </Row>
      ) : null}
      <Row wrap style={{ justifyContent: 'center' }}>
        {unit === 'number' ? (
          <Button mode="contained" contentStyle={{ minHeight: 56, paddingHorizontal: 16 }} onPress={() => add(now)}>
            {`Next (${counts.length + 1})`}
          </Button>
        ) : (
          <>
            <Button mode="contained" contentStyle={{ minHeight: 56 }} onPress={() => add(1)}>
              Yes
            </Button>
            <Button mode="contained-tonal" contentStyle={{ minHeight: 56 }} onPress={() => add(0)}>
              No
            </Button>
          </>
        )}
        <Button
          contentStyle={{ minHeight: 56 }}
          disabled={counts.length === 0}
          onPress={() => keep(counts.slice(0, -1))}
        >
          Take back
        </Button>
      </Row>
      {counts.length > 0 && (
        <Body>
          {counts.map((value) => (unit === 'number' ? String(value) : value === 1 ? 'yes' : 'no')).join(' · ')}
        </Body>
      )}
      {kind === 'after' && (
        <Pressable
          role="checkbox"
          aria-checked={harm}
          onPress={() => setHarm(!harm)}
          style={{ flexDirection: 'row', alignItems: 'center', gap: space.m, minHeight: space.target }}
        >
          <TickBox state={harm ? 'done' : 'open'} />
          <Body>The plant looks burnt or wilted since</Body>
        </Pressable>
      )}
      {command.isError && <Trouble error={command.error} again={save} />}
      <Button
        mode={counts.length >= aimAt ? 'contained' : 'outlined'}
        contentStyle={{ minHeight: 52 }}
        disabled={counts.length < 3 || command.isPending}
        onPress={save}
      >
        {counts.length < 3 ? 'Three at least, ten are better' : `Save ${counts.length} counts`}
      </Button>
    </Sheet>
  );
}

function readDraft(key: string): number[] {
  try {
    const kept: unknown = JSON.parse(globalThis.sessionStorage?.getItem(key) ?? '[]');
    return Array.isArray(kept) ? kept.filter((value): value is number => typeof value === 'number') : [];
  } catch {
    return [];
  }
}

function BigButton({
  icon,
  label,
  words,
  onPress,
}: {
  icon: 'plus' | 'minus';
  label: string;
  words?: string;
  onPress: () => void;
}) {
  const roles = useRoles();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      style={{
        width: 64,
        height: 64,
        borderRadius: 32,
        borderWidth: 2,
        borderColor: roles.text,
        alignItems: 'center',
        justifyContent: 'center',
        flexDirection: 'row',
        backgroundColor: roles.goodGround,
      }}
    >
      <Icon name={icon} size={28} color={roles.text} />
      {words && (
        <View>
          <Body strong>{words}</Body>
        </View>
      )}
    </Pressable>
  );
}
