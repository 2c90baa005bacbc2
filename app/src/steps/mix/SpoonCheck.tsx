import type { MixOrder, MixPart } from '@trowel/core/contract';
import { readNumber } from '@trowel/core/measures';
import { View } from 'react-native';
import { SegmentedButtons } from 'react-native-paper';
import { space } from '@/theme/theme';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { Body, Small } from '@/ui/text';

type Spoon = NonNullable<MixOrder['typed']>['spoon'];

/** What somebody says they are about to measure. */
export interface SpoonTyped {
  readonly count: string;
  readonly spoon: Spoon;
}
export const nothingTyped: SpoonTyped = { count: '', spoon: 'tsp' };

/** As the core wants it; undefined while nothing is typed. */
export function typedOrder({ count, spoon }: SpoonTyped): MixOrder['typed'] {
  const number = readNumber(count);
  return number === undefined || number <= 0 ? undefined : { count: number, spoon };
}

const spoons: readonly { value: Spoon; label: string }[] = [
  { value: 'tsp', label: 'tea' },
  { value: 'tbsp', label: 'TABLE' },
  { value: 'mL', label: 'mL' },
];

interface SpoonCheckProps {
  /** The first thing to measure; powders are weighed, and so not asked about. */
  readonly first: MixPart | undefined;
  readonly slip: { readonly says: string } | undefined;
  readonly typed: SpoonTyped;
  readonly setTyped: (typed: SpoonTyped) => void;
}

/** What are you about to measure? Catches a tablespoon meant for a teaspoon before it is poured. */
export function SpoonCheck({ first, slip, typed, setTyped }: SpoonCheckProps) {
  if (!first || first.grams !== undefined) return null;
  return (
    <View style={{ gap: space.s }}>
      <Small strong>{`About to measure the ${first.name.toLowerCase()}? Check your spoon:`}</Small>
      <Row wrap>
        <Field
          label="How many"
          says="How many spoons"
          value={typed.count}
          change={(count) => setTyped({ ...typed, count })}
          numeric
          width={110}
        />
        <View style={{ minWidth: 220, flex: 1 }}>
          <SegmentedButtons
            value={typed.spoon}
            onValueChange={(spoon) =>
              setTyped({ ...typed, spoon: spoons.find(({ value }) => value === spoon)?.value ?? 'tsp' })
            }
            buttons={spoons.map(({ value, label }) => ({ value, label }))}
          />
        </View>
      </Row>
      {typedOrder(typed) && (
        <Sheet tone={slip ? 'stop' : 'good'}>
          <Body strong>{slip ? slip.says : 'That is right.'}</Body>
        </Sheet>
      )}
    </View>
  );
}
