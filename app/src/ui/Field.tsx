import { TextInput } from 'react-native-paper';

interface FieldProps {
  /** Short, as it stands on the field. */
  readonly label: string;
  /** In full, for a screen reader. */
  readonly says?: string;
  readonly value: string;
  readonly change: (value: string) => void;
  /** Numbers bring up the number keys. */
  readonly numeric?: boolean;
  /** Fixed width in px; left out, it grows with its row from `least`. */
  readonly width?: number;
  readonly least?: number;
  readonly lines?: number;
}

/** One outlined field. */
export function Field({ label, says = label, value, change, numeric = false, width, least, lines }: FieldProps) {
  return (
    <TextInput
      mode="outlined"
      style={width !== undefined ? { width } : least !== undefined ? { flex: 1, minWidth: least } : undefined}
      label={label}
      aria-label={says}
      {...(numeric ? { inputMode: 'decimal' as const } : {})}
      {...(lines === undefined ? {} : { multiline: true, numberOfLines: lines })}
      value={value}
      onChangeText={change}
    />
  );
}
