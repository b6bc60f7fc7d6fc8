import type { Words } from '../text';

export const noFireRelease: Words = {
  title: () => 'No fire release in the plan',
  reason: () =>
    'What the door does in a fire is not proven. Add a fire relay in the lock power, or note who decides that none is needed.',
};
