'use client';

import { wholeLine } from '@/core/fieldwork/recording/whole-line';
import { formOf } from '@/core/vocabulary/device-forms';
import type { DeviceView } from '@/core/installation/panel/views';
import type { BarScrew } from '@/core/record/shorthand/line';
import { useBook } from '../../Book/context';

interface ScrewFieldsProps {
  device: DeviceView;
  use: 'neutral' | 'ground';
}

/** Where the neutral or ground of each circuit, and of each of its cables, is screwed: one tap each. */
export function ScrewFields({ device, use }: ScrewFieldsProps) {
  const { state, panel, actions } = useBook();
  const { reader } = state.assessment.site;
  const bars = panel.bars.filter((bar) => bar.kind !== undefined && (bar.count ?? 0) > 0);
  const line = wholeLine(panel, device, reader);
  const key = use === 'neutral' ? 'neutrals' : 'grounds';
  const known = line[key] ?? [];
  const fields = formOf(device.form).circuits.flatMap((indexes, circuit) => {
    const cables = Math.max(
      1,
      ...indexes.map((index) => device.terminals[index]?.conductors.length ?? 0),
    );
    return Array.from({ length: cables }, (_, cable) => ({ circuit, cable, indexes }));
  });
  const land = (circuit: number, cable: number, value: string) => {
    const [bar, nth, number] = value.split(' ') as [BarScrew['bar'], string, string];
    const screw: BarScrew = {
      bar,
      ...(Number(nth) > 1 && { nth: Number(nth) }),
      number: Number(number),
    };
    const screws = known.map((cables) => [...cables]);
    screws[circuit] = [...(screws[circuit] ?? [])];
    screws[circuit][cable] = screw;
    void actions.recordLine({
      kind: 'position',
      positions: line.positions,
      form: device.form,
      ...(device.half && { half: device.half }),
      [key]: screws,
      marks: [],
      names: [],
    });
  };
  return fields.map(({ circuit, cable, indexes }) => {
    const standing = known[circuit]?.[cable];
    const inTurn = known.length >= circuit && (known[circuit]?.length ?? 0) >= cable;
    const of = fields.length > 1 ? ` of ${device.terminals[indexes[0]!]?.label}` : '';
    const which = cable > 0 ? `, cable ${cable + 1}` : '';
    return (
      <label key={`${circuit}-${cable}`} className="text-caption text-ink2 grid gap-0.5">
        {use === 'neutral' ? 'Neutral' : 'Ground'}
        {of}
        {which} on screw
        <select
          className="field"
          value={standing ? `${standing.bar} ${standing.nth ?? 1} ${standing.number}` : ''}
          disabled={bars.length === 0 || !inTurn}
          onChange={(event) => land(circuit, cable, event.target.value)}
        >
          <option value="" disabled>
            {bars.length === 0 ? 'no bar yet' : inTurn ? 'not recorded' : 'the one before it first'}
          </option>
          {bars.map((bar) => {
            const same = bars.filter((one) => one.kind === bar.kind);
            const nth = same.indexOf(bar) + 1;
            const name = `${bar.kind} bar${same.length > 1 ? ` ${nth}` : ''}`;
            return (
              <optgroup key={bar.id} label={name}>
                {bar.terminals.map(({ number }) => (
                  <option key={number} value={`${bar.kind} ${nth} ${number}`}>
                    {bar.kind === 'ground' ? 'G' : 'N'}
                    {number}
                  </option>
                ))}
              </optgroup>
            );
          })}
        </select>
      </label>
    );
  });
}
