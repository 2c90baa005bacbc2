import { useState, type ReactNode } from 'react';
import { Row, useIsWide } from './layout';
import { Toggle } from './Toggle';

/** A long list to choose from: open on a wide screen; on a phone folded away once something is chosen, so that it stays in sight. */
export function Folded({
  label,
  chosen,
  children,
}: {
  label: string;
  chosen: string | undefined;
  children: (close: () => void) => ReactNode;
}) {
  const wide = useIsWide();
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  if (wide || chosen === undefined) return <>{children(close)}</>;
  return (
    <>
      <Row>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          {label}
        </Toggle>
      </Row>
      {open && children(close)}
    </>
  );
}
