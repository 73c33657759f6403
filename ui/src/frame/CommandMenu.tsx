import { Command as Menu } from 'cmdk';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sentenceOf } from '../api/client';
import { useCuts, useLathes, useTools } from '../api/records';
import { Understood } from '../cut/TypeCut';
import { lastUnits, useOpenTyped, useTyped } from '../cut/useTyped';
import { useGlossary } from '../glossary/useGlossary';
import { useJobs } from '../jobs/records';
import { type Command, useCommandGroups } from './commands';
import { flipShade } from './dimShop';
import { startFirstRun } from './firstRun';
import { fits } from './fits';
import { DIALOG, FIELD, OVERLAY } from './looks';
import { notice } from './notices';

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Shows the keys. */
  keys: () => void;
}

/** Go to a cut, tool, job, machine, word, station, value or finding, do what a button does, or type a new cut: from one place, by keys. */
export default function CommandMenu({ open, onOpenChange, keys }: Props) {
  const [words, setWords] = useState('');
  const navigate = useNavigate();
  const groups = useCommandGroups();
  const cuts = useCuts();
  const tools = useTools(words);
  const jobs = useJobs();
  const machines = useLathes();
  const terms = useGlossary();
  const units = lastUnits();
  const typed = useTyped(/\d/.test(words) ? words : '', units);
  const openTyped = useOpenTyped();
  const shut = (does: () => void) => () => {
    onOpenChange(false);
    setWords('');
    does();
  };
  const go = (path: string) => shut(() => void navigate(path));
  const isCut = typed.data !== undefined && /\d/.test(words) && typed.data.understood.length > 1;
  return (
    <Menu.Dialog
      open={open}
      onOpenChange={onOpenChange}
      label="Commands"
      overlayClassName={OVERLAY}
      contentClassName={`${DIALOG} p-0!`}
      filter={fits}
      loop
    >
      <Menu.Input
        className={`${FIELD} w-full border-0! px-5! py-3! text-lg outline-none!`}
        value={words}
        onValueChange={setWords}
        placeholder="Go to, do, or type a cut: bore 20 H7 45 deep tin bronze"
      />
      <Menu.List className="[&_[cmdk-group-heading]]:px-5 [&_[cmdk-group-heading]]:pt-2.5 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-ink-2 [&_[cmdk-item]]:flex [&_[cmdk-item]]:min-h-touch [&_[cmdk-item]]:cursor-pointer [&_[cmdk-item]]:flex-wrap [&_[cmdk-item]]:items-baseline [&_[cmdk-item]]:gap-x-3 [&_[cmdk-item]]:gap-y-0.5 [&_[cmdk-item]]:px-5 [&_[cmdk-item]]:py-2 [&_[cmdk-item][data-selected=true]]:bg-paper-2 [&_[cmdk-item][data-selected=true]]:shadow-[inset_3px_0_var(--accent)] max-h-[60vh] overflow-auto border-t border-line pb-2">
        {!isCut && <Menu.Empty className="px-5 py-3">Nothing here is called that.</Menu.Empty>}
        {isCut && typed.data && (
          <Menu.Group heading="New cut" forceMount>
            <Menu.Item
              value={`new cut ${words}`}
              forceMount
              onSelect={shut(() => {
                openTyped(words, units).catch((error: unknown) => notice(sentenceOf(error)));
              })}
            >
              <span>Open it as a new cut</span>
              <span className="text-ink-2">
                <Understood typed={typed.data} />
              </span>
            </Menu.Item>
          </Menu.Group>
        )}
        {groups.map((group) => (
          <Menu.Group key={group.name} heading={group.name}>
            {group.commands().map((command) => (
              <Item key={command.id} command={command} group={group.name} does={shut(command.does)} />
            ))}
          </Menu.Group>
        ))}
        <Menu.Group heading="Pages">
          <Menu.Item onSelect={go('/cuts')}>Cuts</Menu.Item>
          <Menu.Item onSelect={go('/cut/new/cut')}>New cut</Menu.Item>
          <Menu.Item onSelect={go('/crib')}>Crib</Menu.Item>
          <Menu.Item onSelect={go('/jobs')}>Jobs</Menu.Item>
          <Menu.Item onSelect={go('/jobs/plan')}>The plan of the days</Menu.Item>
          <Menu.Item onSelect={go('/jobs/hours')}>Who works when</Menu.Item>
          <Menu.Item onSelect={go('/shop')}>Machines and files</Menu.Item>
          <Menu.Item
            onSelect={shut(() => {
              startFirstRun();
              void navigate('/cut/new/cut');
            })}
          >
            Walk through a first job
          </Menu.Item>
          <Menu.Item onSelect={go('/words')}>Words of the trade</Menu.Item>
          <Menu.Item onSelect={go('/crib/labels')}>Labels of tools</Menu.Item>
          <Menu.Item onSelect={go('/crib/drawers')}>Drawers</Menu.Item>
        </Menu.Group>
        <Menu.Group heading="Do">
          <Menu.Item keywords={['dark', 'shade', 'night']} onSelect={shut(flipShade)}>
            Light shop, dim shop
          </Menu.Item>
          <Menu.Item keywords={['card', 'paper']} onSelect={shut(() => requestAnimationFrame(() => window.print()))}>
            Print this page
          </Menu.Item>
          <Menu.Item keywords={['help', 'keyboard']} onSelect={shut(keys)}>
            The keys
          </Menu.Item>
        </Menu.Group>
        <Menu.Group heading="Cuts">
          {cuts.data?.map((cut) => (
            <Menu.Item
              key={cut.id}
              value={`${cut.name} ${cut.id}`}
              keywords={[cut.says]}
              onSelect={go(`/cut/${cut.id}/cut`)}
            >
              <span>{cut.name}</span>
              <span className="text-ink-2">{cut.says}</span>
            </Menu.Item>
          ))}
        </Menu.Group>
        <Menu.Group heading="Tools">
          {tools.data?.pages[0]?.tools.slice(0, 30).map((tool) => (
            <Menu.Item
              key={tool.id}
              value={`${tool.name} ${tool.id}`}
              keywords={[words, tool.drawer]}
              onSelect={go(`/tools/${tool.id}`)}
            >
              <span>{tool.name}</span>
              <span className="text-ink-2">{tool.drawer}</span>
            </Menu.Item>
          ))}
        </Menu.Group>
        <Named heading="Jobs" places={jobs.data} go={(job) => go(`/jobs/${job.id}`)} />
        <Named
          heading="Machines"
          places={machines.data?.map(({ id, card }) => ({ id, name: card.name ?? '' }))}
          go={(machine) => go(`/shop?machine=${machine.id}`)}
        />
        {words !== '' && (
          <Menu.Group heading="Words of the trade">
            {terms.data?.map((term) => (
              <Menu.Item
                key={term.id}
                value={`${term.word} ${term.id}`}
                keywords={[term.sign]}
                onSelect={go(`/words#${term.id}`)}
              >
                <span>{term.word}</span>
                <span className="text-ink-2">{term.meaning}</span>
              </Menu.Item>
            ))}
          </Menu.Group>
        )}
      </Menu.List>
    </Menu.Dialog>
  );
}

function Item({ command, group, does }: { command: Command; group: string; does: () => void }) {
  return (
    <Menu.Item
      value={`${command.words} ${group} ${command.id}`}
      keywords={command.more ? [command.more] : []}
      onSelect={does}
    >
      <span>{command.words}</span>
      {command.more && <span className="text-ink-2">{command.more}</span>}
    </Menu.Item>
  );
}

interface Place {
  id: string;
  name: string;
}

/** What has nothing but a name to be found by. */
function Named(group: { heading: string; places?: Place[]; go: (place: Place) => () => void }) {
  return (
    <Menu.Group heading={group.heading}>
      {group.places?.map((place) => (
        <Menu.Item key={place.id} value={`${place.name} ${place.id}`} onSelect={group.go(place)}>
          {place.name}
        </Menu.Item>
      ))}
    </Menu.Group>
  );
}
