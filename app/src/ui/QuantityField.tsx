import { unitsOf, type FieldUnit, type MeasureSystem, type QuantityKind } from '@trowel/core/quantities';
import { notReadWords, readBackWords } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { space } from '@/theme/theme';
import { Choices } from './Choices';
import { Row } from './layout';
import { readTyped, type Typed } from './quantity';
import { Small } from './text';
import { Toggle } from './Toggle';

interface QuantityFieldProps {
  readonly label: string;
  readonly hint?: string;
  readonly kind: QuantityKind;
  readonly system: MeasureSystem;
  readonly typed: Typed;
  readonly change: (typed: Typed) => void;
  /** What is counted in this field and nowhere else: egg shells, sheets. */
  readonly also?: readonly FieldUnit[];
  readonly optional?: boolean;
  readonly least?: number;
}

/**
 * One field for an amount. It takes what people write ("1 qt", "½ cup", "1,5 l", "3 ft 6"), says at once what it
 * understood, keeps the unit that was chosen, and offers the usual ones as taps.
 */
export function QuantityField({
  label,
  hint,
  kind,
  system,
  typed,
  change,
  also = [],
  optional = false,
  least = 138,
}: QuantityFieldProps) {
  const [choosing, setChoosing] = useState(false);
  const read = readTyped(typed, kind, system, also);
  const unit = read.kind === 'read' ? read.unit : typed.unit;
  const units = [...new Set([unit, ...unitsOf(kind, system), ...also.map(({ id }) => id)])];
  const wrong = read.kind === 'not-read' && !(optional && read.because.kind === 'empty');
  const says =
    read.kind === 'read'
      ? readBackWords(read, typed.text, system)
      : wrong
        ? notReadWords(read.because, kind, system)
        : undefined;
  return (
    <View style={{ flexGrow: 1, flexBasis: least, maxWidth: 330, gap: 2 }}>
      <Small strong>{`${label}${optional ? ' (optional)' : ''}`}</Small>
      <Row gap={6}>
        <TextInput
          mode="outlined"
          dense
          style={{ flex: 1, minWidth: 76, height: space.target }}
          aria-label={`${label}, in ${unit}`}
          error={wrong}
          value={typed.text}
          onChangeText={(text) => change({ text, unit: typed.unit })}
        />
        <Toggle
          expanded={choosing}
          label={`Unit of ${label.toLowerCase()}: ${unit}; choose another`}
          onPress={() => setChoosing(!choosing)}
        >
          {unit}
        </Toggle>
      </Row>
      {choosing && (
        <Choices
          of={units.map((id) => ({ id, name: id }))}
          chosen={unit}
          choose={(next) => {
            // A unit that was typed with the figure gives way to the one that is tapped.
            change({ text: read.kind === 'read' ? String(read.figure) : typed.text, unit: next });
            setChoosing(false);
          }}
        />
      )}
      {says !== undefined && (
        <View role="status">
          <Small strong={wrong}>{says}</Small>
        </View>
      )}
      {hint !== undefined && <Small>{hint}</Small>}
    </View>
  );
}
