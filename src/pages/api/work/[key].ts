import { endpoint, SIGNED_IN } from '../../../server/endpoint';
import { HttpError, json } from '../../../server/http';
import { office } from '../../../server/office/shared';

export const prerender = false;

/** How many come before something that was asked for under this key: 0 while it is being made. */
export const GET = endpoint(SIGNED_IN, ({ params }) => {
  const ahead = office().ahead(params['key'] ?? '');
  if (ahead === null) throw new HttpError(404, 'no-such-work', 'Nothing is being made under this name.');
  return json({ ahead });
});
