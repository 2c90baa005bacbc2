import { fullDate } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { DatePickerModal, enGB, registerTranslation } from 'react-native-paper-dates';
import { Button } from './Button';
import { Row } from './layout';
import { Small } from './text';

registerTranslation('en-GB', enGB);

/** A calendar day as the picker holds it: noon of that day here, so that no zone turns it into another. */
const toDate = (day: string): Date => new Date(`${day}T12:00:00`);
const toDay = (date: Date): string =>
  [date.getFullYear(), date.getMonth() + 1, date.getDate()].map((part) => String(part).padStart(2, '0')).join('-');

interface DateFieldProps {
  readonly label: string;
  readonly says?: string;
  /** An ISO day; null where none is set. */
  readonly day: string | null;
  readonly change: (day: string | null) => void;
  readonly disabled?: boolean;
  /** There is always a day: it cannot be taken away. */
  readonly needed?: boolean;
}

/** A day chosen from a calendar: shown in words, never typed. */
export function DateField({ label, says = label, day, change, disabled = false, needed = false }: DateFieldProps) {
  const [open, setOpen] = useState(false);
  return (
    <View style={{ gap: 2, flexGrow: 1, flexBasis: 180 }}>
      <Small strong>{label}</Small>
      <Row wrap>
        <Button
          kind="other"
          disabled={disabled}
          accessibilityLabel={`${says}: ${day === null ? 'no day yet' : fullDate(day)}; choose a day`}
          onPress={() => setOpen(true)}
        >
          {day === null ? 'Choose a day' : fullDate(day)}
        </Button>
        {day !== null && !needed && (
          <Button disabled={disabled} accessibilityLabel={`${says}: no day`} onPress={() => change(null)}>
            No day
          </Button>
        )}
      </Row>
      <DatePickerModal
        locale="en-GB"
        mode="single"
        label={label}
        saveLabel="Take it"
        inputEnabled={false}
        visible={open}
        {...(day === null ? {} : { date: toDate(day) })}
        onDismiss={() => setOpen(false)}
        onConfirm={({ date }) => {
          setOpen(false);
          if (date) change(toDay(date));
        }}
      />
    </View>
  );
}
