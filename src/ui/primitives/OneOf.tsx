'use client';

import type { ReactNode } from 'react';
import { ToggleGroup } from 'radix-ui';

export interface Choice<V extends string> {
  value: V;
  words: ReactNode;
  /** What it is called where its words alone do not say of what. */
  name?: string;
}

interface OneOfProps<V extends string> {
  /** What is chosen; read out before the choices. */
  label: string;
  choices: readonly Choice<V>[];
  value: NoInfer<V> | undefined;
  choose(value: NoInfer<V>): void;
  /** Of the row of choices. */
  className?: string;
  /** Of each choice. */
  each?: string;
  /** Choices that cannot be taken now. */
  disabled?: (value: NoInfer<V>) => boolean;
  /** Told where the chosen one is taken again, so that it can be unset. */
  unset?(): void;
}

/** One of a few, side by side; arrow keys go from one to the next. */
export function OneOf<V extends string>({
  label,
  choices,
  value,
  choose,
  className = 'flex gap-2',
  each = 'act',
  disabled,
  unset,
}: OneOfProps<V>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      className={className}
      value={value ?? ''}
      onValueChange={(next) =>
        next === '' ? (unset ?? (() => choose(value!)))() : choose(next as V)
      }
    >
      {choices.map((one) => (
        <ToggleGroup.Item
          key={one.value}
          value={one.value}
          className={each}
          aria-label={one.name}
          disabled={disabled?.(one.value)}
        >
          {one.words}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

interface SomeOfProps<V extends string> extends Omit<
  OneOfProps<V>,
  'value' | 'choose' | 'disabled' | 'unset'
> {
  value: readonly NoInfer<V>[];
  choose(value: NoInfer<V>[]): void;
}

/** Several of a few, or none, side by side. */
export function SomeOf<V extends string>({
  label,
  choices,
  value,
  choose,
  className = 'flex flex-wrap gap-1.5',
  each = 'act px-2!',
}: SomeOfProps<V>) {
  return (
    <ToggleGroup.Root
      type="multiple"
      aria-label={label}
      className={className}
      value={[...value]}
      onValueChange={(next) => choose(next as V[])}
    >
      {choices.map((one) => (
        <ToggleGroup.Item key={one.value} value={one.value} className={each} aria-label={one.name}>
          {one.words}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
