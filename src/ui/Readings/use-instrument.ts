'use client';

import { useEffect, useRef, useState } from 'react';
import type { Slot } from '@/core/fieldwork/bench/slots';
import type { InstrumentDriver, Sample } from '@/stand-ins/driver';

interface Live {
  /** Place the figure is of. */
  key: string;
  sample: Sample | undefined;
  fault: string | undefined;
}

/** Holds a connected instrument to the slot in hand. */
export function useInstrument(driver: InstrumentDriver | undefined, slot: Slot, off: boolean) {
  const [live, setLive] = useState<Live>();
  const held = useRef(driver);
  useEffect(() => {
    held.current = driver;
    if (!driver || slot.button) return;
    driver.stream(
      { about: slot.about, property: slot.property },
      (sample) => setLive({ key: slot.key, sample, fault: undefined }),
      (fault) => setLive({ key: slot.key, sample: undefined, fault }),
    );
    return () => driver.stop();
  }, [driver, slot.about, slot.property, slot.key, slot.button, off]);
  return driver && live?.key === slot.key ? live : undefined;
}
