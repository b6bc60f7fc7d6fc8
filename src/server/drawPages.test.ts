import { describe, it } from 'vitest';
import { emptyPlan, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { lobbyDoor, mustApply } from '../../core/specimens/doors';
import { drawPages } from './drawPages';

const door = (id: string, name: string): Plan['doors'][string] => ({
  ...quillhaven().doors['D08']!,
  id,
  name,
});

describe('every page', () => {
  it.each<[string, () => Plan]>([
    ['an empty site', () => emptyPlan('s', 'Empty')],
    [
      'a site whose one door has nothing',
      () => mustApply(emptyPlan('s', 's'), { kind: 'addDoor', door: door('D01', '') }),
    ],
    [
      'names of other scripts',
      () => mustApply(emptyPlan('Сайт 1', '門 <b>&"'), { kind: 'addDoor', door: door('Tür 3', '</script>') }),
    ],
    ['a busy lobby', () => lobbyDoor()],
    ['the demo site', () => quillhaven()],
  ])('of %s is drawn by the server, with diagram and pack', async (_, plan) => {
    await drawPages(plan());
  });
});
