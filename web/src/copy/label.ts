/**
 * Where a label leads in this shop: its path alone counts, so that it is good after the shop's
 * address has changed. Undefined for what is no label of ours.
 */
export function labelPath(text: string): string | undefined {
  return /^(?:iron-shelf:|https?:\/\/[^/\s]+)(\/(?:copies|pieces|moulds|pours)\/\d{1,12})$/.exec(
    text.trim(),
  )?.[1];
}
