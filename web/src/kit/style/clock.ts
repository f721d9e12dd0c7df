/**
 * The shop's clock: this machine's, and how far the server's is ahead of it. A demo runs ahead by
 * hours, and a tablet is often some minutes off.
 */

let ahead = 0;

/** How far the server is ahead of this machine, in milliseconds; behind it is less than 0. */
export function aheadMs(): number {
  return ahead;
}

/** The shop's time now. */
export function nowMs(): number {
  return Date.now() + ahead;
}

/** Keeps what the server just said that the time is. */
export function setByServer(now: string): void {
  ahead = Date.parse(now) - Date.now();
}

/** Asks again and again until it is so; says whether it came to be. */
export async function until(
  isSo: () => Promise<boolean>,
  patience: { everyMs: number; mostMs: number },
): Promise<boolean> {
  for (let waited = 0; waited < patience.mostMs; waited += patience.everyMs) {
    await new Promise((resolve) => setTimeout(resolve, patience.everyMs));
    if (await isSo()) {
      return true;
    }
  }
  return false;
}
