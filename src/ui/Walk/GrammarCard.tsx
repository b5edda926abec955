'use client';

import { Dialog } from 'radix-ui';
import { grammarCard } from '@/core/record/shorthand/card';

/** The whole grammar on one card. */
export function GrammarCard() {
  return (
    <Dialog.Root>
      <Dialog.Trigger className="act min-h-7!">Grammar card</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/40" />
        <Dialog.Content className="border-accent bg-sheet fixed top-1/2 left-1/2 max-h-[90dvh] w-[min(92vw,46rem)] -translate-x-1/2 -translate-y-1/2 overflow-auto border-t-4 p-5">
          <Dialog.Title className="text-heading font-bold">Shorthand</Dialog.Title>
          <Dialog.Description className="text-ink2 mt-1">
            One line records one position. It states everything under each screw; a line typed again
            corrects it.
          </Dialog.Description>
          {grammarCard.map(({ title, rows }) => (
            <table key={title} className="mt-3 w-full">
              <caption className="pb-1 text-left font-bold">{title}</caption>
              <thead className="sr-only">
                <tr>
                  <th>Write</th>
                  <th>It says</th>
                </tr>
              </thead>
              <tbody>
                {rows.map(([form, meaning]) => (
                  <tr key={form} className="border-hair border-b align-top">
                    <td className="w-1/2 py-1 pr-4 font-mono">{form}</td>
                    <td className="py-1">{meaning}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          ))}
          <Dialog.Close className="act mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
