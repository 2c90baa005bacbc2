import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { space } from '@/theme/theme';
import { Row } from './layout';
import { Small } from './text';

interface NumberFieldProps {
  readonly label: string;
  /** In full, for a screen reader, where the label is short. */
  readonly says?: string;
  readonly unit?: string;
  readonly hint?: string;
  readonly optional?: boolean;
  readonly value: string;
  readonly change: (value: string) => void;
  readonly wrong?: string | undefined;
  readonly least?: number;
}

/** A field for a bare number: per cents, counts, days, laboratory figures. */
export function NumberField({
  label,
  says = label,
  unit = '',
  hint,
  optional = false,
  value,
  change,
  wrong,
  least = 138,
}: NumberFieldProps) {
  return (
    <View style={{ flexGrow: 1, flexBasis: least, maxWidth: 330, gap: 2 }}>
      <Small strong>{`${label}${optional ? ' (optional)' : ''}`}</Small>
      <Row gap={6}>
        <TextInput
          mode="outlined"
          dense
          style={{ flex: 1, minWidth: 76, height: space.target }}
          aria-label={unit ? `${says}, in ${unit}` : says}
          inputMode="decimal"
          error={wrong !== undefined}
          value={value}
          onChangeText={change}
        />
        {unit !== '' && <Small style={{ maxWidth: 84 }}>{unit}</Small>}
      </Row>
      {wrong !== undefined && (
        <View role="status">
          <Small strong>{wrong}</Small>
        </View>
      )}
      {hint !== undefined && <Small>{hint}</Small>}
    </View>
  );
}
