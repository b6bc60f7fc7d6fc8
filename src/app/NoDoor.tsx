import { useEffect, useRef } from 'react';
import { useAddDoor } from '../parts/doors';
import { useSite } from '../store/context';
import { Button } from '../ui/Button';
import { Empty } from '../ui/Empty';

/** An empty site leads to its first door in one step. */
export function NoDoor({ missing }: { missing: string | null }) {
  const { plan } = useSite();
  const add = useAddDoor();
  const first = useRef<HTMLButtonElement>(null);
  // There is nothing else to do here: whoever goes by keyboard stands on it.
  useEffect(() => {
    if (document.activeElement === document.body) first.current?.focus();
  }, []);
  if (missing !== null) {
    return (
      <Empty title={`There is no door ${missing}`}>
        It may have been removed. Choose another from the ledger.
      </Empty>
    );
  }
  return (
    <Empty
      title={`${plan.site.name} has no doors yet`}
      action={
        <Button look="main" size="l" ref={first} data-start onClick={add}>
          Plan the first door
        </Button>
      }
    >
      Brief a door, choose its hardware, and Aldaba wires it, proves what it does in every situation, and
      prints the pack to hand over.
    </Empty>
  );
}
