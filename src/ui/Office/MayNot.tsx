import type { Permission } from '@/core/vocabulary/permission';
import { permissionWords } from '@/core/vocabulary/permission';

/** Stands where a page is for those who may. */
export function MayNot({ permission }: { permission: Permission }) {
  return (
    <p>
      This page is for those who may {permissionWords[permission]}. Whoever manages the people of
      this office can give you that.
    </p>
  );
}
