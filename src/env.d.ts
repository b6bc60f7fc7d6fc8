/// <reference types="astro/client" />

declare namespace App {
  interface Locals {
    /** Name of whoever signed in; empty on a server that only this machine reaches. */
    who: string;
    /** Whether codes, card numbers and what keypads hold are for them to see. */
    codes: boolean;
    /** Their session; empty on a server that only this machine reaches. */
    session: string;
  }
}
