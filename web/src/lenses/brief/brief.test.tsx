// @vitest-environment happy-dom
import { newPiece } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, choose, ferryOf, fill, NOW, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import BriefLens from './BriefLens.tsx';
import { Decisions } from './Decisions.tsx';

withDesk();

const box = (name: string | RegExp) => screen.getByLabelText<HTMLInputElement>(name);

describe('the brief', () => {
  it('an empty piece can be filled in from the first field on, in any order', async () => {
    atBench(<BriefLens />, { piece: newPiece('New piece', NOW), stage: 'brief' });
    fill(await screen.findByLabelText('What is to be made'), 'A heron on a post.');
    expect(pieceNow().brief.note).toBe('A heron on a post.');
    choose(box('What it is for'), /film/i);
    expect(pieceNow().brief.purpose).toBe('filmed');
  });

  it('hours a day and the day it is due give the hours there are', async () => {
    const piece = { ...newPiece('New piece', NOW) };
    atBench(<BriefLens />, { piece, stage: 'brief' });
    fill(await screen.findByLabelText(/^Due/), '2026-05-11');
    fill(box(/hours a day/i), '2');
    // Ten days from the first of May, two hours each.
    await waitFor(() => expect(figures.find(null, 'brief.hours')?.quantity.value).toBe(20));
    fill(box(/hours a day/i), '25');
    expect(screen.getByRole('alert').textContent).toBe('at most 24');
    expect(pieceNow().brief.hoursPerDay).toBe(2);
  });
});

describe('decisions', () => {
  const piece = { ...ferryOf('goose', 'post'), decisions: [] };

  it('is open until it is answered, and then knows since when', async () => {
    atBench(<Decisions />, { piece, part: 'goose', stage: 'brief' });
    press('+ A decision');
    expect(pieceNow().decisions[0]).toMatchObject({ answer: '', settled: null, parts: ['goose'] });
    fill(box('To be decided'), 'Wings open?');
    fill(box('Answer'), 'folded');
    expect(pieceNow().decisions[0]).toMatchObject({
      answer: 'folded',
      settledAs: 'folded',
      settled: expect.any(String),
    });
    expect(await screen.findByText('settled; nothing leans on it yet')).toBeTruthy();
    fill(box('Answer'), '');
    expect(pieceNow().decisions[0]).toMatchObject({ answer: '', settled: null });
    // A question is never nothing.
    fill(box('To be decided'), '');
    expect(pieceNow().decisions[0]?.question).toBe('Wings open?');
  });

  it('says before what it must be settled, and which parts it makes', async () => {
    atBench(<Decisions />, { piece, part: 'goose', stage: 'brief' });
    press('+ A decision');
    choose(box('before'), 'painting');
    expect(pieceNow().decisions[0]?.before).toBe('paint');
    fireEvent.click(screen.getByLabelText(/^Parts that “About/));
    const list = await screen.findByRole('dialog', { name: 'Parts that are made by the answer' });
    fireEvent.click(within(list).getByLabelText(/post/i));
    expect(pieceNow().decisions[0]?.parts).toEqual(['goose', 'post']);
    fireEvent.click(within(list).getByLabelText(/goose/i));
    expect(pieceNow().decisions[0]?.parts).toEqual(['post']);
  });

  it('is taken out by itself', () => {
    atBench(<Decisions />, { piece, part: 'goose', stage: 'brief' });
    press('+ A decision');
    press('+ A decision');
    const [, second] = pieceNow().decisions;
    fireEvent.click(screen.getAllByLabelText(/^Take out: /)[0] as HTMLElement);
    expect(pieceNow().decisions).toEqual([second]);
  });
});
