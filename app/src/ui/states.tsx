import type { InfiniteData, UseInfiniteQueryResult, UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { ActivityIndicator } from 'react-native-paper';
import { isLost } from '@/api/client';
import { Button } from '@/ui/Button';
import { space } from '@/theme/theme';
import { Row, Sheet } from './layout';
import { Body, Heading } from './text';

/** Loading, error (with another try) or the thing itself. Old data stays in sight while newer is fetched. */
export function Loaded<Data>({
  query,
  children,
}: {
  query: Pick<UseQueryResult<Data>, 'data' | 'error' | 'refetch'>;
  children: (data: Data) => ReactNode;
}) {
  if (query.data !== undefined)
    return (
      <>
        {/* That the server is out of reach stands above the page already. */}
        {query.error && !isLost(query.error) && <Trouble error={query.error} again={() => void query.refetch()} />}
        {children(query.data)}
      </>
    );
  if (query.error) return <Trouble error={query.error} again={() => void query.refetch()} />;
  return <Fetching />;
}

/** A list that is fetched a page at a time: what there is so far, and a way on. */
export function LoadedPages<Page>({
  query,
  children,
}: {
  query: UseInfiniteQueryResult<InfiniteData<Page>>;
  children: (pages: readonly Page[]) => ReactNode;
}) {
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = query;
  return (
    <Loaded query={query}>
      {({ pages }) => (
        <>
          {children(pages)}
          {hasNextPage && (
            <Row>
              <Button disabled={isFetchingNextPage} onPress={() => void fetchNextPage()}>
                Show earlier
              </Button>
            </Row>
          )}
        </>
      )}
    </Loaded>
  );
}

/** What stands where something is still on its way. */
export const Fetching = () => (
  <View style={{ padding: space.xl, alignItems: 'center' }}>
    <ActivityIndicator aria-label="Fetching" />
  </View>
);

export function Trouble({ error, again }: { error: Error; again?: () => void }) {
  return (
    <Sheet tone="warn">
      <Body>{error.message}</Body>
      {again && (
        <Row>
          <Button kind="other" onPress={again}>
            Try again
          </Button>
        </Row>
      )}
    </Sheet>
  );
}

export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Sheet tone="deep">
      <Heading rank={3}>{title}</Heading>
      {children}
    </Sheet>
  );
}
