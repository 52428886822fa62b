import type { Rolldown, Plugin } from 'vite';
import { INSTALLED } from './server.ts';

/** What a route answers with on the server's side. */
const ANSWERS = ['loader', 'action'];
/** What a page may ask for that is not built in: its log. */
const ASKED_FOR = ['pino'];

/**
 * Routes as the threads know them that make pages: these ask another thread for what a route has to show, and need
 * neither the database nor anything else that an answer takes. What a route's answers alone asked for goes with them.
 */
export const withoutAnswers = (): Plugin => ({
  name: 'without-answers',
  enforce: 'post',
  transform(code, id) {
    if (!/\/app\/(routes\/[^/]+|root)\.tsx?$/.test(id)) return null;
    // That a route has answers, pages say to the browser.
    const without = this.parse(code).body.reduceRight((rest, part) => {
      const name = ANSWERS.find((answer) => namesOf(part).includes(answer));
      return name ? `${rest.slice(0, part.start)}export const ${name} = () => null;${rest.slice(part.end)}` : rest;
    }, code);
    return { code: without };
  },
  generateBundle(_options, bundle) {
    for (const part of Object.values(bundle))
      for (const name of part.type === 'chunk' ? [...part.imports, ...part.dynamicImports] : [])
        if (INSTALLED.includes(name) && !ASKED_FOR.includes(name))
          this.error(`${part.fileName} asks for ${name}: it is needed outside of loaders and actions`);
  },
});

type Part = ReturnType<Rolldown.PluginContext['parse']>['body'][number];

/** What a part of a module exports by declaring it. */
function namesOf(part: Part): string[] {
  if (part.type !== 'ExportNamedDeclaration' || !part.declaration) return [];
  const { declaration } = part;
  if (declaration.type === 'FunctionDeclaration') return declaration.id ? [declaration.id.name] : [];
  if (declaration.type !== 'VariableDeclaration') return [];
  return declaration.declarations.flatMap(({ id }) => (id.type === 'Identifier' ? [id.name] : []));
}
