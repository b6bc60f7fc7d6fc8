import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { configurationOf, type Configuration, type Decision } from '#core/access/index';
import { frameOf, CARD_FORMATS } from '#core/cards/index';
import { quillhaven } from '#demo/quillhaven';
import { GET, PATCH, POST, PUT } from '../pages/api/sites/[site]/controllers/[door]/[tag]';
import { closeDatabase, database } from './db/shared';
import { createSite, removeSite } from './sites/siteList';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-controllers-'));
  vi.stubEnv('ALDABA_DATA', join(folder, 'x.db'));
  createSite(database(), quillhaven(), { author: 'demo', at: '2026-11-24T10:00:00.000Z' });
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

async function call<T = Record<string, unknown>>(
  handler: unknown,
  body?: unknown,
  { site = 'quillhaven', door = 'D02', tag = 'K1' } = {},
): Promise<{ status: number; body: T & { error?: { code: string } } }> {
  const url = new URL('http://127.0.0.1/x');
  const request = new Request(
    url,
    body === undefined
      ? {}
      : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
  );
  const response = await (handler as (context: unknown) => Promise<Response>)({
    locals: { who: '', codes: true },
    params: { site, door, tag },
    request,
    url,
  });
  return { status: response.status, body: (await response.json()) as T & { error?: { code: string } } };
}

const wanted = (): Configuration => configurationOf(quillhaven(), 'D02/K1')!;
const MIRELA = frameOf(CARD_FORMATS[0]!, { facility: 71, number: 2003 })!;
const ask = async (bits: string, at = { day: '2026-11-30', minute: 600 }) =>
  (await call<{ decision: Decision | null; network: string }>(POST, { door: 'D02', arrives: { bits }, at }))
    .body;

describe('a simulated controller', () => {
  it('says that it is simulated, holds nothing at first, and lets nobody in', async () => {
    expect((await call(GET)).body).toMatchObject({
      simulated: true,
      network: 'up',
      takenAt: null,
      configuration: null,
    });
    expect((await ask(MIRELA)).decision).toBeNull();
  });
  it('takes what it is sent, is read back the same, and decides from it', async () => {
    expect((await call(PUT, wanted())).status).toBe(200);
    expect((await call(GET)).body['configuration']).toEqual(JSON.parse(JSON.stringify(wanted())));
    expect((await ask(MIRELA)).decision).toMatchObject({ opens: true, person: 'P03' });
    // Out of the hours of her level it does not.
    expect((await ask(MIRELA, { day: '2026-11-30', minute: 180 })).decision).toMatchObject({ opens: false });
  });
  it('goes on with what it holds while its network is lost, and is not reached', async () => {
    await call(PUT, wanted());
    expect((await call(PATCH, { network: 'lost' })).status).toBe(200);
    const nobody = { ...wanted(), people: [] };
    expect(await call(PUT, nobody)).toMatchObject({ status: 503, body: { error: { code: 'network-lost' } } });
    expect((await call(GET)).body).toMatchObject({ network: 'lost', configuration: null });
    expect(await ask(MIRELA)).toMatchObject({ network: 'lost', decision: { opens: true } });
    await call(PATCH, { network: 'up' });
    expect((await call(PUT, nobody)).status).toBe(200);
    expect((await ask(MIRELA)).decision).toMatchObject({ opens: false });
  });
  it('takes all or nothing: a part that is not right leaves it as it was', async () => {
    await call(PUT, wanted());
    const [first] = wanted().people;
    for (const wrong of [
      { ...wanted(), version: 2 },
      { ...wanted(), people: [{ ...first!, code: 'abc' }] },
      { ...wanted(), people: [{ ...first!, levels: ['nowhere'] }] },
      { ...wanted(), hours: [], doors: [{ id: 'D02', freePassage: null, openingHours: null }] },
      { ...wanted(), hours: [], doors: [{ id: 'D02', freePassage: 'gone', openingHours: null }] },
      { ...wanted(), frame: { ...wanted().frame, number: { from: 10, to: 60 } } },
      { ...wanted(), more: 1 },
      { ...wanted(), controller: 'D03/K1' },
      null,
    ])
      expect((await call(PUT, wrong)).status).toBe(422);
    expect((await ask(MIRELA)).decision).toMatchObject({ opens: true });
    expect(
      (await call(POST, { door: 'D02', arrives: { bits: '012' }, at: { day: 'x', minute: 0 } })).status,
    ).toBe(422);
  });
  it('is none where nothing keeps a list, and goes with its site', async () => {
    for (const where of [
      { tag: 'L1' },
      { door: 'D99' },
      { site: 'nowhere' },
      { door: 'D04' },
      { door: '__proto__', tag: 'x' },
    ])
      expect((await call(GET, undefined, where)).status).toBe(404);
    await call(PUT, wanted());
    removeSite(database(), 'quillhaven');
    expect(database().$client.prepare('select count(*) as n from simulated_controllers').get()).toEqual({
      n: 0,
    });
  });
});
