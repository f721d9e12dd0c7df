/** What a change shows so that the server knows that it comes from this page (double-submit token). */

const COOKIE = 'XSRF-TOKEN';
const HEADER = 'X-XSRF-TOKEN';

/** Puts it into a request's headers; there is none at the shop's own machine. */
export function withToken(headers: Headers): void {
  const cookies = typeof document === 'undefined' ? '' : document.cookie;
  const token = new RegExp(`(?:^|; )${COOKIE}=([^;]*)`).exec(cookies)?.[1];
  if (token) {
    headers.set(HEADER, decodeURIComponent(token));
  }
}
