/// <reference types="astro/client" />

declare namespace App {
  interface Locals {
    /** Name of whoever signed in; empty on a server that only this machine reaches. */
    who: string;
  }
}
