import type { JobView } from '@trowel/core/contract';
import { samples, type CountedOn } from '@trowel/core/tables';
import { capital, counted } from '@trowel/core/wording/everyday';
import { countWords, howMany, wayWords } from '@/wording/jobs';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Button } from '@/ui/Button';
import { useCountsDraft } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { fonts, space, useRoles } from '@/theme/theme';
import { useFetchedWorkshop } from '@/ui/FromWorkshop';
import { Icon } from '@/ui/Icon';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { TickBox } from '@/ui/TickBox';
import { Toggle } from '@/ui/Toggle';
import { Body, Heading, Small } from '@/ui/text';
import { Tickable } from '@/ui/Tickable';
import { AreaKeys } from './AreaKeys';

interface CounterProps {
  readonly jobId: string;
  /** The step on which it is made. */
  readonly step?: string;
  readonly kind: 'before' | 'after';
  /** How it may be counted, the finest way first. */
  readonly ways: JobView['measuredBy']['ways'];
  /** What one count is of. */
  readonly each?: CountedOn;
  /** Some were left as they are: they can be counted too, to compare with. */
  readonly canCompare?: boolean;
  /** Called when it is saved. */
  readonly done?: () => void;
}

/** Ten leaves in half a minute: count up with the thumb, next leaf, done. What was counted is kept until it is saved. */
export function Counter({ jobId, step, kind, ways, each = 'leaf', canCompare = false, done }: CounterProps) {
  const { least, aim } = samples[each];
  const [isLeft, setLeft] = useState(false);
  const [wanted, setWanted] = useState(0);
  const { unit, what, tone } = ways[wanted] ?? { unit: 'number', what: '' };
  // What was counted in one way is not read in another.
  const draft = `count:${jobId}:${kind}${unit === 'area' ? ':area' : ''}`;
  const treated = useCountsDraft(draft);
  const leftAlone = useCountsDraft(`${draft}:left`);
  const [counts, keep] = isLeft ? leftAlone : treated;
  const [now, setNow] = useState(0);
  const [harm, setHarm] = useState(false);
  const [isWhole, setWhole] = useState(false);
  const WholeCount = useFetchedWorkshop(isWhole)?.WholeCount;
  const addCount = useAct('addCount');
  const takeBack = useAct('takeBackCount');
  const tell = useNotice();
  const roles = useRoles();
  const add = (value: number) => {
    keep([...counts, value]);
    setNow(0);
  };
  const takeLastBack = () => keep(counts.slice(0, -1));
  const save = () =>
    addCount.mutate(
      {
        says: `Counted: ${counts.join(', ')}`,
        body: {
          jobId,
          unit,
          counts: [...counts],
          harmSeen: harm && !isLeft,
          isTreated: !isLeft,
          ...(step === undefined || isLeft ? {} : { step }),
        },
      },
      {
        onSuccess: ({ id }) => {
          keep([]);
          setHarm(false);
          setLeft(false);
          tell({
            says: isLeft
              ? 'Counted: those that were left as they are.'
              : kind === 'before'
                ? 'Counted. Now the change can be told.'
                : 'Counted.',
            undo: () => takeBack.mutate({ id }, { onSuccess: () => tell({ says: 'The count is taken back.' }) }),
          });
          done?.();
        },
      },
    );
  return (
    <Sheet>
      <Heading rank={3}>{kind === 'before' ? 'Count before you begin' : 'Count again, the same way'}</Heading>
      <Small>{`${capital(what)}. ${unit === 'area' ? howMany.area : howMany[each]}${kind === 'after' && each === 'leaf' ? ' On the same plants as last time.' : ''} ${counts.length} so far.`}</Small>
      {canCompare && (
        <Row wrap>
          <Toggle pressed={!isLeft} onPress={() => setLeft(false)}>
            Treated
          </Toggle>
          <Toggle pressed={isLeft} onPress={() => setLeft(true)}>
            Left as they are
          </Toggle>
        </Row>
      )}
      {ways.length > 1 && counts.length === 0 && (
        <Row wrap>
          {ways.map((way, at) => (
            <Toggle key={way.unit} pressed={at === wanted} onPress={() => setWanted(at)}>
              {wayWords[way.unit]}
            </Toggle>
          ))}
        </Row>
      )}
      {unit === 'area' && <AreaKeys tone={tone ?? 'brown'} add={add} />}
      {unit === 'number' && <Keys add={add} />}
      {unit === 'number' ? (
        <Row wrap gap={space.m} style={{ justifyContent: 'center' }}>
          <BigButton icon="minus" label="One fewer" onPress={() => setNow(Math.max(0, now - 1))} />
          <Text
            aria-live="polite"
            style={{ fontFamily: fonts.heading, fontSize: 44, minWidth: 84, textAlign: 'center', color: roles.text }}
          >
            {now}
          </Text>
          <BigButton icon="plus" label="One more" onPress={() => setNow(now + 1)} />
          <BigButton icon="plus" label="5 more" words="5" onPress={() => setNow(now + 5)} />
        </Row>
      ) : null}
      <Row wrap style={{ justifyContent: 'center' }}>
        {unit === 'number' && (
          <Button kind="main" tall onPress={() => add(now)}>
            {`Next (${counts.length + 1})`}
          </Button>
        )}
        {unit === 'yes-no' && (
          <>
            <Button kind="main" tall onPress={() => add(1)}>
              Yes
            </Button>
            <Button kind="soft" tall onPress={() => add(0)}>
              No
            </Button>
          </>
        )}
        <Button tall disabled={counts.length === 0} onPress={takeLastBack}>
          Take back
        </Button>
        {unit === 'number' && (
          <Button tall onPress={() => setWhole(true)}>
            Whole screen
          </Button>
        )}
      </Row>
      {isWhole && WholeCount && (
        <WholeCount
          what={`${capital(what)}${isLeft ? ', left as they are' : ''}`}
          now={now}
          counts={counts}
          step={(by) => setNow(Math.max(0, now + by))}
          next={() => add(now)}
          takeBack={takeLastBack}
          close={() => setWhole(false)}
        />
      )}
      {counts.length > 0 && <Body>{counts.map((value) => countWords(value, unit)).join(' · ')}</Body>}
      {kind === 'after' && !isLeft && (
        <Tickable
          isTicked={harm}
          tick={() => setHarm(!harm)}
          style={{ flexDirection: 'row', alignItems: 'center', gap: space.m, minHeight: space.target }}
        >
          <TickBox state={harm ? 'done' : 'open'} />
          <Body>The plant looks burnt or wilted since</Body>
        </Tickable>
      )}
      {addCount.error && <Trouble error={addCount.error} again={save} />}
      <Button
        kind={counts.length >= aim ? 'main' : 'other'}
        tall
        disabled={counts.length < least || addCount.isPending}
        onPress={save}
      >
        {counts.length < least
          ? least === 1
            ? 'Nothing counted yet'
            : 'Three at least, ten are better'
          : `Save ${counted(counts.length, 'count', 'counts')}`}
      </Button>
    </Sheet>
  );
}

const keys = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;

/** One tap for a leaf with few; more than nine are counted up below. */
function Keys({ add }: { add: (value: number) => void }) {
  const roles = useRoles();
  return (
    <View
      role="group"
      aria-label="One tap for each"
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        justifyContent: 'center',
        gap: space.s,
        maxWidth: 330,
        alignSelf: 'center',
      }}
    >
      {keys.map((value) => (
        <Pressable
          key={value}
          role="button"
          aria-label={`${value}, and on`}
          onPress={() => add(value)}
          style={{
            width: 56,
            height: 56,
            borderRadius: 8,
            borderWidth: 1,
            borderColor: roles.softText,
            backgroundColor: roles.ground,
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          <Text style={{ fontFamily: fonts.heading, fontSize: 24, color: roles.text }}>{value}</Text>
        </Pressable>
      ))}
    </View>
  );
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
