'use client';

import { areas } from '@/core/record/entries/properties/spec';
import type { Area } from '@/core/record/entries/properties/spec';
import { observations } from '@/core/record/entries/properties/any';
import { properties } from '@/core/record/entries/properties';
import type { PropertyName, PropertySpec } from '@/core/record/entries/properties';
import { propertiesOf, subjectOfRef } from '@/core/fieldwork/walk/asked';
import { fitsDevice } from '@/core/fieldwork/walk/fitting';
import { deviceOf } from '@/core/fieldwork/recording/rehang';
import { useBook } from '../Book/context';
import { FactField } from './FactField';

/** Shown by name elsewhere, or not a thing to choose. */
const elsewhere: readonly string[] = [
  'removed',
  'takenOut',
  'remark',
  'conductorCount',
  'madeSafe',
  'toldWhom',
];

/** The thing's own facts first, then a panel's many by where they are seen. */
function byArea(names: readonly PropertyName[]): [Area | '', PropertyName[]][] {
  const groups = new Map<Area | '', PropertyName[]>([['', []]]);
  for (const name of names) {
    const area = (properties[name] as PropertySpec).at ?? '';
    groups.set(area, [...(groups.get(area) ?? []), name]);
  }
  return [...groups].filter(([, listed]) => listed.length > 0);
}

interface FactSheetProps {
  about: string;
  /** Properties that the same screen asks for already. */
  without?: readonly PropertyName[];
}

/** Everything that can be recorded of one thing or part, where it is touched. */
export function FactSheet({ about, without = [] }: FactSheetProps) {
  const { state } = useBook();
  const subject = subjectOfRef(about, state.assessment.site);
  if (!subject) return null;
  const seen: readonly string[] = observations;
  // What is no longer asked for still stands where it was recorded, and can be corrected there.
  const retired = (Object.keys(properties) as PropertyName[]).filter((name) => {
    const spec = properties[name] as PropertySpec;
    return (
      spec.retired && spec.on.includes(subject) && state.assessment.site.reader.fact(about, name)
    );
  });
  const { site } = state.assessment;
  const device = site.panels.map((panel) => deviceOf(panel, about)).find(Boolean);
  const names = [...propertiesOf(subject), ...retired].filter(
    (name) => !without.includes(name) && (!device || fitsDevice(name, device, site.reader)),
  );
  // A lug has no screw of its own in the walk where its conductors are counted.
  const here = (name: PropertyName) =>
    !elsewhere.includes(name) || (name === 'conductorCount' && subject === 'lug');
  const own = names.filter((name) => here(name) && !seen.includes(name));
  const noticed = observations.filter(
    (name) => (properties[name] as PropertySpec).on.includes(subject) && names.includes(name),
  );
  const said = (['remark', 'madeSafe', 'toldWhom'] as const).filter((name) => names.includes(name));
  return (
    <div className="grid gap-2.5">
      {byArea(own).map(([area, names]) => (
        <fieldset key={area} className="grid gap-2 sm:grid-cols-2 lg:grid-cols-1">
          {area !== '' && (
            <legend className="border-hair mb-1 w-full border-t pt-2 font-bold">
              {areas[area]}
            </legend>
          )}
          {names.map((property) => (
            <FactField key={property} about={about} property={property} />
          ))}
        </fieldset>
      ))}
      {noticed.length > 0 && (
        <fieldset className="border-hair grid gap-2 border-t pt-2">
          <legend className="text-caption text-ink2">Noticed on it</legend>
          {noticed.map((property) => (
            <FactField key={property} about={about} property={property} />
          ))}
        </fieldset>
      )}
      {said.map((property) => (
        <FactField key={property} about={about} property={property} />
      ))}
    </div>
  );
}
