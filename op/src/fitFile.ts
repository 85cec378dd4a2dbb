import {
  atOnce,
  fitLookInSteps,
  isHardlyTold,
  type FittedHold,
  type FittedValue,
} from '@open-palm/core/fit';
import { HAND_POINTS } from '@open-palm/core/hand';
import { InputError } from '@open-palm/core/issue';
import { readLook } from './readLook';

interface ValueAnswer {
  value: number;
  sd: number;
  unit: string;
  /** Where several answers are equally good: the truth lies in here. */
  interval?: { lo: number; hi: number };
  /** Set where that is so wide that the pictures hardly tell it. */
  hardlyTold?: true;
}

interface FitAnswer {
  /** Which pictures of the file, counted from 0. */
  pictures: number[];
  place: string | null;
  /** Between the lines of sight that lie widest apart; null with one picture. */
  apartDeg: number | null;
  /** Bends, by the point at which the joint lies. */
  joints: Record<string, ValueAnswer>;
  measures: Record<string, ValueAnswer>;
  pointsMm: Record<string, [number, number, number]>;
  /** Root mean square distance of the marked points from where the hand shows them, pixels, by picture. */
  residualPx: number[];
  /** Of every marked point, farthest first, in its own doubt. */
  residuals: { picture: number; point: string; px: number; sds: number }[];
  misplaced: { picture: number; point: string }[];
  secondViews: { view: string; meanSdDeg: number }[];
}

export interface FitFileAnswer {
  hold: { id: string; version: number };
  fits: FitAnswer[];
}

/**
 * The hand that explains the pictures of a file, one for each place in the bow.
 *
 * @param content parsed JSON of a measure file
 * @param holdId taken instead of the file's own hold
 * @throws InputError with everything that is wrong with the file, or why its pictures give no hand
 */
export function fitFile(content: unknown, holdId?: string): FitFileAnswer {
  const { look, hold, hand } = readLook(content, holdId);
  const fits = atOnce(fitLookInSteps(look, hold, hand));
  const issues = fits.flatMap((fit) => fit.issues);
  if (issues.length > 0) throw new InputError(issues);
  if (fits.length === 0) throw new InputError([{ code: 'nothingToFit', where: 'pictures' }]);
  return {
    hold: { id: hold.id, version: hold.version },
    fits: fits.flatMap(({ fitted, captures, place }) =>
      fitted ? [answerOf(fitted, captures, place)] : [],
    ),
  };
}

function answerOf(fitted: FittedHold, captures: number[], place: string | null): FitAnswer {
  const points = HAND_POINTS.map((name, i) => [name, fitted.pointsMm[i]!.map(round)] as const);
  return {
    pictures: captures,
    place,
    apartDeg: fitted.apartDeg === null ? null : round(fitted.apartDeg),
    joints: valuesOf(fitted.joints),
    measures: valuesOf(fitted.measures),
    pointsMm: Object.fromEntries(points) as FitAnswer['pointsMm'],
    residualPx: captures.map((_, i) => {
      const own = fitted.residuals.filter(({ picture }) => picture === i);
      return round(Math.sqrt(own.reduce((sum, { px }) => sum + px * px, 0) / own.length));
    }),
    residuals: [...fitted.residuals]
      .sort((a, b) => b.sds - a.sds)
      .map(({ picture, point, px, sds }) => ({
        picture: captures[picture]!,
        point,
        px: round(px),
        sds: round(sds),
      })),
    misplaced: fitted.misplaced.map(({ picture, point }) => ({
      picture: captures[picture]!,
      point,
    })),
    secondViews: fitted.secondViews.map(({ view, meanSdDeg }) => ({
      view,
      meanSdDeg: round(meanSdDeg),
    })),
  };
}

const valuesOf = (values: readonly FittedValue<string>[]): Record<string, ValueAnswer> =>
  Object.fromEntries(
    values.map(({ id, unit, value, sd, interval }) => [
      id,
      {
        value: round(value),
        sd: round(sd),
        unit,
        ...(interval ? { interval: { lo: round(interval.lo), hi: round(interval.hi) } } : {}),
        ...(interval && unit === 'deg' && isHardlyTold(interval) ? { hardlyTold: true } : {}),
      },
    ]),
  );

const round = (value: number) => Math.round(value * 1000) / 1000;
