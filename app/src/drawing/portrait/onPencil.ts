import { createContext } from 'react';

/** Whether what is drawn as a bow is a pencil or a thick marker: the same hold, without a frog. */
export const OnPencil = createContext(false);
