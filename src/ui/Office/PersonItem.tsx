'use client';

import { useState } from 'react';
import { dayWords } from '@/core/show/report/dates';
import { mayWords } from './may-words';
import type { Person } from './person';
import { PersonForm } from './PersonForm';

interface PersonItemProps {
  person: Person;
  own: boolean;
  colleagues: readonly Person[];
}

/** One who works here. */
export function PersonItem({ person, own, colleagues }: PersonItemProps) {
  const [open, setOpen] = useState(false);
  const { name, email, licence, licenceExpires, may } = person;
  return (
    <li className="border-hair grid gap-3 border-b py-2">
      <div className="flex items-center gap-3">
        <span>
          <span className="font-semibold">{name}</span>
          {own && ', you'}
          <br />
          <span className="text-ink2">
            {email} · {mayWords(may)}
            {licence && ` · licence ${licence}`}
            {licenceExpires && ` until ${dayWords(licenceExpires)}`}
          </span>
        </span>
        <button
          className="act ml-auto"
          type="button"
          aria-expanded={open}
          aria-label={`${open ? 'Close' : 'Change'} ${name}`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Close' : 'Change'}
        </button>
      </div>
      {open && <PersonForm person={person} own={own} colleagues={colleagues} />}
    </li>
  );
}
