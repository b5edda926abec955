/** The types of thing that can be declared, what each may stand in, and the patterns of its parts. */
export const thingTypes = {
  site: { in: [null] },
  building: { in: ['site'] },
  dwelling: { in: ['building'] },
  room: { in: ['building'] },
  work: { in: ['building', 'site'] },
  service: { in: ['site', 'building'], parts: { lug: /^l[123n]$/ } },
  meter: { in: ['building', 'site'] },
  disconnect: { in: ['building', 'site'], parts: { lug: /^l[123n]$/ } },
  source: { in: ['building', 'site'] },
  electrode: { in: ['building', 'site'] },
  pipe: { in: ['building', 'site'] },
  outlet: { in: ['building', 'room'], parts: { 'outlet-round': /^r[1-9]\d?$/ } },
  panel: {
    in: ['building'],
    parts: { position: /^c[12]r[1-9]\d?$/, lug: /^l[123n]$/ },
  },
  knockout: { in: ['panel'] },
  /** A round of tracing by code. */
  round: { in: ['panel'] },
  device: { in: ['panel'], parts: { terminal: /^t[1-4]$/ } },
  bar: { in: ['panel'], parts: { 'bar-terminal': /^t[1-9]\d?$/ } },
  cable: { in: ['panel'] },
  conductor: { in: ['panel', 'cable'] },
  circuit: { in: ['panel'] },
  multiwire: { in: ['panel'] },
  load: { in: ['circuit'] },
  note: { in: ['site'] },
  photo: { in: ['site'] },
  instrument: { in: ['site'] },
  /** A change tried in the circuit model and kept as evidence. */
  'what-if': { in: ['site'] },
  /** An inspector's word on a finding. */
  ruling: { in: ['site'] },
  /** Work done on findings while the inspector was there. */
  mend: { in: ['site'] },
  /** Why an agreed act of the visit was not done. */
  omission: { in: ['site'] },
  /** Something somebody wants besides, when work is done. */
  wish: { in: ['site'] },
  /** A plan somebody chose, as it stood then. */
  plan: { in: ['site'] },
  /** What somebody asks for the work of a chosen plan. */
  quote: { in: ['site'] },
} as const satisfies Record<string, ThingTypeSpec>;

interface ThingTypeSpec {
  in: readonly (string | null)[];
  parts?: Partial<Record<PartKind, RegExp>>;
}

export type ThingType = keyof typeof thingTypes;
export type PartKind = 'position' | 'terminal' | 'bar-terminal' | 'lug' | 'outlet-round';
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
  for (const kind in spec.parts)
    if (spec.parts[kind as PartKind]!.test(part)) return kind as PartKind;
  return undefined;
}

export const positionRef = (panel: string, column: number, row: number) =>
  `${panel}/c${column}r${row}`;
export const terminalRef = (thing: string, number: number) => `${thing}/t${number}`;
/** What one round of tracing showed of an outlet. */
export const outletRoundRef = (outlet: string, round: number) => `${outlet}/r${round}`;
/** Lugs of a panel, disconnect or service: one a leg, and the neutral's. */
export const lugRef = (thing: string, lug: 1 | 2 | 3 | 'n') => `${thing}/l${lug}`;
