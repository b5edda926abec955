'use client';

import { useState } from 'react';
import { lineOfDevice } from '@/core/fieldwork/recording/line-of-device';
import type { DeviceView } from '@/core/installation/panel/views';
import { useBook } from '../../Book/context';
import { WireKeys } from './WireKeys';

/** A device of several screws: one touch puts a wire of this size under each of them. */
export function EachScrew({ device }: { device: DeviceView }) {
  const { state, panel, actions } = useBook();
  const [metal, setMetal] = useState<'cu' | 'al'>('cu');
  const count = device.terminals.length;
  return (
    <fieldset>
      <legend className="text-caption text-ink2">A wire under each of its {count} screws</legend>
      <WireKeys
        to={`to each screw of ${device.label}`}
        metal={metal}
        setMetal={setMetal}
        add={(size) => {
          const line = lineOfDevice(panel, device, state.assessment.site.reader);
          for (const wires of line.wires!) wires.push({ size, metal });
          void actions.recordLine(line);
        }}
      />
    </fieldset>
  );
}
