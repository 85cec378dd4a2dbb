import type { Finger } from '../../hand';
import type { Hold } from '../../holds';
import type { DrawnHold } from '../../pose/drawnHold';
import type { HandBuild } from '../../pose/handBuild';
import { NOTHING_MEASURED, type MeasuredGrip } from '../../pose/measuredGrip';
import type { BareOrder } from '../bareHand';
import type { GripOrder } from '../gripDrawing';
import type { Station } from '../sight';
import { seenAt } from '../seenAt';
import { stationOf } from '../views';
import { bareDetail, CUPPED, HANGING, THUMB_TO_CREASE } from '../bareDetail';
import { DRILL_FIGURES, type DrillFigure, type Motion } from './drillFigures';

/** A line or an area laid over a drawing, in its units. */
export interface SceneMark {
  d: string;
  tone: 'amber' | 'string' | 'paper';
  /** Breadth of the line; 0 for an area. */
  width: number;
  where: 'over' | 'behind';
}

/** A drill as it is drawn; plain data. */
export interface DrillScene {
  order: { kind: 'grip'; order: GripOrder } | { kind: 'bare'; order: BareOrder };
  isTurnedOver: boolean;
  marks: SceneMark[];
}

/** How high a finger is above the stick that is off it, mm. */
const OFF_MM = 30;
const TUBE_MM = 17;
/** Where the string meets the bow, mm along the stick. */
const STRING_MM = { over: 64, under: 42 };

/** How a drill is drawn on a student's own hold; null for what has no figure. */
export function drillScene(
  drill: string,
  hold: Pick<Hold, 'hand' | 'startingPlacesMm' | 'startingDepthsU'>,
  drawn: { hold: DrawnHold; build: HandBuild },
): DrillScene | null {
  const figure = DRILL_FIGURES[drill];
  if (!figure) return null;
  return figure.hand === 'grip' ? gripScene(figure, hold, drawn) : bareScene(figure);
}

function gripScene(
  figure: Extract<DrillFigure, { hand: 'grip' }>,
  hold: Parameters<typeof drillScene>[1],
  drawn: { hold: DrawnHold; build: HandBuild },
): DrillScene {
  const { view, held = 'bow', upMm = 0, off = [], tube, onString, motion, isTurnedOver } = figure;
  const station = stationOf(view, hold.hand);
  const marks: SceneMark[] = [];
  if (tube) marks.push(...tubeOf(station));
  if (onString) marks.push(stringOf(station, hold.hand));
  if (motion) marks.push(...motionMarks(motion, frameOf(station)));
  return {
    order: {
      kind: 'grip',
      order: {
        ...drawn,
        grip: withOff(hold, off),
        view,
        held: tube ? null : held,
        upMm,
        detail: 'choice',
        unseen: [],
        beside: null,
      },
    },
    isTurnedOver: isTurnedOver ?? false,
    marks,
  };
}

const BARE = {
  hanging: { ...HANGING, detail: 'choice' as const },
  cupped: CUPPED,
  wrist: bareDetail('wristRange', 40)!.order,
  thumbToCrease: THUMB_TO_CREASE,
};

function bareScene({ hand, motion }: Exclude<DrillFigure, { hand: 'grip' }>): DrillScene {
  const order = BARE[hand];
  const [width, height] = [10 * order.station.widthMm, 10 * order.station.heightMm];
  const ball: SceneMark[] =
    hand === 'cupped'
      ? [
          {
            d: circle(0.55 * width, 0.66 * height, 0.17 * width),
            tone: 'amber',
            width: 0,
            where: 'behind',
          },
        ]
      : [];
  return {
    order: { kind: 'bare', order },
    isTurnedOver: false,
    marks: [
      ...ball,
      ...(motion
        ? motionMarks(motion, { width, height, stick: { x: 0.5 * width, y: 0.6 * height } })
        : []),
    ],
  };
}

function withOff(
  { startingPlacesMm, startingDepthsU }: Parameters<typeof drillScene>[1],
  off: readonly Finger[],
): MeasuredGrip {
  const fingers = { ...NOTHING_MEASURED.contacts.fingers };
  for (const finger of off) {
    fingers[finger] = {
      xMm: startingPlacesMm[finger],
      u: startingDepthsU[finger],
      dMm: OFF_MM,
      touching: false,
    };
  }
  return { contacts: { ...NOTHING_MEASURED.contacts, fingers }, measures: {} };
}

interface Frame {
  width: number;
  height: number;
  /** Where the stick leaves the picture on the right. */
  stick: { x: number; y: number };
}

