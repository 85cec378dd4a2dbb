import type { MeasureId } from '@open-palm/core/measure';

/** What is drawn beside a cue: a checkpoint as it should look, or a small scene of its own. */
export type CueFigureSpec = { measure: MeasureId; looks: number | string } | { scene: Scene };

export const SCENES = [
  'turnedOver',
  'higherUp',
  'handForward',
  'shortDoses',
  'lighterBow',
  'hollowPalm',
  'button',
  'nail',
] as const;

export type Scene = (typeof SCENES)[number];

const looks = (measure: MeasureId, at: number | string): CueFigureSpec => ({ measure, looks: at });
const scene = (name: Scene): CueFigureSpec => ({ scene: name });

/** The small figure of every shipped cue. */
export const CUE_FIGURES: Readonly<Record<string, CueFigureSpec>> = {
  'seat-nail-corner': looks('thumbContact', 'tip'),
  'set-upside-down': scene('turnedOver'),
  'bend-before-touching': looks('thumbIpFlexion', 40),
  'draw-thumb-back': looks('thumbThrough', -4),
  'thumb-from-the-side': looks('thumbFacet', '7'),
  'thumb-release-cue': looks('thumbMcpFlexion', 20),
  'face-the-middle-finger': looks('thumbOpposition', 0),
  'cut-thumbnail': scene('nail'),
  'little-tip-on-top': looks('littlePlace', 'top'),
  'higher-up-the-stick': scene('higherUp'),
  'little-to-the-hands-side': looks('littlePlace', 'top'),
  'little-rides-at-the-point': looks('littlePipFlexion', 15),
  'little-tip-on-the-frog': looks('littlePlace', 'over'),
  'index-supports-the-tip': looks('indexLead', 30),
  'index-ahead': looks('indexLead', 30),
  'hand-forward': scene('handForward'),
  'roll-the-forearm': looks('handLean', 18),
  'find-the-arch': looks('indexPipFlexion', 45),
  'elbow-to-the-wrist': looks('elbowLevel', 'level'),
  'let-fingers-drop': looks('middlePipFlexion', 45),
  'elbow-level': looks('elbowLevel', 'level'),
  'widen-a-little': looks('gap23', 20),
  'narrow-a-little': looks('gap23', 12),
  'hang-from-above': looks('handLean', 18),
  'arm-weight': looks('wristFlexion', 12),
  'wrist-hangs': looks('wristFlexion', 25),
  'round-knuckles': looks('knuckleHeight', 25),
  'follow-the-bridge': looks('bowSkew', 0),
  'lean-the-stick': looks('stickRoll', 'leaning'),
  'shorter-doses': scene('shortDoses'),
  'set-the-hair': looks('hairClearance', 6),
  'lighter-bow': scene('lighterBow'),
  'hollow-palm': scene('hollowPalm'),
  'soften-thumb-on-top': looks('thumbIpFlexion', 20),
  'little-under-the-frog': looks('littlePlace', 'under'),
  'index-beside-the-stick': looks('indexPipFlexion', 20),
  'button-into-the-web': scene('button'),
};
