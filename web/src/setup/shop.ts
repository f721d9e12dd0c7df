import type { Schemas } from '../api/client';
import { bodyOf as hoursBody, draftOf as hoursOf, type HoursDraft } from '../workshop/HoursFields';

type Workshop = Schemas['WorkshopView'];

/** The answers about the shop as they are being given. */
export interface ShopDraft {
  name: string;
  hours: HoursDraft;
  mixer: string;
  otherMixer: boolean;
  scoop: string;
  scale: string;
  families: string[];
}

/** What a new shop is called until somebody names it. */
const UNNAMED = 'Our workshop';

export function shopOf(workshop: Workshop): ShopDraft {
  return {
    name: workshop.name === UNNAMED ? '' : workshop.name,
    hours: hoursOf(workshop),
    mixer: String(workshop.mixerL),
    otherMixer: false,
    scoop: String(workshop.scoopL),
    scale: String(workshop.scaleG),
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
    scaleG: Number(draft.scale),
    families: draft.families,
    setUp,
  };
}

/** The days and hours in a few words. */
export function hoursWords({ days, opens, closes, people }: HoursDraft): string {
  return `${days.length} days, ${opens} to ${closes}, ${people === '1' ? 'one person' : `${people} people`}`;
}
