import { describe, expect, it } from 'vitest';
import type { ScreenText } from '#core/keypads/index';
import { screenSays, screenWords } from './screen';

const list = (done: Extract<ScreenText, { on: 'list' }>['done']): ScreenText => ({
  on: 'list',
  title: 'People',
  lines: ['New person', 'Remove person'],
  marked: 1,
  done,
});
const held = { slot: '0002', name: 'ODD', administers: true, code: true, card: false, fingers: 2 };

describe('what is on a screen', () => {
  it('is its list, the line that is marked, and what was stored last', () => {
    expect(screenWords(list(held))).toEqual({
      title: 'People',
      lines: ['New person', 'Remove person'],
      marked: 1,
      foot: '0002 ODD, administrator: password, 2 fingers',
    });
    expect(screenSays(list(held))).toBe(
      '“People”, marked Remove person; 0002 ODD, administrator: password, 2 fingers',
    );
    expect(screenSays(list({ empty: '0003' }))).toBe('“People”, marked Remove person; 0003 is free');
    const nobody = { ...held, name: '', administers: false, code: false, fingers: 0 };
    expect(screenSays(list(nobody))).toBe('“People”, marked Remove person; 0002: nothing');
  });
  it('is what it asks for, of whom, and what is filled in already', () => {
    expect(screenWords({ on: 'administrator', title: '', asks: 'code', typed: '••' })).toMatchObject({
      title: 'Administrator',
      lines: ['Password', '••'],
    });
    expect(screenSays({ on: 'form', title: 'New person', asks: 'finger', typed: '' })).toBe(
      '“New person”, Lay a finger on it',
    );
    expect(screenSays({ on: 'door' })).toBe('as it stands at the door');
  });
});
