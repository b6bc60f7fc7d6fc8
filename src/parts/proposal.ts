import { createContext, useContext } from 'react';
import type { Cause } from '#core/causes/index';

/** A repair that is looked at on the loops before it is made. */
export interface Proposal {
  readonly cause: Cause | null;
  show(cause: Cause | null): void;
}

export const ProposalContext = createContext<Proposal>({ cause: null, show: () => {} });
export const useProposal = (): Proposal => useContext(ProposalContext);
