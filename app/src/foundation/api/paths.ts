/** The addresses of the studio's API, which are also the keys of what is cached. */
export const paths = {
  access: (step = '') => `/api/access${step === '' ? '' : `/${step}`}`,
  person: (id: string) => `/api/access/people/${id}`,
  device: (id: string) => `/api/access/devices/${id}`,
  settings: '/api/settings',
  rulerPage: (paper: string) => `/api/ruler/page.pdf?paper=${paper}`,
  cardPdf: '/api/cards/pdf',
  termPdf: '/api/terms/pdf',
  studio: '/api/studio',
  students: '/api/students',
  student: (id: string) => `/api/students/${id}`,
  handFile: (id: string, setupId?: string) =>
    `/api/students/${id}${setupId === undefined ? '' : `?setup=${setupId}`}`,
  history: (id: string, setupId: string) => `/api/students/${id}/history?setup=${setupId}`,
  exported: (name: string) => `/api/export/${name}`,
  /** @param what the preview, or the hash of the file that was previewed */
  importOf: (what: string, settings: Record<string, string>) =>
    `/api/import/${what}?${new URLSearchParams(settings).toString()}`,
  holds: '/api/holds',
  hold: (id: string) => `/api/holds/${id}`,
  relaxedHand: (id: string) => `/api/relaxed-hands/${id}`,
  take: (id: string) => `/api/takes/${id}`,
  crossing: (id: string) => `/api/crossings/${id}`,
  crossings: (setupId: string) => `/api/crossings?setup=${setupId}`,
  takes: (setupId: string) => `/api/takes?setup=${setupId}`,
  log: (id: string) => `/api/log/${id}`,
  report: (checkId: string) => `/api/letters/${checkId}`,
  reportPdf: (checkId: string) => `/api/letters/${checkId}/pdf`,
  reportMail: (checkId: string) => `/api/letters/${checkId}/mail`,
  check: (id: string) => `/api/checks/${id}`,
  picture: (id: string) => `/api/pictures/${id}`,
};
