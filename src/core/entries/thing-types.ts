/** The types of thing that can be declared, what each may stand in, and the pattern of its parts. */
export const thingTypes = {
  site: { in: [null] },
  building: { in: ['site'] },
  service: { in: ['site', 'building'] },
  disconnect: { in: ['building', 'site'] },
  panel: { in: ['building'], part: { kind: 'position', pattern: /^c[12]r[1-9]\d?$/ } },
  device: { in: ['panel'], part: { kind: 'terminal', pattern: /^t[1-4]$/ } },
  bar: { in: ['panel'], part: { kind: 'bar-terminal', pattern: /^t[1-9]\d?$/ } },
  cable: { in: ['panel'] },
  conductor: { in: ['panel', 'cable'] },
  circuit: { in: ['panel'] },
  multiwire: { in: ['panel'] },
  load: { in: ['circuit'] },
} as const satisfies Record<string, ThingTypeSpec>;

interface ThingTypeSpec {
  in: readonly (string | null)[];
  part?: { kind: 'position' | 'terminal' | 'bar-terminal'; pattern: RegExp };
}

export type ThingType = keyof typeof thingTypes;
export type PartKind = 'position' | 'terminal' | 'bar-terminal';
/** What a fact can be about: a thing of a type, or a part of one. */
export type Subject = ThingType | PartKind;

export function isThingType(name: string): name is ThingType {
  return Object.hasOwn(thingTypes, name);
}

/** Splits `id/part`. */
export function splitRef(ref: string): { thing: string; part: string | undefined } {
  const slash = ref.indexOf('/');
  return slash < 0
    ? { thing: ref, part: undefined }
    : { thing: ref.slice(0, slash), part: ref.slice(slash + 1) };
}

/** The subject a part of this thing type is, or undefined where it has no such part. */
export function partSubject(type: ThingType, part: string): PartKind | undefined {
  const spec: ThingTypeSpec = thingTypes[type];
  return spec.part && spec.part.pattern.test(part) ? spec.part.kind : undefined;
}

export const positionRef = (panel: string, column: number, row: number) =>
  `${panel}/c${column}r${row}`;
export const terminalRef = (thing: string, number: number) => `${thing}/t${number}`;
