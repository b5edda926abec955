import type { FactReader } from '@/core/record/entries/fact-reader';
import type { DeviceView } from '@/core/installation/panel/views';
import { formOf } from '@/core/vocabulary/device-forms';
import { metalShort } from '@/core/vocabulary/size';

/** "20 A, 12 Cu, Tarnholt": what is set again where a position is the same as another. */
export function sameWords(device: DeviceView, reader: FactReader): string {
  const ratings = device.terminals[0]?.ratingA?.value.join('/');
  const [wire] = device.terminals[0]?.conductors ?? [];
  const size = wire?.size?.value;
  const metal = wire?.metal?.value;
  return [
    ratings ? `${ratings} A` : formOf(device.form).short,
    formOf(device.form).rows > 1 && ratings ? formOf(device.form).short : undefined,
    size && metal && `${size} ${metalShort[metal]}`,
    reader.value(device.id, 'maker'),
  ]
    .filter(Boolean)
    .join(', ');
}
