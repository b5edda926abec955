import type { FactReader } from '../../record/entries/fact-reader';
import type { PropertyName } from '../../record/entries/properties';
import { formOf, isFuse } from '../../vocabulary/device-forms';
import type { FormName } from '../../vocabulary/device-forms';

/** Said of fuses and their bases alone. */
const ofFuses: ReadonlySet<PropertyName> = new Set([
  'fuseKind',
  'fuseBase',
  'insertA',
  'fuseBypassed',
  'clips',
]);

/** Said of what has a handle and trips. */
const ofBreakers: ReadonlySet<PropertyName> = new Set([
  'handleState',
  'tie',
  'protection',
  'tripsOnClosing',
  'failedTrip',
  'classifiedFor',
  'backfed',
  'heldDown',
]);

/** Said of electronic breakers: of those whose kind nobody read, too. */
const ofElectronic: ReadonlySet<PropertyName> = new Set([
  'testButton',
  'faultCode',
  'pigtail',
  'loadNeutral',
  'protectionTestedGood',
]);

/** Said of what has several poles. */
const ofSeveralPoles: ReadonlySet<PropertyName> = new Set(['commonTrip', 'poleToPoleV']);

/**
 * Whether a property is asked of this kind of device: no fuse base of a breaker, no test button of an
 * ordinary one. What was recorded all the same is shown whatever it is of.
 */
export function fitsDevice(
  property: PropertyName,
  device: { id: string; form: FormName },
  reader: FactReader,
): boolean {
  if (reader.fact(device.id, property)) return true;
  const { form, id } = device;
  const trips = !isFuse(device) && !formOf(form).noHandle;
  if (ofFuses.has(property)) return isFuse(device);
  if (ofBreakers.has(property)) return trips;
  if (ofElectronic.has(property)) return trips && reader.value(id, 'protection') !== 'ordinary';
  if (ofSeveralPoles.has(property))
    return trips && formOf(form).circuits.some((one) => one.length > 1);
  return true;
}
