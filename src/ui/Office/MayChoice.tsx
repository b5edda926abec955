import type { Permission } from '@/core/vocabulary/permission';
import {
  permissions,
  permissionWords,
  roleNames,
  roleOf,
  roles,
} from '@/core/vocabulary/permission';
import { OneOf } from '../primitives/OneOf';

interface MayChoiceProps {
  may: readonly Permission[];
  choose(may: Permission[]): void;
}

/** What somebody may do: one of the usual roles, or each for itself. */
export function MayChoice({ may, choose }: MayChoiceProps) {
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">May do, beside reading everything</legend>
      <OneOf
        label="Role"
        choices={roleNames.map((role) => ({ value: role, words: roles[role].title }))}
        value={roleOf(may)}
        choose={(role) => choose([...roles[role].may])}
        className="flex flex-wrap gap-2"
      />
      {permissions.map((one) => (
        <label key={one} className="flex items-center gap-2 max-lg:min-h-11">
          <input
            type="checkbox"
            checked={may.includes(one)}
            onChange={(event) =>
              choose(
                permissions.filter((other) =>
                  other === one ? event.target.checked : may.includes(other),
                ),
              )
            }
          />
          {permissionWords[one]}
        </label>
      ))}
    </fieldset>
  );
}
