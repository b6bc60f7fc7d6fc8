import type { Words } from '../text';

export const circuitsCrossed: Words = {
  title: (v) => `The two circuits of ${v['tag']} are joined`,
  reason: () =>
    'A wire of the alarm line meets a wire of the lock power. Keep each circuit on its own three terminals, or one fault takes out both.',
};
