import { gradeWords } from '@/core/vocabulary/grade';
import type { TraceLine } from '@/core/judge/grading/finding';

/** Each step of a grade: what moved it, by how much, and where it stood after. */
export function TraceTable({ trace }: { trace: readonly TraceLine[] }) {
  return (
    <table className="text-caption mt-2 w-full">
      <caption className="sr-only">Reasons of the grade</caption>
      <thead>
        <tr className="border-line text-ink2 border-b text-left">
          <th className="font-normal">Step</th>
          <th className="font-normal">Moves</th>
          <th className="font-normal">S</th>
          <th className="font-normal">L</th>
          <th className="font-normal">Grade</th>
        </tr>
      </thead>
      <tbody>
        {trace.map((line, index) => (
          <tr
            key={index}
            className={`border-hair border-b align-top ${line.counted ? '' : 'text-ink3'}`}
          >
            <td className="pr-2">
              {line.because}
              {!line.counted && ' (not counted)'}
            </td>
            <td className={`pr-2 whitespace-nowrap ${line.counted ? '' : 'line-through'}`}>
              {line.moves}
            </td>
            <td className="pr-2">{line.severity}</td>
            <td className="pr-2">{line.likelihood}</td>
            <td>{gradeWords[line.grade]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
