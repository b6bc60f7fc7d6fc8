/**
 * What an input does while it is asked: releases its door like an exit; tells that its door is shut (contact: closed while it
 * is, whatever its setting says of rest); releases every door for as long as it is asked (fire: by software, never instead of a
 * break in the lock's power); raises the tamper alarm; keeps every door from being released (interlock); refuses cards and codes
 * and locks at once, exits excepted (lockdown); is only reported (aux).
 */
export const ACTED = ['exit', 'contact', 'fire', 'tamper', 'interlock', 'lockdown', 'aux', 'none'] as const;
export type Acted = (typeof ACTED)[number];
