// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { dialogOpened } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { atBench, clearBench } from '../testing/bench.tsx';
import { Section, Sections } from './Sections.tsx';

afterEach(clearBench);

const three = (of = 'brief') => (
  <Sections of={of}>
    <Section id="clay" title="Which clay" says="Which clay for the goose">
      clay inside
    </Section>
    <Section id="oven" title="Oven" startsClosed edits={['oven']}>
      oven inside
    </Section>
    <Section id="hours" title="Hours" beside="beside the hours">
      hours inside
    </Section>
  </Sections>
);
const head = (name: string) => screen.getByRole('button', { name });
const index = () => screen.getByRole('navigation', { name: 'Sections' });

describe('a lens in sections', () => {
  it('names them in one line in the order of the page, by their short names', () => {
    atBench(three());
    expect(
      within(index())
        .getAllByRole('link')
        .map((link) => link.textContent),
    ).toEqual(['Which clay', 'Oven', 'Hours']);
    expect(head('Which clay for the goose')).toBeTruthy();
  });

  it('has no line for one section', () => {
    atBench(
      <Sections of="log">
        <Section id="one" title="One">
          inside
        </Section>
      </Sections>,
    );
    expect(screen.queryByRole('navigation')).toBeNull();
  });

  it('leads to a section: it opens, and its heading has the focus', async () => {
    const { user } = atBench(three());
    expect(screen.queryByText('oven inside')).toBeNull();
    await user.click(within(index()).getByRole('link', { name: 'Oven' }));
    expect(screen.getByText('oven inside')).toBeTruthy();
    expect(document.activeElement).toBe(head('Oven'));
  });

  it('keys lead to the next and the one before, not while a dialog is open', () => {
    atBench(three());
    const press = (key: string, code: string) => fireEvent.keyDown(document, { key, code });
    head('Oven').focus();
    press(']', 'BracketRight');
    expect(document.activeElement).toBe(head('Hours'));
    press('[', 'BracketLeft');
    press('[', 'BracketLeft');
    expect(document.activeElement).toBe(head('Which clay for the goose'));
    store.dispatch(dialogOpened('keys'));
    press(']', 'BracketRight');
    expect(document.activeElement).toBe(head('Which clay for the goose'));
  });

  it('is remembered as it was left, each lens its own', async () => {
    const { user, unmount } = atBench(three());
    await user.click(head('Hours'));
    await user.click(head('Oven'));
    expect([screen.queryByText('hours inside'), screen.queryByText('beside the hours')]).toEqual([
      null,
      null,
    ]);
    unmount();
    const again = atBench(three());
    expect(screen.queryByText('hours inside')).toBeNull();
    expect(screen.getByText('oven inside')).toBeTruthy();
    again.unmount();
    atBench(three('bake'));
    expect(screen.getByText('hours inside')).toBeTruthy();
  });

  it('opens the section that makes the entry one was led to', async () => {
    atBench(three(), { entry: 'oven/dialC' });
    await waitFor(() => expect(screen.getByText('oven inside')).toBeTruthy());
  });

  it('opens as usual where what was remembered cannot be read', () => {
    localStorage.setItem('sections brief', '{broken');
    atBench(three());
    expect(screen.getByText('clay inside')).toBeTruthy();
    expect(screen.queryByText('oven inside')).toBeNull();
  });
});
