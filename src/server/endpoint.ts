import type { APIContext, APIRoute } from 'astro';
import { noCodes } from './access/codes';
import { health } from './health';
import { damaged, handle } from './http';

/** What an endpoint asks of whoever calls it, and what its answer may hold: each says so itself, in its own file. */
export interface Declared {
  /** `sign-in`: whoever may come in at all; `codes`: whoever may also see and change codes, cards and what keypads hold. */
  readonly needs: 'nothing' | 'sign-in' | 'codes';
  /** `codes` in the answer: only to whoever may see them; to anybody else the same without, or nothing. */
  readonly gives: 'nothing secret' | 'codes';
  /** Where more is needed than `needs`, by what is asked for. */
  readonly codesFor?: (url: URL) => boolean;
}

export type Endpoint = APIRoute & { readonly declared: Declared };

type Act = (context: APIContext) => Promise<Response> | Response;

/** An endpoint that keeps to what it declares, however its address was written. */
export const endpoint = (declared: Declared, act: Act): Endpoint =>
  Object.assign(
    (context: APIContext) =>
      handle(() => {
        const asks = declared.needs === 'codes' || declared.codesFor?.(context.url) === true;
        if (asks && !context.locals.codes) throw noCodes();
        // What is written into a damaged file may be lost with it, and may spoil what is whole.
        if (declared.needs !== 'nothing' && context.request.method !== 'GET' && health().damage !== null)
          throw damaged();
        return act(context);
      }),
    { declared },
  );

/** Anybody who may come in at all. */
export const SIGNED_IN: Declared = { needs: 'sign-in', gives: 'nothing secret' };
export const WITH_CODES: Declared = { needs: 'codes', gives: 'codes' };
/** Codes only where `secrets` asks for them. */
export const CODES_ON_DEMAND: Declared = {
  needs: 'sign-in',
  gives: 'codes',
  codesFor: ({ searchParams }) => searchParams.has('secrets'),
};
