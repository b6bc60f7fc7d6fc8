import { spoken } from '../messages';
/** What is told when others have changed the site meanwhile. */
export const othersWords = spoken(function othersWords(authors: readonly string[], own: number): string {
  const who = [...new Set(authors.map((author) => author || 'somebody'))].join(', ');
  return own > 0 ? `Changes by ${who} came in meanwhile; yours are kept.` : `Changes by ${who} came in.`;
});
