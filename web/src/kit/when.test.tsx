import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { show } from '../test-shop';
import { DateField } from './DateField';
import { MomentField } from './MomentField';
import { fieldOf, momentIn, readDate } from './style/time';
import { setByServer } from './style/clock';
import { setStyle } from './style/style';
import { TimeField } from './TimeField';

afterEach(() => setStyle({}));

describe('a date as people write it', () => {
  it.each([
    ['2027-03-05', '2027-03-05'],
    ['5 Mar', '2027-03-05'],
    ['Mar 5, 2028', '2028-03-05'],
    ['Fri, 5 March', '2027-03-05'],
    ['5/3/2027', '2027-03-05'],
    ['1 Feb', '2028-02-01'],
    ['tomorrow', '2027-03-02'],
    ['fri', '2027-03-05'],
    ['mon', '2027-03-08'],
    ['someday', undefined],
    ['31 Feb', undefined],
  ])('%s', (text, iso) => expect(readDate(text, '2027-03-01')).toBe(iso));

  it('puts the month first where US shops do', () => {
    setStyle({ units: 'us' });
    expect(readDate('3/5/2027', '2027-03-01')).toBe('2027-03-05');
    expect(readDate('12/24', '2027-03-01')).toBe('2027-12-24');
  });
});

function Day() {
  const [iso, setIso] = useState('');
  return <DateField label="due" text={iso} onText={setIso} />;
}

it('counts from the shop’s today, not from this machine’s', () => {
  // A demo that was put forward by months.
  setByServer('2031-08-14T10:00:00Z');
  show(<Day />);
  const field = screen.getByLabelText('due');
  fireEvent.change(field, { target: { value: 'tomorrow' } });
  fireEvent.blur(field);
  expect(field).toHaveValue('15 Aug 2031');
  setByServer(new Date().toISOString());
});

function Time() {
  const [time, setTime] = useState('07:00');
  return (
    <>
      <TimeField label="from" text={time} onText={setTime} />
      <p>{time}</p>
    </>
  );
}

describe('a time field', () => {
  it('shows the shop’s clock and takes any', () => {
    setStyle({ clock: 'h12' });
    show(<Time />);
    const field = screen.getByLabelText('from');
    expect(field).toHaveValue('7:00 am');
    fireEvent.change(field, { target: { value: '19.30' } });
    expect(screen.getByText('19:30')).toBeVisible();
    fireEvent.blur(field);
    expect(field).toHaveValue('7:30 pm');
  });

  it('says how it is written where it cannot be read, and keeps what was typed', () => {
    show(<Time />);
    const field = screen.getByLabelText('from');
    fireEvent.change(field, { target: { value: 'noonish' } });
    expect(screen.getByText('Write it like 07:30 or 16:00.')).toBeVisible();
    fireEvent.blur(field);
    expect(field).toHaveValue('noonish');
    expect(screen.getByText('07:00')).toBeVisible();
  });
});

function When() {
  const [at, setAt] = useState('');
  return (
    <>
      <MomentField label="done" text={at} onText={setAt} />
      <p>{momentIn(at) ?? 'not yet'}</p>
    </>
  );
}

describe('a moment', () => {
  it('is whole once it has its day and its time, by the shop’s clock', () => {
    setStyle({ zone: 'America/Chicago' });
    show(<When />);
    expect(screen.getByText('not yet')).toBeVisible();
    fireEvent.change(screen.getByLabelText('at'), { target: { value: '7 am' } });
    expect(screen.getByText('not yet')).toBeVisible();
    const at = Date.parse('2027-03-05T13:00:00Z');
    expect(momentIn('2027-03-05T07:00')).toBe(at);
    expect(fieldOf(at)).toBe('2027-03-05T07:00');
  });

  it('has a date field that shows the date as the shop does', () => {
    setStyle({ units: 'us' });
    show(<DateField label="due" text="2027-03-05" onText={() => undefined} />);
    expect(screen.getByLabelText('due')).toHaveValue('Mar 5, 2027');
  });
});
