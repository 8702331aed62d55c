import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { expect, it, vi } from 'vitest';
import type { StoredGraphic } from '../api/types';
import { FloorState } from './floor.svelte';
import ValuesForm from './ValuesForm.svelte';

vi.mock('../api/client', () => ({
  Problem: class extends Error {},
  graphic: vi.fn(),
  editGraphic: vi.fn(),
  saveGraphic: vi.fn(),
  workOut: vi.fn(() => Promise.resolve([])),
  workOutSeen: vi.fn((design: object, values: Record<string, string>[]) => {
    const filled = ['name', 'role'].map((field) => {
      const text = values[0]![field] ?? '';
      return { field, blank: text.trim() === '', letters: text.replaceAll(' ', '').length };
    });
    const notes = ({ name }: Record<string, string>) =>
      name?.includes('\u{13000}')
        ? [{ part: 'name', sentence: 'no font can draw it', kind: 'LETTERS', excess: 0 }]
        : [];
    const played = { in: '', loop: '', out: '' };
    const reel = { in: 0, loop: 0, out: 0, layers: [], steps: [] };
    return Promise.resolve({
      design,
      document: design,
      played,
      worked: [{ reel, filled, played, notes: notes(values[0]!) }],
    });
  }),
}));
vi.mock('../api/outlines', () => ({
  haveOutlines: () => Promise.resolve(),
  offeredFonts: () => Promise.resolve([]),
}));

function floorOf(): FloorState {
  const stored: StoredGraphic = {
    id: 1,
    revision: 1,
    savedAt: '2026-11-24T10:00:00Z',
    document: {
      format: 'glimble-graphic/1',
      name: 'Flyer bar',
      frame: { width: 1920, height: 1080, rate: '50', length: 250 },
      fields: [
        { key: 'name', label: 'Name', required: true },
        { key: 'role', label: 'Role', longest: 8 },
      ],
      trials: [{ name: 'sample', values: { name: 'Wu', role: 'Flyer' } }],
    },
  };
  const floor = new FloorState();
  floor.open(stored);
  return floor;
}

it('makes a form of the fields, tells which may be blank, and hands on what is typed', async () => {
  const floor = floorOf();
  render(ValuesForm, { floor });
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Wu');
  await fireEvent.input(screen.getByLabelText('Role (may be blank)'), { target: { value: 'Judge' } });
  expect(floor.values).toEqual({ name: 'Wu', role: 'Judge' });
});

it('says when a required field is blank', async () => {
  render(ValuesForm, { floor: floorOf() });
  await fireEvent.input(screen.getByLabelText('Name'), { target: { value: '  ' } });
  expect(await screen.findByText(/a filling is not complete/)).toBeTruthy();
});

it('says how many letters are too many', async () => {
  render(ValuesForm, { floor: floorOf() });
  await fireEvent.input(screen.getByLabelText('Role (may be blank)'), {
    target: { value: 'Chief measurer' },
  });
  expect(await screen.findByText('5 letters too many; at most 8.')).toBeTruthy();
});

it('says what no font can draw, as long as it is there', async () => {
  render(ValuesForm, { floor: floorOf() });
  await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Oona \u{13000}' } });
  expect(await screen.findByText('name: no font can draw it')).toBeTruthy();
  await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Oona' } });
  await waitFor(() => expect(screen.queryByText('name: no font can draw it')).toBeNull());
});

it('keeps values as a trial, updates one, removes one, and all can be undone', async () => {
  const floor = floorOf();
  render(ValuesForm, { floor });
  await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Oona Varga' } });
  await fireEvent.click(screen.getByText('Keep as new trial'));
  expect(floor.trials.map(({ name }) => name)).toEqual(['sample', 'Oona Varga']);
  expect(floor.unsaved).toBe(true);

  await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Ai' } });
  await fireEvent.click(screen.getByText('Update trial'));
  expect(floor.trials[1]?.values.name).toBe('Ai');

  await fireEvent.click(screen.getByText('Remove trial'));
  expect(floor.trials).toHaveLength(1);
  floor.undo();
  floor.undo();
  floor.undo();
  expect(floor.trials.map(({ name }) => name)).toEqual(['sample']);
  expect(floor.unsaved).toBe(false);
});
