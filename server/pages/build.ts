/** The pages, built into the server. */
export const loadPages = () => import('virtual:react-router/server-build');
