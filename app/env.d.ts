/// <reference types="vite/client" />
/// <reference types="@react-router/dev/routes" />

declare module 'virtual:react-router/server-build' {
  import type { ServerBuild } from 'react-router';
  const build: ServerBuild;
  export = build;
}
