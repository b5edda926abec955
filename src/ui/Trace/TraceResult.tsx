'use client';

import { observe } from '@/core/fieldwork/recording/draft';
import { directoryOf } from '@/core/model/tracing/directory';
import type { PanelTrace } from '@/core/model/tracing/trace-of-panel';
import { breakerOf, decodedWords } from '@/core/model/tracing/words';
import { useBook } from '../Book/context';

/** What each outlet is fed by, as far as the rounds tell; then the directory, written by one touch. */
export function TraceResult({ trace, walk }: { trace: PanelTrace; walk(round: string): void }) {
  const { state, panel, actions } = useBook();
  const { assessment } = state;
  const { reader } = assessment.site;
  const lines = directoryOf(panel, trace);
  const added = assessment.findings.filter(
    ({ verdict }) => verdict.rule.id === 'conductor/added-circuit' && verdict.panel === panel.id,
  );
  const write = () =>
    actions.record(() => [
      ...lines.map(({ circuit, words }) => observe(reader, circuit, { name: words.slice(0, 200) })),
      ...trace.outlets.flatMap(({ id, decoded }) =>
        decoded.answer === 'exact'
          ? [observe(reader, id, { fedBy: [...decoded.is.circuits], fedHow: decoded.is.kind })]
          : [],
      ),
    ]);
  const repeat = (number: number) => trace.rounds.find((one) => one.number === number)?.id;
  return (
    <section aria-labelledby="trace-result">
      <h3 id="trace-result" className="text-heading font-bold">
        What the rounds tell
      </h3>
      <table className="mt-2 w-full text-left">
        <thead className="text-ink2">
          <tr>
            <th className="font-semibold">Outlet</th>
            <th className="font-semibold max-md:hidden">Dead in rounds</th>
            <th className="font-semibold">Fed by</th>
          </tr>
        </thead>
        <tbody>
          {trace.outlets.map(({ id, name, room, looks, decoded }) => (
            <tr key={id} className="border-hair border-t align-top">
              <td className="py-1 pr-3">
                <strong>{name}</strong> <span className="text-ink2">{room}</span>
              </td>
              <td className="py-1 pr-3 max-md:hidden">
                {[...looks]
                  .filter(([, seen]) => seen === 'dead')
                  .map(([number]) => number)
                  .join(', ') || 'none'}
              </td>
              <td className={`py-1 ${decoded.answer === 'repeat' ? 'text-urgent' : ''}`}>
                {decodedWords(decoded, panel)}{' '}
                {decoded.answer === 'repeat' &&
                  decoded.rounds.map((number) => {
                    const round = repeat(number);
                    return (
                      round && (
                        <button key={number} className="act" onClick={() => walk(round)}>
                          Repeat round {number}
                        </button>
                      )
                    );
                  })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {lines.length > 0 && (
        <>
          <h3 className="text-heading mt-4 font-bold">The directory they make</h3>
          <ul className="mt-1 md:columns-2">
            {lines.map(({ circuit, words }) => (
              <li key={circuit}>
                <strong>{breakerOf(panel, circuit)}</strong> {words}
              </li>
            ))}
          </ul>
          <button className="act act-main mt-2 min-h-12" onClick={() => void write()}>
            Write it into the directory
          </button>
        </>
      )}
      {added.length > 0 && (
        <>
          <h3 className="text-heading mt-4 font-bold">Suspected additions, and what they feed</h3>
          <ul>
            {added.map(({ key, verdict }) => {
              const circuit = panel.circuits.find(({ id, terminals }) =>
                [id, ...terminals].some((ref) => verdict.place.related.includes(ref)),
              );
              const line = lines.find((one) => one.circuit === circuit?.id);
              return (
                <li key={key}>
                  <strong>{verdict.place.label}</strong>{' '}
                  {line?.words ?? circuit?.name ?? 'nothing found yet'}
                </li>
              );
            })}
          </ul>
        </>
      )}
    </section>
  );
}
