import { v7 as uuidv7 } from 'uuid';
import { HEADERS } from '@open-palm/contract';
import { freshStudent } from './examples';
import { BUILD, openTestStudio } from './testStudio';

/** A studio with a student whose hand has a tone of its own, and what is printed in it. */
export async function openPaperStudio() {
  const studio = await openTestStudio();
  const studentId = uuidv7();
  const student = freshStudent({ skinTone: 'umber' });
  await studio.put(`/api/students/${studentId}`, student);
  const post = (path: string, body: object) =>
    studio.ask(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', [HEADERS.build]: BUILD, Origin: studio.url },
      body: JSON.stringify(body),
    });
  return {
    studentId,
    setupId: student.setups[0]!.id,
    post,
    async print(path: string, body: object): Promise<Buffer> {
      const answer = await post(path, body);
      expect(answer.headers.get('content-type')).toBe('application/pdf');
      return Buffer.from(answer.body as unknown as ArrayBuffer);
    },
    close: () => studio.close(),
  };
}

/** How many pages a PDF has. */
export const pagesOf = (pdf: Buffer): number =>
  pdf.toString('latin1').match(/\/Type \/Page\b/g)!.length;
