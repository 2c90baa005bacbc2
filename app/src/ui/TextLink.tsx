import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Row } from './layout';
import { Small } from './text';

/** A line of a list, and still wide enough for a thumb, px. */
const thumb = 44;

/** A link in running text, as high as a thumb; what may stand before it is part of the link. */
export function TextLink({ href, before, children }: { href: Href; before?: ReactNode; children: string }) {
  return (
    <Link href={href} style={{ display: 'flex' }}>
      <View style={{ minHeight: thumb, justifyContent: 'center', flexShrink: 1, minWidth: 0 }}>
        <Row gap={6}>
          {before}
          <Small style={{ textDecorationLine: 'underline', flexShrink: 1 }}>{children}</Small>
        </Row>
      </View>
    </Link>
  );
}
