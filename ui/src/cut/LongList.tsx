import { Command as Menu } from 'cmdk';
import { Popover } from 'radix-ui';
import { useRef, useState } from 'react';
import { fits } from '../frame/fits';
import { FIELD } from '../frame/looks';
import { ITEM, LIST, type ListProps, PICKED, Picked } from './ChoiceInput';

/** A list too long to be seen at once: what is typed stands in a field above it, for as long as one likes, and only what fits is left. */
export function LongList({ label, value, text, choices, wrong, onPick }: ListProps) {
  const [open, setOpen] = useState(false);
  const list = useRef<HTMLDivElement>(null);
  const named = (words: string, id: string) => `${words} ${id}`;
  const picked = choices.find((choice) => choice.id === value);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className={PICKED}
        role="combobox"
        aria-label={label}
        aria-invalid={!!wrong}
        data-field-pick={label}
      >
        <Picked text={text} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${LIST} flex max-h-[min(60vh,520px,var(--radix-popover-content-available-height))] max-w-(--radix-popover-content-available-width) flex-col`}
          align="start"
          sideOffset={4}
          collisionPadding={12}
          aria-label={label}
          onOpenAutoFocus={(event) => {
            // By touch the list is read first: a glass keyboard would cover it.
            if (!window.matchMedia('(pointer: coarse)').matches) return;
            event.preventDefault();
            list.current?.focus();
          }}
        >
          <Menu
            label={`Find in ${label}`}
            filter={fits}
            loop
            defaultValue={picked && named(picked.words, picked.id)}
            className="flex min-h-0 flex-col"
          >
            <Menu.Input className={`${FIELD} m-1.5`} placeholder="type to find" />
            <Menu.List ref={list} label={label} tabIndex={-1} className="min-h-0 overflow-auto outline-none">
              <Menu.Empty className="px-3.5 py-2">Nothing here is called that.</Menu.Empty>
              {choices.map((choice) => (
                <Menu.Item
                  key={choice.id}
                  value={named(choice.words, choice.id)}
                  keywords={choice.more ? [choice.more] : []}
                  onSelect={() => {
                    onPick(choice.id);
                    setOpen(false);
                  }}
                  className={`${ITEM} data-[selected=true]:bg-accent data-[selected=true]:text-accent-ink`}
                >
                  <span>{choice.words}</span>
                  {choice.more && <span className="text-fine opacity-80">{choice.more}</span>}
                </Menu.Item>
              ))}
            </Menu.List>
          </Menu>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
