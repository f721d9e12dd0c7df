import type { Schemas } from '../api/client';
import { entry, suggestion } from '../kit/style/entry';
import { clockTime } from '../kit/style/time';
import { guessed, styleBody, type StyleDraft, styleDraftOf } from '../workshop/styleDraft';
import { bodyOf as hoursBody, draftOf as hoursOf, type HoursDraft } from '../workshop/HoursFields';

type Workshop = Schemas['WorkshopView'];

/** The answers about the shop as they are being given. */
export interface ShopDraft {
  name: string;
  hours: HoursDraft;
  mixer: string;
  otherMixer: boolean;
  scoop: string;
  style: StyleDraft;
  families: string[];
}

/** What a new shop is called until somebody names it. */
const UNNAMED = 'Our workshop';

export function shopOf(workshop: Workshop): ShopDraft {
  // What nobody has measured yet is round in the shop's units.
  const write = workshop.setUp ? entry : suggestion;
  return {
    name: workshop.name === UNNAMED ? '' : workshop.name,
    hours: hoursOf(workshop),
    mixer: write(workshop.mixerL, 'volume'),
    otherMixer: false,
    scoop: write(workshop.scoopL, 'volume'),
    style: workshop.setUp ? styleDraftOf(workshop) : guessed(workshop),
    families: workshop.families,
  };
}

/** What is kept of the answers; what was not asked stays as it is. */
export function changeOf(
  draft: ShopDraft,
  workshop: Workshop,
  read: { mixerL: number | undefined; scoopL: number | undefined },
  setUp: boolean,
): Schemas['WorkshopChange'] {
  return {
    name: draft.name.trim() === '' ? UNNAMED : draft.name.trim(),
    roomC: workshop.roomC,
    mixerL: read.mixerL ?? workshop.mixerL,
    scoopL: read.scoopL ?? workshop.scoopL,
    wastePercent: workshop.wastePercent,
    ratePerHour: workshop.ratePerHour,
    cup: workshop.cup,
    ...hoursBody(draft.hours),
    ...styleBody(draft.style),
    families: draft.families,
    setUp,
  };
}

/** The days and hours in a few words. */
export function hoursWords({ days, opens, closes, people }: HoursDraft): string {
  return `${days.length} days, ${clockTime(opens)} to ${clockTime(closes)}, ${people === '1' ? 'one person' : `${people} people`}`;
}
