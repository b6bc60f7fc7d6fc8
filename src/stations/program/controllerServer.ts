import type { Arrives, Configuration, Decision, Moment } from '#core/access/index';
import { say } from '#words/stations/program/controllerServer';

/** What a simulated controller answers about itself. */
export interface ControllerState {
  readonly network: 'up' | 'lost';
  /** When it last took something in; null where it never has, or is not reached. */
  readonly takenAt: string | null;
  readonly configuration: Configuration | null;
}

const PATIENCE_MS = 20_000;

/** Asks its endpoint; the sentence of what went wrong where it refuses or nobody is reached. */
async function ask<T>(site: string, device: string, method: string, body?: unknown): Promise<T | string> {
  const path = device.split('/').map(encodeURIComponent).join('/');
  try {
    const response = await fetch(`/api/sites/${encodeURIComponent(site)}/controllers/${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    const answer = (await response.json()) as T & { error?: { message: string } };
    return response.ok ? answer : (answer.error?.message ?? say.itAnswers(response.status));
  } catch {
    return say.nobodyReachedServerSite;
  }
}

export const readBack = (site: string, device: string) => ask<ControllerState>(site, device, 'GET');
export const sendTo = (site: string, device: string, configuration: Configuration) =>
  ask<{ takenAt: string }>(site, device, 'PUT', configuration);
export const setNetwork = (site: string, device: string, network: ControllerState['network']) =>
  ask<{ network: ControllerState['network'] }>(site, device, 'PATCH', { network });
export const askIt = (site: string, device: string, door: string, arrives: Arrives, at: Moment) =>
  ask<{ decision: Decision | null }>(site, device, 'POST', { door, arrives, at });
