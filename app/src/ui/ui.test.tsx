import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { useDraft } from '@/api/drafts';
import { draw } from '@/testing/providers';
import { Choices } from './Choices';
import { Field } from './Field';
import { useNotice } from './notice';
import { ReadFirst } from './ReadFirst';
import { Loaded } from './states';
import { Body } from './text';

describe('what is read before something is done', () => {
  const cautions = [
    { rule: 'a', level: 'caution', says: 'It stings.', instead: 'Wear glasses.' },
    { rule: 'b', level: 'caution', says: 'It stinks.' },
    { rule: 'n', level: 'note', says: 'Nice weather.' },
  ] as const;

  test('every caution is ticked first; notes are not asked for', () => {
    const done = jest.fn();
    draw(<ReadFirst cautions={cautions} done={done} label="Mixed it" />);
    const button = screen.getByRole('button', { name: 'Mixed it' });
    expect(screen.getAllByRole('checkbox')).toHaveLength(2);
    fireEvent.click(button);
    expect(done).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Read: It stings.' }));
    fireEvent.click(button);
    expect(done).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Read: It stinks.' }));
    fireEvent.click(button);
    expect(done).toHaveBeenCalledWith(['a', 'b']);
  });

  test('a tick is taken back by a second tap', () => {
    draw(<ReadFirst cautions={cautions} done={jest.fn()} />);
    const box = screen.getByRole('checkbox', { name: 'Read: It stings.' });
    fireEvent.click(box);
    expect(box.getAttribute('aria-checked')).toBe('true');
    fireEvent.click(box);
    expect(box.getAttribute('aria-checked')).toBe('false');
  });

  test('a stop has no way past it', () => {
    draw(
      <ReadFirst
        cautions={[...cautions, { rule: 's', level: 'stop', says: 'Never.', instead: 'Hoe.' }]}
        done={jest.fn()}
      />,
    );
    expect(screen.getByRole('alert').textContent).toBe('Stop. Never. Hoe.');
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByRole('checkbox')).toBeNull();
  });
});

describe('loading, error and the thing itself', () => {
  const refetch = jest.fn();
  const query = (more: object) => ({ data: undefined, isError: false, error: null, refetch, ...more }) as never;

  test('nothing yet', () => {
    draw(<Loaded query={query({})}>{() => <Body>There</Body>}</Loaded>);
    expect(screen.getByLabelText('Fetching')).toBeTruthy();
    expect(screen.queryByText('There')).toBeNull();
  });

  test('an error with another try', () => {
    draw(<Loaded query={query({ isError: true, error: new Error('No line') })}>{() => <Body>There</Body>}</Loaded>);
    expect(screen.getByText('No line')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(refetch).toHaveBeenCalledTimes(1);
  });

  test('old data stays in sight beside a newer error', () => {
    draw(
      <Loaded query={query({ data: 'Old', isError: true, error: new Error('No line') })}>
        {(data: string) => <Body>{data}</Body>}
      </Loaded>,
    );
    expect(screen.getByText('Old')).toBeTruthy();
    expect(screen.getByText('No line')).toBeTruthy();
  });
});

describe('small pieces', () => {
  test('of several buttons one is pressed', () => {
    const choose = jest.fn();
    const of = [
      { id: 'mix', name: 'Mix' },
      { id: 'brews', name: 'Brews' },
    ] as const;
    draw(<Choices of={of} chosen="mix" choose={choose} />);
    expect(screen.getByRole('button', { name: 'Mix' }).getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByRole('button', { name: 'Brews' }).getAttribute('aria-pressed')).toBe('false');
    fireEvent.click(screen.getByRole('button', { name: 'Brews' }));
    expect(choose).toHaveBeenCalledWith('brews');
  });

  test('a field says its name in full, brings up number keys, and hands on what is typed', () => {
    const change = jest.fn();
    draw(<Field label="Hard" says="Hardness of the tap" value="" change={change} numeric />);
    const field = screen.getByLabelText('Hardness of the tap');
    expect(field.getAttribute('inputmode')).toBe('decimal');
    fireEvent.change(field, { target: { value: '180' } });
    expect(change).toHaveBeenCalledWith('180');
  });

  test('a notice offers a way back where there is one', async () => {
    const undo = jest.fn();
    function Teller() {
      const tell = useNotice();
      return <Button onPress={() => tell({ says: 'Ticked.', undo })}>Tick</Button>;
    }
    draw(<Teller />);
    fireEvent.click(screen.getByRole('button', { name: 'Tick' }));
    await waitFor(() => expect(screen.getByText('Ticked.')).toBeTruthy());
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(undo).toHaveBeenCalledTimes(1);
  });

  test('what is being typed outlives the page, and is gone once sent', () => {
    function Typing() {
      const [text, setText] = useDraft('case-1');
      const [isThere, setThere] = useState(true);
      return (
        <>
          {isThere && <Field label="Line" value={text} change={setText} />}
          <Button onPress={() => setThere(false)}>Leave</Button>
        </>
      );
    }
    const first = draw(<Typing />);
    fireEvent.change(screen.getByLabelText('Line'), { target: { value: 'sticky leaves' } });
    first.unmount();
    const second = draw(<Typing />);
    expect((screen.getByLabelText('Line') as HTMLInputElement).value).toBe('sticky leaves');
    act(() => void fireEvent.change(screen.getByLabelText('Line'), { target: { value: '' } }));
    second.unmount();
    draw(<Typing />);
    expect((screen.getByLabelText('Line') as HTMLInputElement).value).toBe('');
  });
});
