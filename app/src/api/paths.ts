/** The addresses of the studio's API, which are also the keys of what is cached. */
export const paths = {
  students: '/api/students',
  student: (id: string) => `/api/students/${id}`,
  check: (id: string) => `/api/checks/${id}`,
  picture: (id: string) => `/api/pictures/${id}`,
};
