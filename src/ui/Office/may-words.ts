import type { Permission } from '@/core/vocabulary/permission';
import { permissions, permissionWords, roleOf, roles } from '@/core/vocabulary/permission';

/** "Inspector", or what somebody may do one by one. */
export const mayWords = (may: readonly Permission[]): string => {
  const role = roleOf(may);
  return role
    ? roles[role].title
    : permissions
        .filter((one) => may.includes(one))
        .map((one) => permissionWords[one])
        .join('; ');
};
