import { useEffect, useState } from 'react';

/** True at phone width; false on the server and for the first paint. */
export function useNarrow(query = '(max-width: 700px)'): boolean {
  const [narrow, setNarrow] = useState(false);
  useEffect(() => {
    const media = matchMedia(query);
    const listen = () => setNarrow(media.matches);
    listen();
    media.addEventListener('change', listen);
    return () => media.removeEventListener('change', listen);
  }, [query]);
  return narrow;
}
