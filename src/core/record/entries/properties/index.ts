import type * as v from 'valibot';
import { anyProperties } from './any';
import { deviceProperties } from './device';
import { panelProperties } from './panel';
import { readingProperties } from './reading';
import { rulingProperties } from './ruling';
import { mendProperties } from './mend';
import { omissionProperties } from './omission';
import { noteProperties } from './note';
import { permitProperties } from './permit';
import { placeProperties } from './place';
import { planProperties } from './plan';
import type { PropertySpec } from './spec';
import { supplyProperties } from './supply';
import { wiringProperties } from './wiring';

/** Everything that can be said, by name. */
export const properties = {
  ...anyProperties,
  ...placeProperties,
  ...panelProperties,
  ...deviceProperties,
  ...supplyProperties,
  ...wiringProperties,
  ...permitProperties,
  ...noteProperties,
  ...rulingProperties,
  ...mendProperties,
  ...readingProperties,
  ...omissionProperties,
  ...planProperties,
};

export type PropertyName = keyof typeof properties;
export type PropertyValue<P extends PropertyName> = v.InferOutput<(typeof properties)[P]['schema']>;
/** Several facts at once, each optional. */
export type Facts = { [P in PropertyName]?: PropertyValue<P> };

export function propertySpec(name: string): PropertySpec | undefined {
  return Object.hasOwn(properties, name) ? properties[name as PropertyName] : undefined;
}
export type { PropertySpec } from './spec';
