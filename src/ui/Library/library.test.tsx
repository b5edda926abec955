/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { remedyWords } from '@/core/advise/remedies';
import { ruleById } from '@/core/judge/rules';
import { testSettings } from '@/core/testing/bench';
import { pressable } from '../testing/in-hand';
import { Families } from './Families';
import { Office } from './Office';
import { RulePage } from './RulePage';
import { holds } from './Search';
import type { LibraryTab } from './tab';
import { YardstickTables } from './YardstickTables';

afterEach(cleanup);

const saving = (fault?: string) => {
  const save = jest.fn<LibraryTab['save']>(() => Promise.resolve(fault));
  return { settings: testSettings, save };
};
const press = async (name: string) => {
  await act(async () => {
    fireEvent.click(pressable(name)[0]!);
    await Promise.resolve();
  });
};

describe('what the office sets', () => {
  test('is kept as a whole, words and families as they were', async () => {
    const tab = saving();
    render(<Office {...tab} />);
    fireEvent.change(screen.getByLabelText('Repair'), { target: { value: '60' } });
    fireEvent.click(screen.getByLabelText(/^By the evidence/));
    await waitFor(() =>
      expect(document.body.textContent).toContain('Deadline of repair: 60 days instead of 90.'),
    );
    await press('Keep these settings');
    await waitFor(() => expect(tab.save).toHaveBeenCalledTimes(1));
    expect(tab.save).toHaveBeenCalledWith({
      ...testSettings,
      school: 'by-the-evidence',
      deadlineDays: { ...testSettings.deadlineDays, repair: 60 },
    });
    await waitFor(() =>
      expect(screen.getByRole('status').textContent).toContain('inspections begun from now on'),
    );
  });

  test('an amendment is laid over, and printed as differing', async () => {
    const tab = saving();
    render(<Office {...tab} />);
    fireEvent.click(screen.getByRole('checkbox', { name: /Marrow Lock by-law/ }));
    await press('Keep these settings');
    await waitFor(() => expect(tab.save).toHaveBeenCalledTimes(1));
    expect(tab.save.mock.calls[0]![0].amendments).toHaveLength(1);
  });

  test.each([
    ['Urgent', '-1'],
    ['Most tandems in a panel; empty: as the label', '99'],
    ['Urgent', '1.5'],
  ])('%s of %s is told, and nothing is kept', async (label, value) => {
    const tab = saving();
    render(<Office {...tab} />);
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
    await press('Keep these settings');
    await waitFor(() => screen.getByRole('alert'));
    expect(tab.save).not.toHaveBeenCalled();
  });

  test('an empty limit is none, and what the server refuses is said', async () => {
    const tab = saving('no amendment x of us-2020');
    render(<Office {...tab} />);
    fireEvent.change(screen.getByLabelText(/^Most tandems/), { target: { value: '2' } });
    fireEvent.change(screen.getByLabelText(/^Most tandems/), { target: { value: '' } });
    await press('Keep these settings');
    await waitFor(() =>
      expect(screen.getByRole('status').textContent).toBe('no amendment x of us-2020'),
    );
    expect(tab.save.mock.calls[0]![0].house.mostTandems).toBeNull();
  });
});

describe('a rule', () => {
  const rule = ruleById.get('breaker/double-tap')!;
  test('shows what, why, sources and remedies', () => {
    render(<RulePage rule={rule} {...saving()} />);
    for (const words of [
      rule.title,
      ...remedyWords(rule.remedies),
      ...rule.sources.map(({ code }) => code),
    ])
      expect(document.body.textContent).toContain(words);
  });
  test('own words are kept for one message alone; the shipped ones are not kept as own', async () => {
    const tab = saving();
    render(<RulePage rule={rule} {...tab} />);
    const [message] = Object.keys(rule.messages);
    const [first] = screen.getAllByLabelText('What to ask for');
    fireEvent.change(first!, { target: { value: 'Ask us.' } });
    await press('Keep these words');
    expect(tab.save.mock.calls[0]![0].wording).toEqual({
      [rule.id]: { [message!]: { ask: 'Ask us.' } },
    });
    fireEvent.change(first!, { target: { value: rule.messages[message!]!.ask } });
    await press('Keep these words');
    expect(tab.save.mock.calls[1]![0].wording).toEqual({ [rule.id]: {} });
  });
});

describe('tables and families', () => {
  test('each table says where it is from', () => {
    render(<YardstickTables settings={testSettings} />);
    expect(document.body.textContent).toContain('310.16');
    expect(document.querySelectorAll('table').length).toBeGreaterThan(3);
  });
  test('each family stands with its history', () => {
    render(<Families {...saving()} />);
    for (const { name, history, hazard } of testSettings.families) {
      expect(document.body.textContent).toContain(name);
      if (hazard) expect(document.body.textContent).toContain(history);
    }
  });
});

describe('search', () => {
  test.each([
    ['Breaker larger than its conductor', 'conductor breaker', true],
    ['Breaker larger than its conductor', 'BREAK', true],
    ['Breaker larger than its conductor', 'breaker fuse', false],
    ['anything', '  ', true],
  ])('%s holds %s: %s', (text, words, is) => expect(holds(text, words)).toBe(is));
});
