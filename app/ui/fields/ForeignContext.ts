import { createContext } from 'react';

/** How often the job has become what somebody else saved: what is being typed then stays. */
export const ForeignContext = createContext(0);
