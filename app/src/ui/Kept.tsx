import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Button } from './Button';
import { Row, Sheet } from './layout';
import { LinkButton } from './LinkButton';
import { Body, Heading, Small } from './text';

/**
 * No page goes blank: what a page throws is told in its place, inside the shell. What was being typed is kept as
 * a draft, and another try or another page begins afresh.
 */
export function Kept({ children }: { children: ReactNode }) {
  const path = usePathname();
  return (
    <ErrorBoundary FallbackComponent={Stumbled} resetKeys={[path]}>
      {children}
    </ErrorBoundary>
  );
}

function Stumbled({ error, resetErrorBoundary }: FallbackProps) {
  return (
    <View style={{ padding: space.m, maxWidth: 760, width: '100%', alignSelf: 'center' }}>
      <Sheet tone="warn">
        <View role="alert" style={{ gap: space.s }}>
          <Heading rank={1}>This page could not be shown</Heading>
          <Body>Nothing is lost: what was saved is saved, and what you were typing is kept.</Body>
          <Small>{`What it said: ${error instanceof Error ? error.message : String(error)}`}</Small>
        </View>
        <Row wrap>
          <Button kind="main" onPress={resetErrorBoundary}>
            Try again
          </Button>
          <LinkButton href="/" kind="other">
            To Today
          </LinkButton>
          <LinkButton href="/cases">To the cases</LinkButton>
        </Row>
      </Sheet>
    </View>
  );
}
