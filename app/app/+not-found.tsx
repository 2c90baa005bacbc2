import { Page, Row } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Body, Heading } from '@/ui/text';

export default function NotFound() {
  return (
    <Page>
      <Heading rank={1}>Nothing grows here</Heading>
      <Body>This address leads nowhere. Perhaps the case it meant is in another garden.</Body>
      <Row>
        <LinkButton href="/" kind="main">
          To Today
        </LinkButton>
      </Row>
    </Page>
  );
}
