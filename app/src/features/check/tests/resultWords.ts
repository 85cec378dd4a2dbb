import type { TestResult } from '@open-palm/contract';
import { reFormScatter, testById } from '@open-palm/core/practice';
import { strings } from '../../../foundation/strings';

const words = strings.testing;

/** What a test showed, in one line. */
export function resultWords(test: string, result: TestResult): string {
  const clean = testById(test)?.records.find((recorder) => recorder.kind === 'cleanOf');
  const scatter = reFormScatter(result.placements ?? []);
  return [
    ...(result.seconds === undefined ? [] : [words.seconds(result.seconds.toFixed(1))]),
    ...(result.clean === undefined
      ? []
      : [
          `${words.clean.toLowerCase()} ${result.clean}/${clean?.kind === 'cleanOf' ? clean.of : ''}`,
        ]),
    ...(result.angleDeg === undefined ? [] : [words.upTo(result.angleDeg)]),
    ...(result.downToDeg === undefined ? [] : [words.downTo(result.downToDeg)]),
    ...(result.counts === undefined ? [] : [`${words.counts} ${result.counts}`]),
    ...(result.steps === undefined ? [] : [`${words.steps} ${result.steps}`]),
    ...(result.breaks === undefined ? [] : [`${words.breaks} ${result.breaks}`]),
    ...(result.part === undefined ? [] : [words.parts[result.part]]),
    ...Object.values(result.answers ?? {}).map((option) => words.options[option] ?? option),
    ...(scatter === null ? [] : [words.thumbScatter(scatter.thumbSdMm.toFixed(1))]),
  ].join(' · ');
}
