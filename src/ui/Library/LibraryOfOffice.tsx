'use client';

import { useSent } from '@/client/sent/use-sent';
import { libraryPath } from '@/client/sent/paths';
import { FromHere } from '../Device/FromHere';
import { Opening } from '../primitives/Opening';
import { Library } from './Library';
import type { LibrarySent } from './sent';

/** The library, once what this office set is here. */
export function LibraryOfOffice() {
  const { data, fault, keptAt, again } = useSent<LibrarySent>(libraryPath);
  return data ? (
    // What is set is changed here: another version is read anew.
    <Library
      key={data.version}
      session={data.who}
      settings={data.settings}
      version={data.version}
      above={
        <FromHere
          keptAt={keptAt}
          fault={fault}
          missing="What the office set since is not in it, and nothing can be set."
          again={again}
        />
      }
    />
  ) : (
    <Opening says="Opening the library…" fault={fault} again={again} />
  );
}
