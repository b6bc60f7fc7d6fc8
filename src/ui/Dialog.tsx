import { lazy, Suspense, useEffect, useState } from 'react';
import type { DialogProps } from './dialogProps';

const OpenDialog = lazy(async () => ({ default: (await import('./OpenDialog')).OpenDialog }));

/**
 * A dialog: focus goes in, Escape and a click outside close it, focus comes back. What it is made of is fetched when one
 * first opens.
 */
export function Dialog(props: DialogProps) {
  const [begun, setBegun] = useState(props.open);
  useEffect(() => {
    if (props.open) setBegun(true);
  }, [props.open]);
  return begun || props.open ? (
    <Suspense>
      <OpenDialog {...props} />
    </Suspense>
  ) : null;
}
