import type { RequestHandler } from 'express';

/** No name, number or search has a NUL in it, and the database ends a text at one. */
export const addressDoor: RequestHandler = ({ originalUrl }, response, next) => {
  if (originalUrl.includes('%00')) response.status(400).type('text').send('The address has a NUL byte in it.\n');
  else next();
};
