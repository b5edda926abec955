'use client';

import { useState } from 'react';
import type { ComponentProps } from 'react';
import { valibotResolver } from '@hookform/resolvers/valibot';
import { useForm } from 'react-hook-form';
import * as v from 'valibot';
import { postJson } from '@/client/http';
import { Brand } from '../primitives/Brand';
import { useAwake } from '../primitives/use-awake';
import { timeZones } from '../primitives/time-zones';

const foundSchema = v.object({
  office: v.pipe(v.string(), v.trim(), v.minLength(1, 'Name the office.')),
  timeZone: v.string(),
  lengths: v.picklist(['us', 'metric']),
  address: v.string(),
  paper: v.picklist(['letter', 'a4']),
  dates: v.picklist(['month-first', 'day-first']),
  name: v.pipe(v.string(), v.trim(), v.minLength(1, 'Say your name as it stands under a report.')),
  email: v.pipe(v.string(), v.trim(), v.rfcEmail('An e-mail address such as you@office.example.')),
  licence: v.pipe(v.string(), v.trim()),
  password: v.pipe(v.string(), v.minLength(12, 'At least 12 characters.')),
});

/** The first start: an office, and whoever opens it. */
export function Found({ token }: { token: string }) {
  const awake = useAwake();
  const [faults, setFaults] = useState<string[]>([]);
  const [done, setDone] = useState(false);
  const { register, handleSubmit, formState } = useForm<v.InferInput<typeof foundSchema>>({
    resolver: valibotResolver(foundSchema),
    defaultValues: {
      office: '',
      timeZone: 'UTC',
      lengths: 'us',
      address: '',
      paper: 'letter',
      dates: 'month-first',
      name: '',
      email: '',
      licence: '',
      password: '',
    },
  });
  const fault = (name: keyof typeof formState.errors) => formState.errors[name]?.message;
  const found = handleSubmit(async (typed) => {
    const answer = await postJson(`/found/${token}/submit`, typed);
    setFaults(answer.ok ? [] : answer.faults);
    setDone(answer.ok);
  });
  return (
    <main className="mx-auto grid min-h-dvh max-w-xl content-center gap-5 p-6">
      <Brand />
      <h1 className="text-2xl leading-tight font-bold">
        {done ? 'The office is founded' : 'Found your office'}
      </h1>
      {done ? (
        <p>
          This link is used up.{' '}
          <a className="font-semibold underline" href="/sign-in">
            Sign in
          </a>{' '}
          with the address and password you chose.
        </p>
      ) : (
        <form className="grid gap-4" onSubmit={found}>
          <p className="text-ink2">
            This link works once. Settings can be changed later; the name of the office and of
            whoever signs stand under every report.
          </p>
          <Field label="Name of the office" fault={fault('office')} {...register('office')} />
          <div className="grid gap-4 sm:grid-cols-2">
            <label className="grid content-start gap-1 font-semibold">
              Time zone
              <select className="field font-normal" {...register('timeZone')}>
                {timeZones.map((zone) => (
                  <option key={zone} value={zone}>
                    {zone.replaceAll('_', ' ')}
                  </option>
                ))}
              </select>
            </label>
            <label className="grid content-start gap-1 font-semibold">
              Lengths
              <select className="field font-normal" {...register('lengths')}>
                <option value="us">feet and inches</option>
                <option value="metric">metres and millimetres</option>
              </select>
            </label>
            <label className="grid content-start gap-1 font-semibold">
              Paper
              <select className="field font-normal" {...register('paper')}>
                <option value="letter">Letter</option>
                <option value="a4">A4</option>
              </select>
            </label>
            <label className="grid content-start gap-1 font-semibold">
              Dates
              <select className="field font-normal" {...register('dates')}>
                <option value="month-first">April 14, 2026</option>
                <option value="day-first">14 April 2026</option>
              </select>
            </label>
          </div>
          <label className="grid gap-1 font-semibold">
            Address of the office, a line each
            <textarea
              className="field h-auto py-2 font-normal"
              rows={3}
              maxLength={400}
              {...register('address')}
            />
          </label>
          <Field
            label="Your name"
            autoComplete="name"
            fault={fault('name')}
            {...register('name')}
          />
          <Field label="Licence number, if any" fault={fault('licence')} {...register('licence')} />
          <Field
            label="E-mail"
            type="email"
            autoComplete="username"
            fault={fault('email')}
            {...register('email')}
          />
          <Field
            label="Password, 12 characters or more"
            type="password"
            autoComplete="new-password"
            fault={fault('password')}
            {...register('password')}
          />
          {faults.map((one) => (
            <p key={one} role="alert" className="text-danger font-semibold">
              {one}
            </p>
          ))}
          <button
            className="act act-main min-h-11"
            disabled={!awake || formState.isSubmitting}
            type="submit"
          >
            Found the office
          </button>
        </form>
      )}
    </main>
  );
}

const Field = ({
  label,
  fault,
  ...input
}: ComponentProps<'input'> & { label: string; fault: string | undefined }) => (
  <label className="grid gap-1 font-semibold">
    {label}
    <input className="field min-h-11 font-normal" aria-invalid={fault !== undefined} {...input} />
    {fault && (
      <span role="alert" className="text-danger font-normal">
        {fault}
      </span>
    )}
  </label>
);
