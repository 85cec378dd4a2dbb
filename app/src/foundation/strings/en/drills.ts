/** Exercises: what they are called, how they are done in at most three sentences, and how they are done wrong. */

/** What an exercise is called. */
export const drills: Record<string, string> = {
  'first-and-last': 'Look before the first note and after the last',
  'shake-and-form': 'Shake loose, and form it again',
  'hanging-look': 'Look at the hanging hand',
  'touch-and-leave': 'Lay the hand on, and take it off',
  'round-hold': 'Hold a ball, keep the shape',
  'tube-curl': 'Fingers round a paper tube',
  'thumb-to-crease': 'Thumb to the finger’s crease',
  'pencil-form': 'Form it on a pencil',
  'stretch-and-curl': 'Stretch and curl on a marker',
  'pencil-circle': 'Circles with a pencil',
  'thumb-release': 'Thumb releases (8×)',
  pendulum: 'Pendulum',
  'index-slide': 'Slide the index',
  'lean-to-index': 'Lean to the index and back',
  circles: 'Tip circles',
  'tip-raise': 'Raise the tip slowly',
  'finger-lifts': 'Lift one finger at a time',
  'stick-walk': 'Walk up the stick',
  'quick-take': 'Take it loosely, at once',
  'even-weight': 'Feel the weight over four fingers',
  'light-pull': 'Let the stick be pulled',
  'string-lean': 'Lean into the string',
  'press-release': 'Press and release',
  'even-bows': 'Even bows, with a look at the thumb',
  'short-bows': 'Short bows, quick stops',
  'contact-lane': 'Half way between bridge and fingerboard',
  'wrist-follows': 'The wrist follows the bow',
  'sideways-wrist': 'Short bows from a sideways wrist',
  levels: 'One level for each string',
  'arm-by-length': 'The arm by the length of the bow',
  wall: 'Play against the wall',
  'fewer-fingers': 'Play with fewer fingers',
  'mirror-watch': 'Watch in the mirror',
  'stop-and-look': 'Stop and look',
  'body-shift': 'Shift the body’s weight',
  'handshake-form': 'Shake hands with the frog',
  'hollow-look': 'Is the palm hollow?',
  'little-carries': 'The little finger carries',
};

/** How an exercise is done: what a student does, in order. */
export const drillSteps: Record<string, readonly string[]> = {
  'first-and-last': ['Look at your hold before the first note.', 'Look again after the last.'],
  'shake-and-form': [
    'Shake the hand loose and let it hang.',
    'Form the hold.',
    'Look at it, and let go.',
  ],
  'hanging-look': [
    'Let the arm hang, and look at the curl of the fingers without lifting the hand.',
    'Keep that curl while the other hand lays the bow in.',
  ],
  'touch-and-leave': [
    'Lay the hand on the stick without gripping.',
    'Take it off again. Five times.',
  ],
  'round-hold': [
    'Hold a small ball lightly.',
    'Let the ball go and keep the shape.',
    'Lay a pencil into it.',
  ],
  'tube-curl': ['Lay the fingers round a paper tube.', 'Keep that curve, and go to the stick.'],
  'thumb-to-crease': [
    'Turn the palm up, without a bow.',
    'Bring the thumb’s tip to the middle finger’s crease nearest its tip, bent. Ten times.',
  ],
  'pencil-form': ['Go through the building steps on a pencil.', 'Look, let go, and begin again.'],
  'stretch-and-curl': [
    'Hold a thick marker as if it were the bow.',
    'Stretch all joints slowly, and curl them slowly.',
  ],
  'pencil-circle': [
    'Hold a pencil as if it were the bow.',
    'Draw circles with its end, both ways.',
  ],
  'thumb-release': [
    'Let the other hand help to hold the bow.',
    'Soften the thumb and bend it again. The bow does not move. Eight times.',
  ],
  pendulum: [
    'Hold the bow with thumb and middle finger, near its balance point.',
    'Rock the tip from side to side, with nothing held tight.',
  ],
  'index-slide': [
    'Slide the index along under the stick and back: where does the tip sink by itself?',
    'Stop where the finger stays a little arched.',
  ],
  'lean-to-index': [
    'Hold the bow near its balance point.',
    'Lean the forearm to the index and back, slowly.',
  ],
  circles: [
    'Draw circles with the tip, both ways.',
    'Let the bow rise and sink by the fingers alone.',
  ],
  'tip-raise': [
    'Begin with the bow upright.',
    'Lower it slowly, as far as the hold stays as it is.',
    'Up again.',
  ],
  'finger-lifts': [
    'Lift the index and set it back.',
    'Then the two middle ones.',
    'Then the little finger.',
  ],
  'stick-walk': ['Walk the hand up the stick to the tip.', 'Walk back. The hold stays.'],
  'quick-take': [
    'Let the other hand hold the bow.',
    'Take it at once, loosely, turned toward the index. Five times.',
  ],
  'even-weight': [
    'Lay the bow into the hand, the other hand under its tip.',
    'Feel: is its weight on all four fingers?',
  ],
  'light-pull': [
    'Hold the bow ready.',
    'Pull the stick lightly with the other hand: it may slide a little.',
  ],
  'string-lean': [
    'Set the bow on the string.',
    'Let the arm’s weight bend the string sideways, and let go. No stroke.',
  ],
  'press-release': ['Lean into the string.', 'Let go as the note begins.'],
  'even-bows': [
    'Set the bow down at its balance point.',
    'Play six to ten even bows on one open string.',
    'Look at the thumb after each.',
  ],
  'short-bows': ['Play short, even bows above the middle.', 'Stop each one quickly.'],
  'contact-lane': [
    'Play long notes half way between bridge and fingerboard.',
    'Watch in the mirror whether the bow stays there.',
  ],
  'wrist-follows': [
    'Play slow, whole bows.',
    'Toward the point the wrist gives back, toward the heel it rises: the hand nods.',
  ],
  'sideways-wrist': ['Play short bows.', 'Let the wrist go sideways, and nothing else lead.'],
  levels: ['Play one slow bow on each string.', 'Let the elbow take the level of its string.'],
  'arm-by-length': [
    'Long bows from the whole arm.',
    'Short ones from the elbow.',
    'The shortest from wrist and fingers.',
  ],
  wall: ['Stand with back and upper arm at a wall.', 'Play: the upper arm stays there.'],
  'fewer-fingers': [
    'Take index and little finger off, and play in the middle of the bow.',
    'Then take ring and little finger off, and play above the middle.',
  ],
  'mirror-watch': ['Play in front of a mirror.', 'Only watch, and say what happens.'],
  'stop-and-look': ['Stop in the middle of a piece.', 'Change nothing. Look at the hold.'],
  'body-shift': ['Play slow bows.', 'Let the body’s weight go from side to side with the bow.'],
  'handshake-form': [
    'Shake hands with the frog, from behind.',
    'Button into the web, thumb on top, little finger under.',
    'Look: is the palm hollow?',
  ],
  'hollow-look': [
    'Set the bow on the string.',
    'Look: is the palm hollow, is the button in the web?',
  ],
  'little-carries': [
    'Let a helper hold a hand under the tip.',
    'The helper’s hand goes away slowly. The little finger carries.',
  ],
};

