import { fireEvent, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { setStyle, style } from '../kit/style/style';
import { serve, show } from '../test-shop';
import type { StyleDraft } from './styleDraft';
import { ScaleChoice, StyleFields } from './StyleFields';
import { StyleGate } from './StyleGate';
import { WeekStrip } from './WeekStrip';

const METRIC: StyleDraft = {
  units: 'metric',
  scaleUnit: 'g',
  scaleG: 1,
  currency: 'EUR',
  clock: 'h24',
  firstDay: 'MON',
  zone: 'Europe/Lisbon',
};

function Choosing() {
  const [draft, setDraft] = useState(METRIC);
  return (
    <>
      <StyleFields draft={draft} onDraft={setDraft} problemOf={() => undefined} />
      <ScaleChoice draft={draft} onDraft={setDraft} />
    </>
  );
}

const workshop = {
  name: 'Quay Pots',
  now: '2027-03-01T15:00:00Z',
  cup: 'us',
  scaleG: 1,
  style: METRIC,
};

afterEach(() => setStyle({}));

describe('how the shop writes things', () => {
  it('is shown beside the choices before it is kept', async () => {
    serve({ 'GET /api/workshop': workshop });
    show(<Choosing />);
    const sample = within(screen.getByLabelText('How it will read'));
    expect(sample.getByText('20.4 kg')).toBeVisible();
    fireEvent.change(screen.getByLabelText('units'), { target: { value: 'us' } });
    fireEvent.change(screen.getByLabelText('currency'), { target: { value: 'USD' } });
    expect(sample.getByText('45 lb')).toBeVisible();
    expect(sample.getByText('7 in')).toBeVisible();
    expect(sample.getByText('$48.50')).toBeVisible();
    // Other units bring a scale that shows them; what is in use stays until it is kept.
    expect(screen.getByLabelText('the scale shows steps of')).toHaveDisplayValue('0.1 oz');
    expect(style().units).toBe('metric');
  });
});

describe('the gate', () => {
  it('draws nothing of a page before the style is known, then in that style', async () => {
    serve({ 'GET /api/workshop': { ...workshop, style: { ...METRIC, units: 'us' } } });
    show(
      <StyleGate>
        <Page />
      </StyleGate>,
    );
    expect(screen.queryByText(/this page is/)).toBeNull();
    expect(await screen.findByText('this page is us')).toBeVisible();
  });
});

function Page() {
  return <p>this page is {style().units}</p>;
}

describe('the week as it is worked', () => {
  it('adds up the hours of work', () => {
    const hours = {
      days: ['MON', 'TUE', 'WED'] as const,
      opens: '07:00',
      closes: '15:30',
      closed: '',
      lateDayWorthH: '4',
      people: '2',
      address: '',
    };
    show(<WeekStrip hours={{ ...hours, days: [...hours.days] }} />);
    expect(screen.getByText('07:00 to 15:30: 51 hours of work a week.')).toBeVisible();
    expect(screen.getByRole('img')).toHaveAccessibleName('3 days of 8.5 hours');
  });
});
