import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Panel } from '../api/client';
import { answered, onDesk } from '../test/desk';
import { program, Reading } from '../test/program';
import { Panels } from './Panels';

const panel = (name: Panel, draft: Parameters<typeof onDesk>[1] = {}) =>
  onDesk(
    <Reading>
      <Panels names={[name]} />
    </Reading>,
    { fields: { operation: 'bore' }, ...draft },
    answered({}),
  );
const press = (words: string) => fireEvent.click(screen.getByText(words));

describe('parts drawn by hand', () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  describe('a search of set-ups', () => {
    const FOUND = {
      tried: 35000,
      hold: 120,
      lost: ['30,000 by size'],
      balances: ['A nose of 0.4 mm balances at 12° of side rake.'],
      best: [
        {
          words: 'Nose 0.4 mm, centre up',
          verdict: 'DOUBTFUL',
          does: 'Taper 0.002 mm',
          take: { noseRadius: '0.4 mm' },
        },
      ],
    };

    it('tells how many hold, why the others lose, and takes the best over', async () => {
      const asked = program({ 'POST /api/plan/set-ups': [{ json: FOUND }] });
      const { edits } = panel('SET_UPS');
      press('Search set-ups');
      await waitFor(() => expect(screen.getByRole('status').textContent).toContain('120 of 35000'));
      expect(screen.getByRole('status').textContent).toContain('lost: 30,000 by size');
      expect(screen.getByText('just holds')).toBeTruthy();
      expect(screen.getByText(/balances at 12°/)).toBeTruthy();
      expect(asked[0]?.body).toEqual({ fields: { operation: 'bore' }, units: 'METRIC' });
      press('Take it');
      expect(edits).toEqual([{ kind: 'fields', fields: { noseRadius: '0.4 mm' } }]);
    });

    it('says why there was none', async () => {
      program({ 'POST /api/plan/set-ups': [{ status: 400, json: { sentence: 'A face has no taper to hold.' } }] });
      panel('SET_UPS');
      press('Search set-ups');
      await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('A face has no taper to hold.'));
    });
  });

  describe('tests of the tool', () => {
    const JUDGED = {
      worked: true,
      sentence: '5 N/µm at the point.',
      take: { tipStiffness: '5 N/µm' },
      errors: {},
      working: [],
    };

    it('sends what was read line by line and uses what came of it', async () => {
      const asked = program({ 'POST /api/instrument/push/judge': [{ json: JUDGED }] });
      const { edits } = panel('TOOL_TESTS', { readings: { 'push.0.load': '20 N', 'push.0.up': '4 µm' } });
      press('Work it out');
      await waitFor(() => expect(screen.getByText('5 N/µm at the point.')).toBeTruthy());
      expect(asked[0]?.body).toMatchObject({ lines: [{ load: '20 N', up: '4 µm', down: '' }, {}, {}, {}, {}] });
      press('Use it in place of the assumption');
      expect(edits).toContainEqual({ kind: 'fields', fields: { tipStiffness: '5 N/µm' } });
      press('Keep it as the test before');
      expect(edits).toContainEqual({ kind: 'reading', id: 'push.before', text: '5 N/µm' });
    });

    it('tells what is wrong beside where it was typed', async () => {
      const wrong = {
        worked: false,
        sentence: '',
        take: {},
        errors: { '1.up': '“x” does not start with a number.' },
        working: [],
      };
      program({ 'POST /api/instrument/push/judge': [{ json: wrong }] });
      panel('TOOL_TESTS', { readings: { 'push.1.up': 'x' } });
      press('Work it out');
      await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('does not start with a number'));
      expect(screen.getByLabelText('Going up, line 2').getAttribute('aria-invalid')).toBe('true');
      expect(screen.getByLabelText('Going up, line 1').getAttribute('aria-invalid')).toBe('false');
    });

    it('types in what the stand-ins read, and says whose readings they are', async () => {
      program({
        'POST /api/instrument/push': [
          { json: { by: 'Read from a stand-in.', lines: [{ load: '10 N', up: '2 µm', down: '3 µm' }] } },
        ],
        'POST /api/instrument/push/judge': [{ json: JUDGED }],
      });
      const { edits } = panel('TOOL_TESTS');
      press('Read the stand-ins');
      await waitFor(() => expect(screen.getByText('Read from a stand-in.')).toBeTruthy());
      expect(edits).toContainEqual({ kind: 'reading', id: 'push.0.down', text: '3 µm' });
    });

    it('says that the program is away, and stops saying so once it has answered', async () => {
      const asked = program({
        'POST /api/instrument/push/judge': [{ status: 503, json: {} }, { json: JUDGED }],
      });
      panel('TOOL_TESTS');
      press('Work it out');
      await waitFor(() => expect(screen.getByText(/What you typed is kept/)).toBeTruthy());
      press('Work it out');
      await waitFor(() => expect(screen.getByText('5 N/µm at the point.')).toBeTruthy());
      expect(screen.queryByText(/What you typed is kept/)).toBeNull();
      expect(asked).toHaveLength(2);
    });

    it('judges the ring of a stand-in that was tapped', async () => {
      const asked = program({
        'POST /api/instrument/tap': [{ json: { by: 'Tapped a stand-in.', recording: 'UklGRg==' } }],
        'POST /api/instrument/ring/judge': [
          { json: { ...JUDGED, sentence: 'It rings at 640 Hz.', take: { ringHz: '640' } } },
        ],
      });
      const { edits } = panel('TOOL_TESTS');
      press('Tap the stand-in');
      await waitFor(() => expect(screen.getByText('It rings at 640 Hz.')).toBeTruthy());
      expect(asked[1]?.body).toMatchObject({ recording: 'UklGRg==' });
      press('Use it in place of the assumption');
      expect(edits).toEqual([{ kind: 'fields', fields: { ringHz: '640' } }]);
    });

    it('refuses a recording that is too long before it is sent', async () => {
      const asked = program({});
      panel('TOOL_TESTS');
      const long = new File([new Uint8Array(1)], 'long.wav', { type: 'audio/wav' });
      Object.defineProperty(long, 'size', { value: 15_000_000 });
      fireEvent.change(screen.getByLabelText('A recording'), { target: { files: [long] } });
      await waitFor(() => expect(screen.getByText(/over 14 MB/)).toBeTruthy());
      expect(asked).toHaveLength(0);
    });
  });

  it('folds a push test away until it is wanted, and it has no tap', () => {
    program({});
    panel('PUSH_TEST');
    expect(screen.queryByText('Work it out')).toBeNull();
    press('Push test at the edge');
    expect(screen.getByText('Work it out')).toBeTruthy();
    expect(screen.queryByText('Tap test')).toBeNull();
  });

  it('keeps a grind only of a tool that was chosen', () => {
    program({});
    panel('KEEP_GRIND', { measured: { sideRake: '12°', noseRadius: ' ' } });
    expect(screen.getByText<HTMLButtonElement>('Keep this grind').disabled).toBe(true);
  });
});
