import type { Schemas } from '../api/client';

/** Colours to compare with by eye: each with its words and what it stands for; the reckoned one is marked, and said. */
export function Swatches({ colours }: { colours: Schemas['Swatch'][] }) {
  if (colours.length === 0) return null;
  return (
    <section aria-label="Colours to compare with" className="pt-2">
      <p className="text-ink-2">
        By eye in dim light, rough, from the temperature on; a screen shows colours its own way.
      </p>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-4 gap-y-1">
        {colours.map((one) => (
          <li key={one.words + one.label} className="flex items-center gap-2" aria-current={one.here}>
            <svg
              aria-hidden="true"
              viewBox="0 0 20 20"
              className={`size-8 shrink-0 rounded-sm ${one.here ? 'outline-2 outline-ink' : ''}`}
            >
              <rect width="20" height="20" fill={one.colour} />
            </svg>
            <span>
              <span className={one.here ? 'font-semibold' : ''}>
                {one.words}
                {one.here && ': here'}
              </span>
              <br />
              <span className="text-ink-2">{one.label}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
