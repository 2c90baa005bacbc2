import { useKeepings } from '@/api/keep';
import { LinkButton } from '@/ui/LinkButton';
import { Row, Sheet } from '@/ui/layout';
import { Body } from '@/ui/text';

/** Something is wrong with the file of the garden, and nobody would look for it where it is told in full. */
export function FileNews() {
  const view = useKeepings().data;
  if (!view || (view.salvaged === null && view.unreadable.length === 0)) return null;
  return (
    <Sheet tone="warn">
      <Body strong>
        {view.salvaged === null
          ? 'Some of the garden’s records could not be read, and stand aside.'
          : 'The file of the garden was damaged. What could be read is here.'}
      </Body>
      <Row>
        <LinkButton href="/garden/keep" kind="other">
          What is missing
        </LinkButton>
      </Row>
    </Sheet>
  );
}
