import { useEffect, useRef } from 'react';
import { say } from '#words/app/NoDoor';
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
    return <Empty title={say.thereIsNoDoor(missing)}>{say.mayBeenRemovedChoose}</Empty>;
  }
  return (
    <Empty
      title={say.hasNoDoorsYet(plan.site.name)}
      action={
        <Button look="main" size="l" ref={first} data-start onClick={add}>
          {say.planTheFirstDoor}
        </Button>
      }
    >
      {say.briefDoorChooseHardware}
    </Empty>
  );
}
