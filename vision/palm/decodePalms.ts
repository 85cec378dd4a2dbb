import { PALM_INPUT_PX, type PalmOutput } from '../handModels';
import type { Place } from '../picture';
import { palmAnchors } from './anchors';

/** A palm as the model sees it; the sides of what it was shown run from 0 to 1. */
export interface Palm {
  score: number;
  /** Middle of the box. */
  x: number;
  y: number;
  width: number;
  height: number;
  wrist: Place;
  middleMcp: Place;
}

/** Below this a palm is not looked at closer: of a hand on a bow the model is often hardly surer. [measured] */
const LEAST_SCORE = 0.25;
const NUMBERS = 18;
/** Where in the seven places of a box these two stand. */
const WRIST = 0;
const MIDDLE_MCP = 2;

const ANCHORS = palmAnchors();

/** The palms that the model is at least a quarter sure of, surest first; many of them are the same palm. */
export function decodePalms({ boxes, scores }: PalmOutput, anchors = ANCHORS): Palm[] {
  const palms: Palm[] = [];
  anchors.forEach((anchor, i) => {
    const score = sigmoid(scores[i]!);
    if (score < LEAST_SCORE) return;
    const number = (n: number) => boxes[i * NUMBERS + n]! / PALM_INPUT_PX;
    const place = (n: number) => ({ x: number(n) + anchor.x, y: number(n + 1) + anchor.y });
    palms.push({
      score,
      ...place(0),
      width: number(2),
      height: number(3),
      wrist: place(4 + 2 * WRIST),
      middleMcp: place(4 + 2 * MIDDLE_MCP),
    });
  });
  return palms.sort((a, b) => b.score - a.score);
}

const sigmoid = (x: number) => 1 / (1 + Math.exp(-x));
