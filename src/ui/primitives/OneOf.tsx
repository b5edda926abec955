'use client';

import { memo } from 'react';
import type { ReactNode } from 'react';
import { ToggleGroup } from 'radix-ui';
import { useStable } from './use-stable';

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
  const change = useStable((next: string | string[]) =>
    next === '' ? (unset ?? (() => choose(value!)))() : choose(next as V),
  );
  const closed = disabled && choices.filter((one) => disabled(one.value)).map((one) => one.value);
  return <Choices {...{ label, choices, className, each, closed, change }} value={value ?? ''} />;
}

interface ChoicesProps {
  label: string;
  choices: readonly Choice<string>[];
  /** What is chosen: one, or a list of some. */
  value: string | readonly string[];
  /** Those that cannot be taken now. */
  closed?: readonly string[] | undefined;
  className: string;
  each: string;
  /** The same function always. */
  change(value: string | string[]): void;
}

/** Drawn anew only where a choice, or what is chosen, is another: most of a form stays at every touch. */
const Choices = memo(function Choices({
  label,
  choices,
  value,
  closed,
  className,
  each,
  change,
}: ChoicesProps) {
  const items = choices.map((one) => (
    <ToggleGroup.Item
      key={one.value}
      value={one.value}
      className={each}
      aria-label={one.name}
      disabled={closed?.includes(one.value)}
    >
      {one.words}
    </ToggleGroup.Item>
  ));
  return typeof value === 'string' ? (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      className={className}
      value={value}
      onValueChange={change}
    >
      {items}
    </ToggleGroup.Root>
  ) : (
    <ToggleGroup.Root
      type="multiple"
      aria-label={label}
      className={className}
      value={[...value]}
      onValueChange={change}
    >
      {items}
    </ToggleGroup.Root>
  );
}, sameChoices);

function sameChoices(one: ChoicesProps, other: ChoicesProps): boolean {
  return (
    one.label === other.label &&
    one.className === other.className &&
    one.each === other.each &&
    one.change === other.change &&
    String(one.value) === String(other.value) &&
    typeof one.value === typeof other.value &&
    String(one.closed) === String(other.closed) &&
    one.choices.length === other.choices.length &&
    one.choices.every((choice, index) => {
      const its = other.choices[index]!;
      return choice.value === its.value && choice.name === its.name && choice.words === its.words;
    })
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
  const change = useStable((next: string | string[]) => choose(next as V[]));
  return <Choices {...{ label, choices, value, className, each, change }} />;
}