function frameOf(station: Station): Frame {
  const right = station.at[0] + 0.38 * station.widthMm;
  const { x, y } = seenAt(station, [right, 0, 0]);
  const [width, height] = [10 * station.widthMm, 10 * station.heightMm];
  const inside = (at: number, size: number) => Math.min(0.88 * size, Math.max(0.12 * size, at));
  return { width, height, stick: { x: inside(x, width), y: inside(y, height) } };
}

/** A paper tube in the place of the stick: the fingers lie over it. */
function tubeOf(station: Station): SceneMark[] {
  const [top, bottom] = [seenAt(station, [0, TUBE_MM, 0]).y, seenAt(station, [0, -TUBE_MM, 0]).y];
  const d = `M-100 ${top}H${10 * station.widthMm + 100}V${bottom}H-100z`;
  return [
    { d, tone: 'paper', width: 0, where: 'behind' },
    { d, tone: 'string', width: 12, where: 'behind' },
  ];
}

const stringOf = (station: Station, hand: Hold['hand']): SceneMark => {
  const [top, bottom] = [34, -60].map((y) => seenAt(station, [STRING_MM[hand], y, 0]));
  return {
    d: `M${top!.x} ${top!.y}L${bottom!.x} ${bottom!.y}`,
    tone: 'string',
    width: 24,
    where: 'over',
  };
};

const circle = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;

type Place = readonly [number, number];

/** A line with a head at its end, and at its beginning too where it goes both ways. */
function arrow([x1, y1]: Place, [x2, y2]: Place, head: number, isBoth = false): string {
  const angle = Math.atan2(y2 - y1, x2 - x1);
  const barbs = (x: number, y: number, way: number) =>
    [0.6, -0.6]
      .map((by) => {
        const [bx, by2] = [x - head * Math.cos(way + by), y - head * Math.sin(way + by)];
        return `M${Math.round(bx)} ${Math.round(by2)}L${Math.round(x)} ${Math.round(y)}`;
      })
      .join('');
  const line = `M${Math.round(x1)} ${Math.round(y1)}L${Math.round(x2)} ${Math.round(y2)}`;
  return line + barbs(x2, y2, angle) + (isBoth ? barbs(x1, y1, angle + Math.PI) : '');
}

/** What moves, in strokes over the picture. */
function motionMarks(motion: Motion, { width, height, stick }: Frame): SceneMark[] {
  const [head, line] = [0.05 * width, 0.024 * width];
  const strokes = (...ds: string[]): SceneMark[] => [
    { d: ds.join(''), tone: 'amber', width: line, where: 'over' },
  ];
  const [left, top, bottom] = [0.1 * width, 0.1 * height, 0.9 * height];
  const reach = 0.16 * height;
  switch (motion) {
    case 'upDown':
      return strokes(arrow([stick.x, top], [stick.x, top + 1.6 * reach], head, true));
    case 'along':
      return strokes(arrow([0.3 * width, top], [0.7 * width, top], head, true));
    case 'circle': {
      const r = 0.075 * width;
      return strokes(
        circle(stick.x, stick.y, r),
        arrow([stick.x - 1, stick.y - r], [stick.x + 0.4 * head, stick.y - r], 0.9 * head),
      );
    }
    case 'seesaw':
      return strokes(
        arrow([left, stick.y - 0.6 * reach], [left, stick.y + 0.6 * reach], head, true),
        arrow([stick.x, stick.y + 0.6 * reach], [stick.x, stick.y - 0.6 * reach], head, true),
      );
    case 'press':
      return strokes(arrow([stick.x, top], [stick.x, top + 1.5 * reach], head));
    case 'lift':
      return strokes(
        arrow([stick.x, stick.y + 0.4 * reach], [stick.x, stick.y - 1.5 * reach], head),
      );
    case 'pull':
      return strokes(
        arrow(
          [stick.x - 0.12 * width, stick.y + reach],
          [stick.x + 0.06 * width, stick.y + reach],
          head,
        ),
      );
    case 'forward':
      return strokes(arrow([0.32 * width, bottom], [0.68 * width, bottom], head));
    case 'nod':
      return strokes(
        `M${left} ${0.4 * height}q${-0.06 * width} ${0.13 * height} 0 ${0.26 * height}`,
        `M${width - left} ${0.4 * height}q${0.06 * width} ${0.13 * height} 0 ${0.26 * height}`,
      );
    case 'turn':
      return strokes(
        `M${0.76 * width} ${0.12 * height}a${0.2 * width} ${0.2 * width} 0 0 1 ${0.12 * width} ${0.22 * height}`,
        arrow([0.882 * width, 0.32 * height], [0.88 * width, 0.36 * height], head),
      );
  }
}
