import type { CheckContext } from '../context';

export const doorSubject = ({ door }: CheckContext) => [{ kind: 'door', id: door.id } as const];
