import { cloneElement, type ReactElement, type ReactNode } from 'react';
import { Text } from 'react-native';

/** Where the page under test stands, and where it wanted to go. */
export const place = {
  params: {} as Record<string, string>,
  went: [] as string[],
  reset() {
    place.params = {};
    place.went = [];
  },
};

/** Stands in for the router in tests of pages: links are links, and every way somewhere else is noted. */
export function Link({ href, children, asChild = false }: { href: string; children: ReactNode; asChild?: boolean }) {
  const link = { role: 'link', href };
  return asChild ? cloneElement(children as ReactElement, link) : <Text {...(link as object)}>{children}</Text>;
}

export const usePathname = () => '/here';
export const useLocalSearchParams = () => place.params;
export const useRouter = () => ({
  push: (href: string) => void place.went.push(href),
  replace: (href: string) => void place.went.push(href),
  setParams: (params: Record<string, string>) => void Object.assign(place.params, params),
});
