/** Hashes of the inline scripts that the framework writes into a page, worked out when the application is built. */
declare const __INLINE_SCRIPTS__: readonly string[] | undefined;

const scripts = typeof __INLINE_SCRIPTS__ === 'undefined' ? [] : __INLINE_SCRIPTS__;

const policy = (inline: readonly string[]): string =>
  [
    "default-src 'self'",
    ["script-src 'self'", ...inline.map((hash) => `'${hash}'`)].join(' '),
    // Drawings and lanes are placed by style attributes, and dialogs lock scrolling with a style element.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Headers of every answer, files included. Pages may run the framework's own inline scripts, nothing else inline. */
export const securityHeaders = (html: boolean): Readonly<Record<string, string>> => ({
  'x-content-type-options': 'nosniff',
  // Nothing about a page goes to another site; a form of our own still says where it is from.
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'content-security-policy': policy(html ? scripts : []),
});
