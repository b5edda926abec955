import { toJsonSchema } from '@valibot/to-json-schema';
import * as v from 'valibot';
import { problemSchema } from './problem';

const choice = v.strictObject({
  globalRemedies: v.array(v.string()),
  /** A remedy's id, "leave", or "covered by" a global remedy's id. */
  byFinding: v.record(v.string(), v.string()),
});
const amount = v.pipe(v.number(), v.minValue(0));

/** What `bin/plan` answers to an abstract problem. */
const answerSchema = v.strictObject({
  front: v.array(
    v.strictObject({
      cost: amount,
      riskLeft: amount,
      tied: v.pipe(v.number(), v.integer(), v.minValue(1)),
      /** The search for ties ended before every choice was counted. */
      tiedAtLeast: v.optional(v.literal(true)),
      choices: v.pipe(v.array(choice), v.maxLength(200)),
    }),
  ),
  byRiskLimit: v.array(
    v.variant('feasible', [
      v.strictObject({
        riskLimit: amount,
        feasible: v.literal(true),
        cost: amount,
        riskLeft: amount,
        choices: v.array(choice),
      }),
      v.strictObject({ riskLimit: amount, feasible: v.literal(false) }),
    ]),
  ),
  missing: v.array(
    v.strictObject({
      findingId: v.optional(v.string()),
      kind: v.optional(v.string()),
      by: amount,
    }),
  ),
});

const schemaOf = (schema: v.GenericSchema) => {
  const made: Record<string, unknown> = {
    ...toJsonSchema(schema, { errorMode: 'ignore', typeMode: 'input' }),
  };
  delete made['$schema'];
  return made;
};

/** The form of an abstract problem and of its answer, as JSON Schema. */
export const planJsonSchema = (): object => ({
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'A plan as an abstract problem, and its exact front',
  $defs: { problem: schemaOf(problemSchema), answer: schemaOf(answerSchema) },
  $ref: '#/$defs/problem',
});
