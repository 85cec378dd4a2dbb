/** An error meant for the client: it is answered as it stands, and not logged as a fault. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly where: string,
  ) {
    super(message);
    this.name = 'Problem';
  }
}

export const notFound = (what: string, where: string) =>
  new Problem(404, 'notFound', `There is no ${what} with this id.`, where);
