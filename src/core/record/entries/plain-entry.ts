import * as v from 'valibot';
import type { Entry } from './entry';
import { certainties, entryVersion, isStorableText, patterns } from './entry';

const { id, ref, name } = patterns;
/** Names an object has by itself: what carries one is left to the schema. */
const inherited = new Set(['__proto__', 'prototype', 'constructor']);
const keys = {
  add: 13,
  observe: 12,
  undo: 9,
} as const;

/**
 * Whether a value is an entry as the schema reads it, looked at without building anything: true only
 * where `entrySchema` gives back the same value. False says nothing: the schema then tells, and says why.
 */
export function isPlainEntry(raw: unknown): raw is Entry {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return false;
  const entry = raw as Record<string, unknown>;
  const { kind, counter, at } = entry;
  if (kind !== 'add' && kind !== 'observe' && kind !== 'undo') return false;
  if (Object.keys(entry).length !== keys[kind] || entry.v !== entryVersion) return false;
  if (!Number.isSafeInteger(counter) || (counter as number) < 1) return false;
  if (typeof at !== 'string' || !v.ISO_TIMESTAMP_REGEX.test(at)) return false;
  if (!fits(entry.id, id) || !fits(entry.device, id) || !fits(entry.author, id)) return false;
  if (!fits(entry.action, id)) return false;
  if (kind === 'undo') return fits(entry.undoes, id);
  if (!certainties.includes(entry.certainty as (typeof certainties)[number])) return false;
  if (!areFacts(entry.facts)) return false;
  if (kind === 'observe')
    return (
      fits(entry.about, ref) &&
      Array.isArray(entry.replaces) &&
      entry.replaces.every((one) => fits(one, id))
    );
  return (
    fits(entry.thing, id) && fits(entry.type, name) && (entry.in === null || fits(entry.in, id))
  );
}

const fits = (value: unknown, pattern: RegExp) => typeof value === 'string' && pattern.test(value);

function areFacts(value: unknown): boolean {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  for (const key of Object.keys(value)) {
    if (!name.test(key) || inherited.has(key)) return false;
    if (!isStorable((value as Record<string, unknown>)[key])) return false;
  }
  return true;
}

function isStorable(value: unknown): boolean {
  switch (typeof value) {
    case 'boolean':
      return true;
    case 'number':
      return Number.isFinite(value);
    case 'string':
      return isStorableText(value);
    case 'object': {
      if (value === null) return true;
      if (Array.isArray(value)) return value.every(isStorable);
      for (const key of Object.keys(value)) {
        if (!isStorableText(key) || inherited.has(key)) return false;
        if (!isStorable((value as Record<string, unknown>)[key])) return false;
      }
      return true;
    }
    default:
      return false;
  }
}
