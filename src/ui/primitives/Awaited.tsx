'use client';

import type { ReactNode } from 'react';
import { useSent } from '@/client/sent/use-sent';
import { Loading } from './Loading';

interface AwaitedProps<T> {
  /** Where what it is drawn from is asked for. */
  path: string;
  /** "the plan" */
  what: string;
  children(data: T): ReactNode;
}

/** A view within a page, once what it is drawn from is here. */
export function Awaited<T>({ path, what, children }: AwaitedProps<T>) {
  const { data, fault, again } = useSent<T>(path);
  if (data !== undefined) return children(data);
  return fault ? (
    <p className="p-6" role="alert">
      <span className="text-danger font-semibold">
        {fault} Of {what} nothing is on this device.
      </span>{' '}
      What is recorded is kept.{' '}
      <button className="act" onClick={again}>
        Ask again
      </button>
    </p>
  ) : (
    <Loading what={what} />
  );
}
