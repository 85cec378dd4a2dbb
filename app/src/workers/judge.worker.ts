import { judgeFindings } from '@open-palm/core/judge';
import type { JudgeAnswer, JudgeQuestion } from './judgeMessages';

/** Message adapter only: with many signs the posteriors take longer than a frame. */
self.onmessage = ({ data }: MessageEvent<JudgeQuestion>) => {
  const { number, findings, hold, student } = data;
  const answer: JudgeAnswer = { number, judgement: judgeFindings(findings, hold, student) };
  self.postMessage(answer);
};
