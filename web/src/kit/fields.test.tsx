import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { client, dataOf, messageOf, Problem, sendFile, Unanswered } from '../api/client';
import { Refusal, serve, show } from '../test-shop';
import { Choice } from './Choice';
import { DateField } from './DateField';
import { QuantityField } from './QuantityField';
import { withUnit } from './quantity';
import { Caution, Empty, Failed } from './States';
import { TextField } from './TextField';

function answer(body: unknown, status = 200) {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });
}

function Typed({ problem }: { problem?: string }) {
  const [text, setText] = useState('');
  return (
    <QuantityField
      label="height"
      text={text}
      onText={setText}
      dimension="length"
      problem={problem}
    />
  );
}

function Dated() {
  const [iso, setIso] = useState('2027-03-05');
  return (
    <>
      <DateField label="due" text={iso} onText={setIso} />
      <output>{iso}</output>
    </>
  );
}

describe('a field for a date', () => {
  it.each([
    ['9 April 2027', '2027-04-09'],
    ['9.4.2027', '2027-04-09'],
    ['2027-04-09', '2027-04-09'],
    ['', ''],
  ])('takes %s as it is typed', (typed, iso) => {
    show(<Dated />);
    const field = screen.getByLabelText('due');
    fireEvent.change(field, { target: { value: typed } });
    fireEvent.blur(field);
    expect(screen.getByRole('status')).toHaveTextContent(iso);
    expect(field).toHaveValue(iso === '' ? '' : '9 Apr 2027');
  });

  it('keeps what it cannot read, and says how to write it', () => {
    show(<Dated />);
    const field = screen.getByLabelText('due');
    fireEvent.change(field, { target: { value: '9 Aprill' } });
    fireEvent.blur(field);
    expect(field).toHaveValue('9 Aprill');
    expect(screen.getByText('Write it like 5 Mar 2027.')).toBeVisible();
  });
});

describe('a field for a quantity', () => {
  it('echoes how it was read', async () => {
    show(<Typed />);
    fireEvent.change(screen.getByLabelText('height'), { target: { value: '3/4"' } });
    await waitFor(() => expect(screen.getByText('read as 3/4 in, 19.05 mm')).toBeInTheDocument());
  });

  it('says in the server’s words why it cannot be read, and keeps what was typed', async () => {
    const errors = [{ code: 'x', field: 'text', params: {}, message: 'Write it like 2 in.' }];
    serve({
      'POST /api/quantities/read': new Refusal(400, { code: 'request.refused', errors }),
    });
    show(<Typed />);
    const field = screen.getByLabelText('height');
    fireEvent.change(field, { target: { value: 'tall' } });
    await waitFor(() => expect(screen.getByText('Write it like 2 in.')).toBeInTheDocument());
    expect(field).toHaveValue('tall');
    expect(field).toHaveAttribute('aria-invalid', 'true');
  });

  it('shows what is wrong with it beside other fields', () => {
    show(<Typed problem="core is wider than the cavity" />);
    expect(screen.getByText('core is wider than the cavity')).toBeInTheDocument();
  });

  it('reads a bare number in the field’s unit only', () => {
    expect(withUnit('40', 'g')).toBe('40 g');
    expect(withUnit('1 1/4', 'g')).toBe('1 1/4 g');
    expect(withUnit('2 oz', 'g')).toBe('2 oz');
  });
});

describe('choices and words', () => {
  it('chooses one of a few', () => {
    const chosen = vi.fn();
    show(
      <Choice
        label="family"
        value="trays"
        options={[
          ['trays', 'trays'],
          ['lamps', 'lamps'],
        ]}
        onValue={chosen}
      />,
    );
    fireEvent.change(screen.getByLabelText('family'), { target: { value: 'lamps' } });
    expect(chosen).toHaveBeenCalledWith('lamps');
  });

  it('marks a text that is wrong', () => {
    show(<TextField label="name" text="" onText={() => undefined} problem="Give a name." />);
    expect(screen.getByLabelText('name')).toHaveAttribute('aria-invalid', 'true');
    expect(screen.getByText('Give a name.')).toBeInTheDocument();
  });
});

describe('states of a page', () => {
  it('says what happened, what is safe, what to try', () => {
    const retry = vi.fn();
    show(<Failed whole error={new Problem('x', 'There is no mould 9.')} retry={retry} />);
    expect(screen.getByRole('heading', { level: 1 })).toBeInTheDocument();
    expect(screen.getByRole('alert')).toHaveTextContent('There is no mould 9.');
    expect(screen.getByRole('alert')).toHaveTextContent('What was saved before is safe.');
    fireEvent.click(screen.getByText('Try again'));
    expect(retry).toHaveBeenCalledOnce();
  });

  it('says what to do first', () => {
    show(<Empty title="No moulds yet">Describe one.</Empty>);
    expect(screen.getByText('Describe one.')).toBeInTheDocument();
    expect(screen.queryByRole('heading')).toBeNull();
  });

  it('defers to data sheets and licensed people', () => {
    show(<Caution line="Goggles on." more="Flakes fly." />);
    expect(screen.getByText(/safety data sheet, local rules and licensed people/)).toBeDefined();
  });
});

describe('answers of the server', () => {
  it('gives the data, or a problem with all its errors', async () => {
    await expect(dataOf(Promise.resolve({ data: 7 }))).resolves.toBe(7);
    const error = {
      code: 'copy.held',
      detail: 'R1 is holding a casting already.',
      errors: [],
    };
    const thrown = await dataOf(Promise.resolve({ error })).catch((e: unknown) => e);
    expect(thrown).toBeInstanceOf(Problem);
    expect((thrown as Problem).code).toBe('copy.held');
    expect(messageOf(thrown)).toBe('R1 is holding a casting already.');
  });

  /** The answer may be lost and the act done: it is never said that nothing was sent. */
  it('says what is known when the workshop’s computer does not answer', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('down')));
    const said = async (asked: Promise<{ data?: unknown; error?: unknown }>) => {
      const thrown = await dataOf(asked).catch((e: unknown) => e);
      expect(thrown).toBeInstanceOf(Unanswered);
      return messageOf(thrown);
    };
    expect(await said(client.GET('/api/shelf'))).toMatch(/cannot be reached. Try again/);
    const header = { 'Idempotency-Key': 'k' };
    const body = { castIds: [1], place: 'tent' };
    expect(await said(client.POST('/api/shelf/places', { body, params: { header } }))).toMatch(
      /may have been done or not: press again, it is done once/,
    );
    expect(
      await said(
        client.POST('/api/starting-materials/{code}', { params: { path: { code: 'x' } } }),
      ),
    ).toMatch(/look before you press again/);
  });

  it('sends a file as it is', async () => {
    const fetched = vi.fn((path: string, init: RequestInit) => {
      expect(path).toBe('/api/calc/mesh');
      expect(init.method).toBe('POST');
      return Promise.resolve(answer({ triangles: 12 }));
    });
    vi.stubGlobal('fetch', fetched);
    await expect(sendFile('/api/calc/mesh', new Blob(['x']))).resolves.toEqual({ triangles: 12 });
    expect(fetched).toHaveBeenCalledOnce();
  });
});
