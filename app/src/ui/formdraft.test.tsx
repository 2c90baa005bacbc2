import { Controller } from 'react-hook-form';
import { TextInput } from 'react-native';
import { z } from 'zod';
import { useOpenDraft } from '@/api/drafts';
import { field, press, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { Button } from './Button';
import { useFormDraft } from './useFormDraft';

function Form({ of, opening }: { of: string; opening: { ph: string; lime: string } }) {
  const { control, reset } = useFormDraft(of, opening);
  return (
    <>
      {(['ph', 'lime'] as const).map((name) => (
        <Controller
          key={name}
          control={control}
          name={name}
          render={({ field: { value, onChange } }) => (
            <TextInput aria-label={name} value={value} onChangeText={onChange} />
          )}
        />
      ))}
      <Button onPress={reset}>Send</Button>
    </>
  );
}
const open = (of = 'bed', opening = { ph: '', lime: '2' }) => draw(<Form of={of} opening={opening} />);
const stands = () => [field('ph').value, field('lime').value];

describe('a form whose fields are kept', () => {
  test('what was typed stands there after a reload; what was not, as it opens', () => {
    const { unmount } = open();
    type('ph', '6.4');
    unmount();
    const { unmount: leave } = open('bed', { ph: '', lime: '3' });
    expect(stands()).toEqual(['6.4', '3']);
    leave();
    open('another bed');
    expect(stands()).toEqual(['', '2']);
  });

  test('typed back to how it opens, or sent, it is no draft', () => {
    const { unmount } = open();
    type('ph', '6.4');
    type('ph', '');
    unmount();
    expect(sessionStorage.length).toBe(0);
    const { unmount: leave } = open();
    type('ph', '7');
    press('Send');
    leave();
    open();
    expect(stands()).toEqual(['', '2']);
  });
});

function Level({ saved }: { saved: string }) {
  const [text, setText, forget] = useOpenDraft('level', z.string(), saved);
  return (
    <>
      <TextInput aria-label="level" value={text} onChangeText={setText} />
      <Button onPress={forget}>Sent</Button>
    </>
  );
}

describe('a field that opens with what was saved', () => {
  const openAt = (saved: string) => draw(<Level saved={saved} />);
  const level = () => field('level').value;

  test('what was typed over it stands after a reload, and is of that only', () => {
    const first = openAt('10');
    type('level', '12');
    first.unmount();
    const again = openAt('10');
    expect(level()).toBe('12');
    again.unmount();
    openAt('15');
    expect(level()).toBe('15');
  });

  test('what was sent, or typed back to what it was, is no draft', () => {
    const first = openAt('10');
    type('level', '12');
    press('Sent');
    expect(level()).toBe('12');
    first.unmount();
    const again = openAt('10');
    expect(level()).toBe('10');
    type('level', '9');
    type('level', '10');
    again.unmount();
    expect(sessionStorage).toHaveLength(0);
  });
});
