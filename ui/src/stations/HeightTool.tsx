import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import { api, type Choice, given, type HeightAnswer, sentenceOf } from '../api/client';
import { PickList } from '../cut/ChoiceInput';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { DO, FIELD, KEEP, MEND, QUIET, READING } from '../frame/looks';

const MEASURED: Record<string, string> = {
  pip: 'Pip across',
  lines: 'Lines apart',
  gauge: 'Point above the slide',
};

/** What a pip or two lines show of the side that the point is on. */
const SHOWS: Record<string, Choice[]> = {
  pip: [
    { id: 'below', words: 'the pip was cut round', more: '' },
    { id: 'above', words: 'the pip was rubbed off', more: '' },
  ],
  lines: [
    { id: 'below', words: 'the second line lies lower', more: '' },
    { id: 'above', words: 'the second line lies higher', more: '' },
  ],
};

/** The point's height over the axis, worked out from a pip, from scribed lines or from a gauge; then used in the plan. */
export function HeightTool() {
  const { draft, choices } = useCut();
  const edit = useEdit();
  const { fields, units, readings } = draft;
  const height = useAnswer().page?.height;
  const [answer, setAnswer] = useState<HeightAnswer>();
  const [said, setSaid] = useState('');
  const how = readings['height.how'] ?? 'pip';
  const above = readings['height.above'] === 'above';
  const shows = SHOWS[how];
  const write = (id: string, text: string) => edit({ kind: 'reading', id: `height.${id}`, text });
  const workOut = async () => {
    setSaid('');
    try {
      setAnswer(
        await given(
          api.POST('/api/measure/height', {
            body: {
              measured: {
                how: how.toUpperCase() as 'PIP' | 'LINES' | 'GAUGE',
                measured: readings['height.measured'] ?? '',
                above,
                behind: height?.behind ?? false,
                within: height ? (fields[height.within] ?? '') : '',
                arm: readings['height.arm'] ?? '',
              },
              units,
              lathe: fields.lathe,
            },
          }),
        ),
      );
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  return (
    <Collapsible.Root className="height-tool">
      <Collapsible.Trigger className={QUIET}>Height from what you measured</Collapsible.Trigger>
      <Collapsible.Content>
        <form
          className={KEEP}
          aria-label="Height from what you measured"
          onSubmit={(event) => {
            event.preventDefault();
            void workOut();
          }}
        >
          <PickList
            label="Measured by"
            value={how}
            text={choices.heightsBy.find((c) => c.id === how)?.words ?? ''}
            choices={choices.heightsBy}
            onPick={(id) => write('how', id)}
          />
          <Entry
            id="measured"
            label={MEASURED[how] ?? 'Measured'}
            value={readings['height.measured'] ?? ''}
            wrong={answer?.errors.measured}
            onChange={write}
          />
          {shows && (
            <PickList
              label="It shows"
              value={above ? 'above' : 'below'}
              text={shows.find((one) => one.id === (above ? 'above' : 'below'))?.words ?? ''}
              choices={shows}
              onPick={(id) => write('above', id)}
            />
          )}
          <Entry
            id="arm"
            label="Rocker, pivot to point (if any)"
            value={readings['height.arm'] ?? ''}
            wrong={answer?.errors.arm}
            onChange={write}
          />
          <button type="submit" className={DO}>
            Work it out
          </button>
          {answer?.height && height && (
            <button
              type="button"
              className={MEND}
              onClick={() => edit({ kind: 'field', id: height.field, text: answer.height })}
            >
              Put {answer.height} in
            </button>
          )}
          {(answer?.sentence || said) && <p role="status">{said || answer?.sentence}</p>}
        </form>
      </Collapsible.Content>
    </Collapsible.Root>
  );
}

interface EntryProps {
  id: string;
  label: string;
  value: string;
  wrong: string | undefined;
  onChange: (id: string, text: string) => void;
}

function Entry({ id, label, value, wrong, onChange }: EntryProps) {
  return (
    <label className={`${READING} ${wrong ? 'reading-wrong' : ''}`}>
      <span>{label}</span>
      <input
        className={`${FIELD} figures`}
        data-height={id}
        value={value}
        aria-invalid={!!wrong}
        onChange={(event) => onChange(id, event.target.value)}
      />
      {wrong && <em role="alert">{wrong}</em>}
    </label>
  );
}
