import { Row } from './layout';
import { Toggle } from './Toggle';

/** Buttons of which one is chosen. */
export function Choices<Id extends string>({
  of,
  chosen,
  choose,
}: {
  of: readonly { readonly id: Id; readonly name: string }[];
  chosen: Id | undefined;
  choose: (id: Id) => void;
}) {
  return (
    <Row wrap>
      {of.map(({ id, name }) => (
        <Toggle key={id} pressed={id === chosen} onPress={() => choose(id)}>
          {name}
        </Toggle>
      ))}
    </Row>
  );
}