/** What is changed from one stage of an exercise to the next, from the second one on. */
export const drillStages: Record<string, readonly string[]> = {
  pendulum: ['Set the little finger on as well.', 'The same at the frog.'],
  circles: ['At the balance point.', 'At the frog.'],
  'tip-raise': ['Hold it half way down the stick.', 'At the frog.'],
  'mirror-watch': ['Now change one thing.'],
};

/** How an exercise is done wrong. */
export const drillWrong: Record<string, string> = {
  'first-and-last': 'Playing first and looking later.',
  'shake-and-form': 'Hurrying on without having looked.',
  'hanging-look': 'Lifting the hand to see it: that stiffens it.',
  'touch-and-leave': 'Gripping in between.',
  'round-hold': 'Squeezing the ball.',
  'tube-curl': 'Straightening the fingers on the way to the stick.',
  'thumb-to-crease': 'A straight thumb that touches with its pad.',
  'pencil-form': 'Holding the pencil tightly.',
  'stretch-and-curl': 'Going further than is easy.',
  'pencil-circle': 'Circles from the arm.',
  'thumb-release': 'The whole hand tightens when the thumb lets go.',
  pendulum: 'Squeezing so that the bow does not swing.',
  'index-slide': 'Pressing the tip down.',
  'lean-to-index': 'Pressing with the finger instead of leaning with the arm.',
  circles: 'Circles from the wrist or the arm.',
  'tip-raise': 'Going on when the little finger has given way.',
  'finger-lifts': 'The other fingers press to make up for it.',
  'stick-walk': 'A new hold at every step.',
  'quick-take': 'Catching it with a grip.',
  'even-weight': 'Pushing with the index.',
  'light-pull': 'Holding it fast.',
  'string-lean': 'Pressing with the index alone.',
  'press-release': 'Keeping the pressure after the note has begun.',
  'even-bows': 'Counting bows, and not looking.',
  'short-bows': 'Slowing down before the turn.',
  'contact-lane': 'Watching the notes instead of the bow.',
  'wrist-follows': 'The hand wags from side to side.',
  'sideways-wrist': 'The elbow does it.',
  levels: 'The wrist reaches for the string.',
  'arm-by-length': 'The upper arm swings in short bows.',
  wall: 'Leaning on the wall with the shoulder raised.',
  'fewer-fingers': 'The thumb straightens.',
  'mirror-watch': 'Changing things before they are seen.',
  'stop-and-look': 'Putting it right before it was looked at.',
  'body-shift': 'Bending at the hips.',
  'handshake-form': 'All fingers round the frog.',
  'hollow-look': 'Looking only at the thumb.',
  'little-carries': 'The hand is away before the finger carries.',
};

/** What is done where the bow may fall. */
export const overSoft = (names: string, n: number, isLast: boolean) =>
  `${names} (${n === 1 ? '' : isLast ? `the last ${n} ` : n === 2 ? 'both ' : 'all '}over something soft)`;
