/** Asks the service worker to keep the application and this site, as it is now. */
export interface KeepMessage {
  readonly kind: 'keep';
  readonly site: string;
}
