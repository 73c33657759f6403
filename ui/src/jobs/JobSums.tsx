import type { JobAnswer, Lot } from './records';

/** What a job comes to: times, what to saw, what to heat together, and why in this order. */
export function JobSums({ answer, lots }: { answer: JobAnswer; lots: Lot[] }) {
  const named = (id: string) => lots.find((lot) => lot.id === id)?.name || 'this lot';
  return (
    <section
      aria-label="What it comes to"
      className="grid grid-cols-2 gap-x-8 gap-y-4 max-bench:grid-cols-[minmax(0,1fr)]"
    >
      <div>
        <h2 className="mt-0!">What it comes to</h2>
        {answer.lots.map((lot) => (
          <div key={lot.id} className="border-t border-line py-2" data-lot-sums={named(lot.id)}>
            <p className="font-semibold">
              {lot.pieces} × {named(lot.id)}
            </p>
            {lot.sentences.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </div>
        ))}
        {answer.learned.map(({ operation, sentence }) => (
          <p key={operation} className="border-t border-line py-2 text-small">
            <b>{lots.flatMap((lot) => lot.operations).find((one) => one.id === operation)?.name}:</b> {sentence}
          </p>
        ))}
      </div>
      <div>
        {answer.saws.map((saw) => (
          <div key={saw.bar} data-saw={saw.bar}>
            <h2 className="mt-0!">Saw{saw.bar ? `: ${saw.bar}` : ''}</h2>
            {saw.cuts.length > 0 && (
              <table className="my-1.5 w-full text-left [&_td]:border-t [&_td]:border-line [&_td]:py-1 [&_td]:pr-3 [&_td]:align-top [&_th]:pr-3 [&_th]:font-[550] [&_th]:text-ink-2">
                <thead>
                  <tr>
                    <th>from</th>
                    <th>saw</th>
                    <th>left</th>
                  </tr>
                </thead>
                <tbody>
                  {saw.cuts.map((cut, at) => (
                    <tr key={at}>
                      <td className="whitespace-nowrap">{cut.from}</td>
                      <td>{cut.pieces}</td>
                      <td className="whitespace-nowrap">{cut.offcut}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
            <p className={saw.enough ? '' : 'text-warn'}>{saw.sentence}</p>
          </div>
        ))}
        {answer.loads.map((load, at) => (
          <div key={at} className="mt-4">
            <h2 className="mt-0!">Furnace: {load.steel}</h2>
            {load.sentences.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </div>
        ))}
        {answer.order.length > 0 && (
          <div className="mt-4">
            <h2 className="mt-0!">The order, and why</h2>
            <ul className="list-disc pl-5">
              {answer.order.map((rule) => (
                <li key={rule}>{rule}</li>
              ))}
            </ul>
          </div>
        )}
      </div>
    </section>
  );
}
