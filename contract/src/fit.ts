import { z } from 'zod';
import type { FitOfLook } from '@open-palm/core/fit';
import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import { PLACES, POINT_NAMES, SIDES } from '@open-palm/core/measure';

const pointMm = z.tuple([z.number(), z.number(), z.number()]);

const pointsMmSchema = z.array(pointMm).length(HAND_POINTS.length);

/** A hand that was fitted to several pictures of a check, as it was kept. */
export const keptFitSchema = z
  .object({
    /** Which of the check's captures. */
    captures: z.array(z.number().int()),
    place: z.enum(PLACES).nullable(),
    side: z.enum(SIDES),
    apartDeg: z.number().nullable(),
    /** The 21 points in the bow's frame of a right hand, mm. */
    pointsMm: pointsMmSchema,
    joints: z.array(
      z
        .object({
          id: z.enum(HAND_POINTS),
          value: z.number(),
          sd: z.number(),
          interval: z.object({ lo: z.number(), hi: z.number() }).strict().nullable(),
        })
        .strict(),
    ),
    /** Root mean square distance of the marks from where this hand shows them, px of the pictures. */
    residualPx: z.number(),
    misplaced: z.array(
      z.object({ picture: z.number().int(), point: z.enum(POINT_NAMES) }).strict(),
    ),
  })
  .strict();

export type KeptFit = z.infer<typeof keptFitSchema>;

/** The newest fitted hand of an instrument. */
export const fittedHandSchema = z
  .object({
    checkId: z.string(),
    takenAt: z.string(),
    side: z.enum(SIDES),
    pointsMm: pointsMmSchema,
  })
  .strict();

export type FittedHandRecord = z.infer<typeof fittedHandSchema>;

const round = (value: number) => Math.round(value * 100) / 100;

/** What is kept of the hands fitted to a look; pictures that gave none leave nothing. */
export const keptFits = (fits: readonly FitOfLook[]): KeptFit[] =>
  fits.flatMap(({ captures, place, fitted }) => {
    if (!fitted) return [];
    const { side, apartDeg, pointsMm, joints, residuals, misplaced } = fitted;
    const squares = residuals.reduce((sum, { px }) => sum + px * px, 0);
    return [
      {
        captures,
        place,
        side,
        apartDeg: apartDeg === null ? null : round(apartDeg),
        pointsMm: pointsMm.map((point) => point.map(round) as [number, number, number]),
        joints: joints.map(({ id, value, sd, interval }) => ({
          id: id satisfies HandPointName,
          value: round(value),
          sd: round(sd),
          interval: interval && { lo: round(interval.lo), hi: round(interval.hi) },
        })),
        residualPx: round(Math.sqrt(squares / residuals.length)),
        misplaced: misplaced.map(({ picture, point }) => ({
          picture: captures[picture]!,
          point,
        })),
      },
    ];
  });
