import type { ReactNode, Ref } from 'react';
import { Text, type TextStyle } from 'react-native';
import { fonts, useRoles } from '@/theme/theme';
import { useArrival } from './arrival';

interface WordsProps {
  children: ReactNode;
  style?: TextStyle | TextStyle[];
}
interface RunningProps extends WordsProps {
  strong?: boolean;
  /** So many lines stand; the rest is cut off. */
  lines?: number | undefined;
  ref?: Ref<Text>;
}

/** px, for letters so large: 75 of them or a few less, so that the eye finds the next line. */
const widestLine = (size: number): number => size * 33;

/** Headings by rank; each is a heading to a screen reader too. */
export function Heading({ children, rank = 2, style }: WordsProps & { rank?: 1 | 2 | 3 }) {
  const { text } = useRoles();
  const size = rank === 1 ? 28 : rank === 2 ? 21 : 17;
  const arrival = useArrival(rank === 1);
  return (
    <Text
      ref={arrival}
      // Can be gone to, and is no stop on the way.
      {...(rank === 1 ? { tabIndex: -1 as const } : {})}
      role="heading"
      aria-level={rank}
      style={[
        { fontFamily: fonts.heading, fontSize: size, lineHeight: size * 1.25, color: text, fontWeight: '600' },
        style,
      ]}
    >
      {children}
    </Text>
  );
}

export function Body({ children, style, soft = false, strong = false, lines, ref }: RunningProps & { soft?: boolean }) {
  const { text, softText } = useRoles();
  return (
    <Text
      {...(ref ? { ref } : {})}
      {...(lines === undefined ? {} : { numberOfLines: lines })}
      style={[
        {
          fontFamily: fonts.body,
          fontSize: 16,
          lineHeight: 23,
          maxWidth: widestLine(16),
          color: soft ? softText : text,
          fontWeight: strong ? '700' : '400',
        },
        style,
      ]}
    >
      {children}
    </Text>
  );
}

export function Small({ children, style, strong = false, lines, ref }: RunningProps) {
  const { softText } = useRoles();
  return (
    <Text
      {...(ref ? { ref } : {})}
      {...(lines === undefined ? {} : { numberOfLines: lines })}
      style={[
        {
          fontFamily: fonts.body,
          fontSize: 14,
          lineHeight: 19,
          maxWidth: widestLine(14),
          color: softText,
          fontWeight: strong ? '700' : '400',
        },
        style,
      ]}
    >
      {children}
    </Text>
  );
}
