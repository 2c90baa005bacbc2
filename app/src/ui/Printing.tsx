import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { Button } from './Button';

interface OnPaperProps {
  readonly children: ReactNode;
  readonly style?: ViewStyle;
}

/** Known to the web alone: the sheet's rules for paper stand in `public/index.html`. */
const printed = (how: 'never' | 'only' | 'alone' | 'columns') => ({ dataSet: { printed: how } });

/** On the screen only: buttons, fields, ways to other pages. */
export const NotPrinted = ({ children, style }: OnPaperProps) => (
  <View {...printed('never')} style={style}>
    {children}
  </View>
);

/** On paper only. */
export const PaperOnly = ({ children, style }: OnPaperProps) => (
  <View {...printed('only')} style={style}>
    {children}
  </View>
);

/** What is printed of a page where it is open, and nothing else of it. */
export const PrintedAlone = ({ children, style }: OnPaperProps) => (
  <View {...printed('alone')} style={style}>
    {children}
  </View>
);

/** In two columns on paper. */
export const PrintedInColumns = ({ children, style }: OnPaperProps) => (
  <View {...printed('columns')} style={style}>
    {children}
  </View>
);

export const PrintButton = ({ kind = 'main', children = 'Print' }: { kind?: 'main' | 'other'; children?: string }) => (
  <Button kind={kind} onPress={() => globalThis.print()}>
    {children}
  </Button>
);
