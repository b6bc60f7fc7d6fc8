import { describe, expect, it, vi } from 'vitest';
import * as z from 'zod';
import { handle, HttpError, json, readJson, readText } from './http';

const request = (body: string, headers: Record<string, string> = { 'content-type': 'application/json' }) =>
  new Request('http://127.0.0.1/x', { method: 'POST', body, headers });
const schema = z.strictObject({ name: z.string() });
const codeOf = async (promise: Promise<unknown>) =>
  promise.then(
    () => 'ok',
    (error: unknown) => (error instanceof HttpError ? error.code : 'other'),
  );

describe('readJson', () => {
  it('gives what the schema gives', async () => {
    expect(await readJson(request('{"name":"x"}'), schema)).toEqual({ name: 'x' });
  });
  it('refuses other types, bad JSON, unknown keys and large bodies, each with its code', async () => {
    expect(await codeOf(readJson(request('{}', { 'content-type': 'text/plain' }), schema))).toBe('not-json');
    expect(await codeOf(readJson(request('{'), schema))).toBe('bad-json');
    expect(await codeOf(readJson(request('{"name":"x","more":1}'), schema))).toBe('invalid');
    expect(await codeOf(readJson(request(`{"name":"${'x'.repeat(100)}"}`), schema, 50))).toBe('too-large');
  });
});

describe('readText', () => {
  it('counts what really arrives, whatever the length header says', async () => {
    const stream = new ReadableStream<Uint8Array>({
      pull(controller) {
        controller.enqueue(new Uint8Array(1000));
      },
    });
    const endless = new Request('http://127.0.0.1/x', {
      method: 'POST',
      body: stream,
      duplex: 'half',
    } as RequestInit);
    expect(await codeOf(readText(endless, 10_000))).toBe('too-large');
  });
});

describe('handle', () => {
  it('turns what is thrown on purpose into JSON', async () => {
    const response = await handle(() => {
      throw new HttpError(404, 'no-site', 'There is no site.');
    });
    expect(response.status).toBe(404);
    expect(await response.json()).toEqual({ error: { code: 'no-site', message: 'There is no site.' } });
  });
  it('tells nobody what else went wrong, and logs it', async () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => {});
    const response = await handle(() => {
      throw new Error('secret detail');
    });
    expect(response.status).toBe(500);
    expect(await response.text()).not.toContain('secret detail');
    expect(log).toHaveBeenCalled();
    log.mockRestore();
  });
  it('forbids keeping answers', () => {
    expect(json({}).headers.get('cache-control')).toBe('no-store');
  });
});
