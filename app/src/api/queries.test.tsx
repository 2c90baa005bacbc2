import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { answering, draw } from '@/testing/providers';
import { Button } from '@/ui/Button';
import { useNotice } from '@/ui/notice';
import { Body } from '@/ui/text';
import { useAct, useBench } from './queries';

/** A row that is gone as soon as it was tapped, as a ticked step leaves the list of what is to do. */
function Row({ gone }: { gone: () => void }) {
  const wash = useAct('dropIngredient');
  const tell = useNotice();
  return (
    <Button
      onPress={() => {
        wash.mutate(
          { id: 'sugar' },
          {
            onSuccess: () => tell({ says: 'Taken out.', undo: () => undefined }),
            onError: ({ message }) => tell({ says: message }),
          },
        );
        gone();
      }}
    >
      Out
    </Button>
  );
}
function List() {
  const [isThere, setThere] = useState(true);
  return isThere ? <Row gone={() => setThere(false)} /> : <Body>Nothing left</Body>;
}

describe('an act', () => {
  test('is told with its way back even where the row that was tapped is gone', async () => {
    const asked = answering([200, {}]);
    draw(<List />);
    fireEvent.click(screen.getByRole('button', { name: 'Out' }));
    screen.getByText('Nothing left');
    await waitFor(() => screen.getByText('Taken out.'));
    screen.getByRole('button', { name: 'Undo' });
    expect(asked[0]).toMatchObject({ path: '/api/cupboard/sugar/drop', body: { commandId: expect.any(String) } });
  });

  test('that failed says so, and is not sent again by itself', async () => {
    const asked = answering([409, { detail: 'It is not there any more.' }]);
    draw(<List />);
    fireEvent.click(screen.getByRole('button', { name: 'Out' }));
    await waitFor(() => screen.getByText('It is not there any more.'));
    expect(asked).toHaveLength(1);
  });

  test('without a line to say for it leaves its error to be shown', async () => {
    answering([409, { detail: 'The vessel is full.' }]);
    function Plain() {
      const add = useAct('dropIngredient');
      return (
        <>
          <Button onPress={() => add.mutate({ id: 'sugar' })}>Out</Button>
          <Body>{add.error?.message ?? 'no error'}</Body>
        </>
      );
    }
    draw(<Plain />);
    screen.getByText('no error');
    fireEvent.click(screen.getByRole('button', { name: 'Out' }));
    await waitFor(() => screen.getByText('The vessel is full.'));
  });

  test('lets what it makes stale be read anew, and nothing else', async () => {
    const asked = answering([500, { detail: 'not yet' }], [200, {}], [500, { detail: 'not yet' }]);
    function Shelf() {
      const bench = useBench();
      const drop = useAct('dropIngredient');
      return (
        <>
          <Body>{bench.error?.message ?? 'reading'}</Body>
          <Button onPress={() => drop.mutate({ id: 'sugar' })}>Out</Button>
        </>
      );
    }
    draw(<Shelf />);
    await waitFor(() => screen.getByText('not yet'));
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Out' })));
    await waitFor(() =>
      expect(asked.map(({ path }) => path)).toEqual(['/api/bench', '/api/cupboard/sugar/drop', '/api/bench']),
    );
  });
});
