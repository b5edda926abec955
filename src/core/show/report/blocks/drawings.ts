import { numberWords } from '../places';
import type { Block } from './block';
import { paragraph } from './say';
import type { Source } from './sheet';

/** Every panel under its name, with what is not on the drawing. */
export const drawings = ({ drawings: drawn }: Source): Block[] =>
  Object.entries(drawn).flatMap(([of, { name, drawn: isDrawn, elsewhere }]): Block[] => [
    {
      kind: 'keep',
      blocks: [
        { kind: 'heading', level: 2, text: name },
        ...(isDrawn
          ? [
              { kind: 'drawing', of } as const,
              ...paragraph(
                elsewhere.length > 0
                  ? {
                      text: `Not on this drawing: ${elsewhere.map((one) => `${numberWords(one)} ${one.says}`).join('; ')}.`,
                      weight: 'quiet',
                    }
                  : '',
              ),
            ]
          : paragraph('How many positions it has was not recorded, so it is not drawn.')),
      ],
    },
  ]);
