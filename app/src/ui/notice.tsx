import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { Snackbar } from 'react-native-paper';

interface Notice {
  readonly says: string;
  readonly undo?: () => void;
}

const NoticeContext = createContext<((notice: Notice) => void) | undefined>(undefined);

/** One line at the foot of the page: what was done, with a way back where there is one. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice>();
  const tell = useCallback((next: Notice) => setNotice(next), []);
  const action = useMemo(() => (notice?.undo ? { label: 'Undo', onPress: notice.undo } : undefined), [notice]);
  return (
    <NoticeContext.Provider value={tell}>
      {children}
      <Snackbar
        visible={notice !== undefined}
        onDismiss={() => setNotice(undefined)}
        duration={notice?.undo ? 9000 : 5000}
        {...(action ? { action } : {})}
        style={{ maxWidth: 640, alignSelf: 'center' }}
        wrapperStyle={{ bottom: 72 }}
      >
        {notice?.says ?? ''}
      </Snackbar>
    </NoticeContext.Provider>
  );
}

export function useNotice(): (notice: Notice) => void {
  const tell = useContext(NoticeContext);
  if (!tell) throw new Error('useNotice needs a NoticeProvider above it');
  return tell;
}
