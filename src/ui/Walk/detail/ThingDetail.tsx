'use client';

import { thingWords } from '@/core/installation/panel/thing-words';
import { FactSheet } from '../../facts/FactSheet';
import { SureChoice } from '../../facts/SureChoice';
import { PhotoInput } from '../../Photos/PhotoInput';
import { WorkOnDevice } from './WorkOnDevice';
import { useBook } from '../../Book/context';
import { deviceOf } from '@/core/fieldwork/recording/rehang';
import { takeOutWire } from '@/core/fieldwork/recording/loose-wires';
import { WireEnd } from './LooseWires';
import { RelatedThings } from './RelatedThings';

/** Anything else that was touched: a lug, the enclosure, a cable, a conductor. */
export function ThingDetail({ about }: { about: string }) {
  const { state, panel, actions } = useBook();
  const { site } = state.assessment;
  const conductor = panel.conductors.find(({ id }) => id === about);
  const device = deviceOf(panel, about);
  const { type } = site.reader.inspection.things.get(about) ?? {};
  return (
    <section className="border-line grid gap-3 border-b p-4" aria-label={thingWords(about, site)}>
      <h2 className="text-heading font-bold">{thingWords(about, site)}</h2>
      <SureChoice />
      {conductor && <WireEnd conductor={conductor} />}
      {device && <WorkOnDevice key={device.id} device={device} />}
      <RelatedThings about={about} />
      <PhotoInput about={about} words="Photo of it" />
      <FactSheet about={about} />
      {conductor && (
        <div className="grid grid-cols-2 gap-2">
          <button
            className="act"
            onClick={() => void actions.work((bench) => takeOutWire(conductor, false, bench))}
          >
            Taken out since
          </button>
          <button
            className="act"
            onClick={() => void actions.work((bench) => takeOutWire(conductor, true, bench))}
          >
            Never there
          </button>
        </div>
      )}
      {type &&
        !conductor &&
        type !== 'panel' &&
        type !== 'site' &&
        type !== 'building' &&
        !device && (
          <button className="act" onClick={() => void actions.observe(about, { removed: true })}>
            Not there after all
          </button>
        )}
    </section>
  );
}
