/** What travels on a terminal whose cable should be screened. */
export const SCREEN_WANTED = new Set(['data', 'bus', 'audio']);
