import type { Facts } from '../entries/properties';
import { properties } from '../entries/properties';
import { capital } from '../../vocabulary/phrases';
import { readNumbers } from './numbers';
import { number, panel } from './understood';
import type { Understood } from './understood';
import type { Word } from './parse-words';

/** `bus 125 circuits 30 tandem 17-24 grounds 2 accepts Tarnholt,Oskelund TQ`. */
export function readLabel(words: readonly Word[]): Understood {
  const facts: Facts = {};
  const meanings: string[] = [];
  for (let index = 1; index < words.length; index += 2) {
    const key = words[index]!.text.toLowerCase();
    const value = words[index + 1];
    if (!value) return { fault: `say what the label says of ${key}`, at: index };
    const figure = number(value);
    const wholeFigure = Number.isInteger(figure) && figure > 0;
    if (key === 'bus' && wholeFigure) facts.labelBusA = figure;
    else if (key === 'main' && wholeFigure) facts.labelMainA = figure;
    else if (key === 'circuits' && wholeFigure) facts.labelCircuits = figure;
    else if (key === 'grounds' && wholeFigure) facts.labelGroundsPerTerminal = figure;
    else if (key === 'stab' && wholeFigure) facts.labelStabA = figure;
    else if (key === 'kaic' && figure > 0) facts.interruptingKa = figure;
    else if (key === 'tandem' && readNumbers(value.text))
      facts.labelTandemPositions = readNumbers(value.text)!;
    else if (key === 'pairs' && readPairs(value.text))
      facts.labelTandemRatings = readPairs(value.text)!;
    else if (key === 'accepts') {
      facts.labelAccepts = words
        .slice(index + 1)
        .map((word) => word.text)
        .join(' ')
        .split(',')
        .map((one) => capital(one.trim()))
        .filter(Boolean);
      meanings.push(key, facts.labelAccepts.join(', '));
      return panel(facts, ...meanings);
    } else
      return {
        fault:
          'after label: bus, main, circuits, grounds, stab, kaic with a figure; tandem 17-24; pairs 15/15,15/20; accepts names',
        at: index,
      };
    meanings.push(key, value.text);
  }
  return Object.keys(facts).length > 0
    ? panel(facts, ...meanings)
    : { fault: 'say what the label says: label bus 125 circuits 30', at: 0 };
}

const pairNames = properties.labelTandemRatings.choices;

/** `15/15,20/15`: pairs of ratings, the lesser of each first; undefined where one is none of those. */
function readPairs(text: string): Facts['labelTandemRatings'] | undefined {
  const pairs = text.split(',').map((one) =>
    one
      .split('/')
      .map(Number)
      .sort((a, b) => a - b)
      .join('/'),
  );
  const known = (one: string): one is keyof typeof pairNames => Object.hasOwn(pairNames, one);
  return pairs.every(known) ? pairs : undefined;
}
